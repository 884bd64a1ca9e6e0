import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

/** What a place looks like before anything is there, in three weights of line: contour, edge, grain. */
const PICTURES = {
  board: {
    contour: 'M12 28H196Q204 28 204 36V92Q204 100 196 100H12Q4 100 4 92V36Q4 28 12 28Z',
    edge: 'M180 64m-9 0a9 9 0 1 0 18 0a9 9 0 1 0 -18 0M226 22L232 92Q240 60 236 22ZM228 22V4H234V22',
    grain: 'M20 46H150M20 58H120M20 70H156M20 82H134',
  },
  drawer: {
    contour: 'M4 40H236V104H4ZM24 16H216L236 40H4Z',
    edge: 'M96 70H144V78H96ZM24 16V34M216 16V34',
    grain: 'M34 24H206M28 31H212',
  },
  tray: {
    contour: 'M16 40H164L178 92H2Z',
    edge: 'M30 50H150L158 82H22ZM196 30H236V92H196ZM196 30a8 8 0 0 1 0 14M236 30a8 8 0 0 1 0 14',
    grain: 'M204 56H228M204 66H228M204 76H220',
  },
  ledger: {
    contour: 'M120 26Q80 10 20 18V98Q80 90 120 104Q160 90 220 98V18Q160 10 120 26Z',
    edge: 'M120 26V104',
    grain:
      'M36 36Q74 32 104 40M36 50Q74 46 104 54M36 64Q74 60 104 68M136 40Q166 32 204 36M136 54Q166 46 204 50M136 68Q166 60 204 64',
  },
  path: {
    contour: 'M20 96Q70 96 92 70T170 40',
    edge: 'M204 28m-7 0a7 7 0 1 0 14 0a7 7 0 1 0 -14 0M180 34l8 6M176 46l10 -2',
    grain: 'M30 104H120M150 60H220M60 30H110',
  },
} as const;

export type BarePlace = keyof typeof PICTURES;

/** A bare board, an empty drawer: where nothing is yet, its place is shown. */
@Component({
  selector: 'v-bare-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg viewBox="0 0 240 112" width="240" height="112" aria-hidden="true">
      <path class="contour" [attr.d]="picture().contour" />
      <path class="edge" [attr.d]="picture().edge" />
      <path class="grain" [attr.d]="picture().grain" />
    </svg>
  `,
  styles: `
    :host {
      display: block;
      margin-bottom: 14px;
    }
    svg {
      max-width: 100%;
      height: auto;
      overflow: visible;
    }
    path {
      fill: none;
      stroke: var(--ink);
      stroke-linejoin: round;
    }
    .contour {
      stroke-width: 2;
      fill: var(--sheet);
    }
    .edge {
      stroke-width: 1.2;
    }
    .grain {
      stroke: var(--twine);
      stroke-width: 0.8;
    }
  `,
})
export class BarePicture {
  readonly of = input.required<BarePlace>();
  protected readonly picture = computed(() => PICTURES[this.of()]);
}
