import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { Board } from '../bench/board';
import { Hand } from '../bench/hand';

/** Where this part usually lies, in the catalogue and in this household, and where it stands with the weight there is. */
@Component({
  selector: 'v-range-strip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (shown(); as now) {
      <svg viewBox="0 0 280 26" aria-hidden="true">
        <path class="axis" d="M0 13H280" />
        <rect
          class="catalogue"
          [attr.x]="now.catalogue[0]"
          y="6"
          [attr.width]="now.catalogue[1] - now.catalogue[0]"
          height="14"
        />
        @if (now.own) {
          <rect class="own" [attr.x]="now.own[0]" y="9" [attr.width]="now.own[1] - now.own[0]" height="8" />
        }
        @if (now.before > 0) {
          <path class="before" [attr.d]="'M' + now.before + ' 5V21'" />
        }
        <path class="at" [attr.d]="'M' + now.at + ' 1V25'" />
      </svg>
      <p class="soft">{{ now.text }}</p>
    }
  `,
  styles: `
    :host {
      display: block;
      min-height: 62px;
    }
    svg {
      width: 100%;
      height: 24px;
      display: block;
      margin-top: 4px;
    }
    .axis {
      stroke: var(--line);
      stroke-width: 1.5;
    }
    .catalogue {
      fill: var(--line);
    }
    .own {
      fill: var(--twine);
    }
    .at {
      stroke: var(--ink);
      stroke-width: 3.5;
    }
    .before {
      stroke: var(--soft);
      stroke-width: 1.5;
    }
    p {
      margin: 0;
      font-size: var(--small);
      line-height: 1.25;
    }
    @media (max-width: 699px), (max-height: 860px) {
      :host {
        min-height: 40px;
      }
      svg {
        height: 18px;
        margin-top: 2px;
      }
    }
    @media (max-width: 699px) {
      svg {
        display: none;
      }
    }
  `,
})
export class RangeStrip {
  private readonly board = inject(Board);
  private readonly hand = inject(Hand);
  private readonly format = inject(Format);

  protected readonly shown = computed(() => {
    const range = this.hand.range();
    if (!range || this.board.mustDrain()) return null;
    const { catalogue, own, offDg } = range;
    const withThis = offDg + (this.hand.weighed()?.massDg ?? 0);
    const highest = Math.max(catalogue[1], own?.[1] ?? 0) * 1.35;
    const x = (massDg: number): number => Math.round(Math.min(1, massDg / highest) * 280);
    const span = ([low, high]: readonly [number, number]): string => `${this.format.roughSpan(low, high)}`;
    const all =
      withThis > 0
        ? `${this.format.mass(withThis)}${offDg > 0 && withThis > offDg ? ' with this' : ''}; `
        : '';
    return {
      catalogue: [x(catalogue[0]), x(catalogue[1])] as const,
      own: own && ([x(own[0]), x(own[1])] as const),
      before: x(offDg),
      at: x(withThis),
      text: `${all}usually ${span(catalogue)} in all${own ? `, here ${span(own)}` : ''}.${this.lastWords(withThis)}`,
    };
  });

  /** "Your last 4 had 3 points less": only where it differs enough to be worth a word. */
  private lastWords(massDg: number): string {
    const against = this.hand.againstLast(massDg);
    if (!against) return '';
    const points = this.format.count(Math.round(Math.abs(against.more) * 100), 'point');
    return ` Your last ${against.pieces} had ${points} ${against.more > 0 ? 'less' : 'more'}.`;
  }
}
