import { computed, inject, Injectable, signal } from '@angular/core';
import { followWeights } from '@core/slice/aimed-slices';
import { readSlices, slicesRequestSchema, type SlicesRequest } from '@core/slice/slices-request';
import { isLog, usualLog } from '@core/slice/usual-log';
import { kindById, partOf } from '@core/catalogue/kinds';
import { familyOf } from '@core/journal/leaves';
import type { Lot } from '@core/journal/lot';
import { valuesOf } from '@core/journal/household';
import { HouseholdStore } from '../data/household-store';

/** Usual wishes to begin with, by kind: thickness limits in mm and a target in g; estimates. */
const FIRST_WISH = { targetG: 340, minThicknessMm: 20, maxThicknessMm: 45 };

/** The log of a piece: as it was measured, what is wished, what has been cut of it, and what comes next. */
@Injectable()
export class Slicing {
  private readonly store = inject(HouseholdStore);
  readonly lot = signal('');

  readonly piece = computed<Lot | undefined>(() => this.store.state().lots.get(this.lot()));
  readonly isLog = computed(() => {
    const kind = kindById(this.piece()?.kind ?? null);
    return isLog(kind?.drawnAs ?? kind?.id ?? null);
  });
  private readonly records = computed(() => this.store.household().records);
  /** What was saved for this piece; null before anything was. */
  readonly saved = computed(() => valuesOf({ records: this.records() }, 'slicing').get(this.lot()) ?? null);
  /** The portions weighed since then, in order. */
  readonly weighed = computed(() => {
    const piece = this.piece();
    const since = this.records().get(`slicing/${this.lot()}`)?.stamp.at;
    if (!piece || since === undefined) return [];
    const times = new Map(this.store.household().journal.entries.map(({ id, at }) => [id, at]));
    return familyOf(this.store.state(), piece).slice(1).filter((cut) => (times.get(cut.made) ?? '') > since);
  });

  /** What is left of the plan after what was weighed; null where there is none. */
  readonly followed = computed(() => {
    const saved = this.saved();
    const read = saved && readSlices(saved);
    if (!read || 'problem' in read) return null;
    const cuts = this.weighed();
    const isPortion = ({ kind, part }: Lot): boolean => partOf(kindById(kind), part)?.portion !== undefined;
    const hasSquareOff = read.request.squareOffMm > 0 && cuts[0] !== undefined && !isPortion(cuts[0]);
    const own = cuts.filter((cut, index) => isPortion(cut) || (index === 0 && hasSquareOff));
    // Several weighed at once are as many slices of their mean weight.
    const weights = own.flatMap(({ inDg, count }) => Array.from({ length: count }, () => inDg / 10 / count));
    return { ...followWeights(read.profile, read.request, weights, hasSquareOff), profile: read.profile, request: read.request };
  });

  /** The next slice, thickness from the end that lies there; null where no plan says. */
  readonly next = computed(() => this.followed()?.next.plan?.slices[0] ?? null);

  /** A first request for the piece: its usual shape, scaled to what lies on the board. */
  first(): SlicesRequest {
    const piece = this.piece();
    const kind = kindById(piece?.kind ?? null);
    const log = usualLog(kind?.drawnAs ?? kind?.id ?? null, Math.max(100, (piece?.leftDg ?? 20_000) / 10), null);
    return slicesRequestSchema.parse({ ...log, ...{ minThicknessMm: FIRST_WISH.minThicknessMm, maxThicknessMm: FIRST_WISH.maxThicknessMm }, wish: { by: 'weight', targetG: FIRST_WISH.targetG } });
  }
}
