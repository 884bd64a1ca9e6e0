import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { ActivatedRoute, RouterLink } from '@angular/router';
import type { Kind } from '@core/catalogue/kind-schema';
import { Format } from '@core/format/format';
import { plateOf } from '@core/pack/eater';
import { WorthDraws } from '../compute/worth-draws';
import { HOUSEHOLD_NAME } from '../household/household-name';
import { HouseholdStore } from '../household/household-store';
import { EnterGoesOn } from '../ui/form/enter-goes-on';
import { backCloses } from '../ui/over/back-closes';
import { Fold } from '../ui/over/fold';
import { PieceDrawing } from '../ui/piece/piece-drawing';
import { AnswerNow } from './answer/answer-now';
import { Considerations } from './answer/considerations';
import { CounterTape } from './answer/counter-tape';
import { ExpectedParts } from './answer/expected-parts';
import { ExpectedPiece } from './answer/expected-piece';
import { ReadyCut } from './answer/ready-cut';
import { SettlingPrice } from './answer/settling-price';
import { ShopPrices } from './answer/shop-prices';
import { VerdictLine } from './answer/verdict-line';
import { WaysCompared } from './answer/ways-compared';
import { WhatItMeans } from './answer/what-it-means';
import { BoughtToday } from './decide/bought-today';
import { Decision } from './decide/decision';
import { LabelForm } from './label/label-form';
import { MarksSeen } from './label/marks-seen';
import { SecondLook } from './label/second-look';
import { StickerReader } from './label/sticker-reader';
import { WhereBought } from './label/where-bought';
import { KindPicker } from './piece/kind-picker';
import { PieceAsked } from './piece/piece-asked';
import { StateAndWish } from './piece/state-and-wish';

/** The question at the counter: at this price, for us, now, is this piece worth it? */
@Component({
  selector: 'v-counter-page',
  imports: [
    BoughtToday,
    Considerations,
    CounterTape,
    Decision,
    EnterGoesOn,
    ExpectedParts,
    ExpectedPiece,
    Fold,
    KindPicker,
    LabelForm,
    MarksSeen,
    PieceDrawing,
    RouterLink,
    SecondLook,
    SettlingPrice,
    ShopPrices,
    StateAndWish,
    StickerReader,
    VerdictLine,
    WaysCompared,
    WhatItMeans,
    WhereBought,
  ],
  providers: [AnswerNow, WorthDraws],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './counter-page.html',
  styleUrl: './counter-page.css',
})
export class CounterPage {
  private readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly piece = inject(PieceAsked);
  protected readonly readyCut = inject(ReadyCut);
  protected readonly answer = inject(AnswerNow);

  protected readonly isReading = signal(false);
  protected readonly pack = computed(() => {
    const { dg, skin } = plateOf(this.store.settings());
    return { dg: dg * Math.max(1, this.store.settings().eaters.length), skin };
  });
  protected readonly marksSaid = computed(() => {
    const count = this.piece.marks().length;
    return count === 0 ? 'what to say, what to see' : `${this.format.count(count, 'thing')} seen`;
  });
  protected readonly wishSaid = computed(() => {
    const { states = [], goes = {} } = this.store.basis().wishes?.get(this.piece.kind()?.id ?? '') ?? {};
    const count = states.length + Object.keys(goes).length;
    return count === 0 ? 'as usual' : `${this.format.count(count, 'thing')} your way`;
  });
  protected readonly wayName = computed(() => this.answer.asked()?.way.name ?? '');
  protected readonly usable = computed(
    () => `${this.format.percent(this.answer.prediction()?.usable.share ?? 0, 0)} usable`,
  );
  protected readonly missing = computed(() => {
    const count = this.answer.prediction()?.missing.length ?? 0;
    return count === 0 ? 'all known' : `${count} unknown`;
  });

  constructor() {
    backCloses(this.isReading, () => this.isReading.set(false));
    // What another page asks about.
    const asks = inject(ActivatedRoute).snapshot.queryParamMap.get('kind');
    if (asks && this.store.kinds().some(({ id }) => id === asks)) this.piece.askFor(asks);
  }

  /** What a sticker says of itself. */
  protected recognise({ shop, kind }: { readonly shop?: string; readonly kind?: Kind }): void {
    if (shop !== undefined) this.readyCut.isSeenAt(shop);
    if (kind) this.piece.choose(kind.id);
  }
}
