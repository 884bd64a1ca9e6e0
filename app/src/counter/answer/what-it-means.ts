import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { meanPlateDg } from '@core/pack/eater';
import { HouseholdStore } from '../../household/household-store';
import { isOld } from '@core/price/is-old';
import { PieceAsked } from '../piece/piece-asked';
import { AnswerNow } from './answer-now';

const LIST = new Intl.ListFormat('en-GB');

/** What the answer means on a plate, how sure it is, and what may go wrong before it turns. */
@Component({
  selector: 'v-what-it-means',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (plate(); as plate) {
      <p class="plates">
        <span
          >a portion <b>{{ plate.ours }}</b></span
        >
        @if (plate.shop; as shop) {
          <span
            >bought cut <b>{{ shop }}</b></span
          >
        }
      </p>
    }
    @for (line of lines(); track line) {
      <p class="soft">{{ line }}</p>
    }
  `,
  styles: `
    p {
      margin: 4px 0;
    }
    .plates {
      display: flex;
      flex-wrap: wrap;
      justify-content: space-between;
      gap: 2px 12px;
    }
    @media (min-width: 1024px) {
      .plates span {
        flex: 1 0 100%;
        display: flex;
        justify-content: space-between;
        align-items: baseline;
      }
    }
    b {
      font-size: var(--large);
    }
  `,
})
export class WhatItMeans {
  private readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly piece = inject(PieceAsked);
  private readonly answer = inject(AnswerNow);

  /** Of boneless raw meat, as much as one eater gets on average. */
  protected readonly plate = computed(() => {
    const [prediction, perKg] = [this.answer.prediction(), this.answer.perKg()];
    if (!prediction || perKg === null || prediction.meat.share <= 0) return null;
    const kg = meanPlateDg(this.store.settings()) / 10_000 / prediction.meat.share;
    const even = this.answer.even();
    const atLeast = this.answer.isMissing() ? 'at least ' : '';
    return {
      ours: this.format.money(Math.round(perKg * kg)),
      shop: even === null ? '' : atLeast + this.format.money(Math.round(even * kg)),
    };
  });

  protected readonly lines = computed(() =>
    [this.howSure(), this.howLow(), this.slip(), this.takenAs(), this.old()].filter(Boolean),
  );

  private howSure(): string {
    const told = this.answer.told();
    if (!told || told.leans === 'open') return '';
    const range = told.range && `${told.range}, four times in five`;
    return [range, told.chance]
      .filter(Boolean)
      .map((text) => `${text}.`)
      .join(' ');
  }

  private howLow(): string {
    const low = this.answer.howLow();
    return low && `The price is ${low}.`;
  }

  private slip(): string {
    const [slips, kind] = [this.answer.slips(), this.piece.kind()];
    const part = kind?.parts.find(({ id }) => id === slips?.part);
    // Of what saves nothing to speak of there is nothing to lose.
    if (!slips || !part || this.answer.told()?.leans !== 'ahead') return '';
    const of = (part.portion ?? part.name).toLowerCase();
    const mass = (massDg: number): string => this.format.roughMass(massDg);
    if (slips.isAll)
      return `Nothing to be afraid of: all the ${of} could go to the grinder, and it would still save.`;
    const small = (massDg: number): string =>
      massDg < 10_000 ? this.format.mass(Math.round(massDg / 100) * 100) : mass(massDg);
    const atLeast = this.answer.isMissing() ? 'at least ' : '';
    return slips.toGrindDg === null
      ? `You can lose ${atLeast}${small(slips.lostDg)} of ${of} and still be even.`
      : `You can lose ${atLeast}${small(slips.toGrindDg)} of ${of} to the grinder and still be even.`;
  }

  /** A price that counts and is older than a year says so. */
  private old(): string {
    const prices = (this.answer.prediction()?.parts ?? []).flatMap(({ price }) =>
      price?.state === 'known' && isOld(price.going) ? [this.answer.nameOf(price.item)] : [],
    );
    return prices.length === 0 ? '' : `Over a year old: the price of ${LIST.format(new Set(prices))}.`;
  }

  /** What stands in for what was not typed. */
  private takenAs(): string {
    if (!this.answer.verdict() || this.piece.label.massDg() !== null) return '';
    return `For a usual ${this.format.roughMass(this.answer.massDg())}: type the weight to buy it.`;
  }
}
