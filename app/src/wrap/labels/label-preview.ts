import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { LaidLabel } from '@core/label/label-layout';
import { stretches } from '@core/label/stretches';

/** A label as it will come out, to scale. */
@Component({
  selector: 'v-label-preview',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      [attr.viewBox]="'0 0 ' + size()[0] + ' ' + size()[1]"
      [style.width]="size()[0] + 'mm'"
      role="img"
      [attr.aria-label]="spoken()"
    >
      <rect x="0" y="0" [attr.width]="size()[0]" [attr.height]="size()[1]" class="paper" />
      @for (line of label().lines; track $index) {
        <text
          [attr.x]="line.xMm"
          [attr.y]="line.yMm"
          [attr.font-size]="line.sizeMm"
          [attr.font-weight]="line.weight === 'bold' ? 700 : 400"
        >
          {{ line.text }}
        </text>
      }
      <path [attr.d]="edge()" />
      <path [attr.d]="dots()" />
    </svg>
  `,
  styles: `
    svg {
      display: block;
      max-width: 100%;
      height: auto;
    }
    .paper {
      fill: #fff;
      stroke: #8a7d6d;
      stroke-width: 0.2;
    }
    text {
      font-family: 'Atkinson Hyperlegible Next Variable', sans-serif;
      /* As wide as it was measured, and as it is printed. */
      font-variant-numeric: normal;
      fill: #000;
    }
    path {
      fill: #000;
    }
    @media print {
      .paper {
        stroke: none;
      }
    }
  `,
})
export class LabelPreview {
  readonly label = input.required<LaidLabel>();
  readonly size = input.required<readonly [number, number]>();
  protected readonly spoken = computed(() =>
    this.label()
      .lines.map(({ text }) => text)
      .join('. '),
  );
  protected readonly edge = computed(() =>
    this.label()
      .edge.map((shape) => `M${shape.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join('L')}Z`)
      .join(''),
  );
  protected readonly dots = computed(() => {
    const { xMm, yMm, sizeMm, modules } = this.label().qr;
    const dot = sizeMm / modules.length;
    return modules
      .flatMap((row, y) =>
        stretches(row).map(
          ({ from, length }) =>
            `M${(xMm + from * dot).toFixed(3)} ${(yMm + y * dot).toFixed(3)}h${(length * dot).toFixed(3)}v${dot.toFixed(3)}h${(-length * dot).toFixed(3)}z`,
        ),
      )
      .join('');
  });
}
