import { computed, inject, Injectable, signal } from '@angular/core';
import { followWeights } from '@core/slice/aimed-slices';
import type { Profile } from '@core/slice/profile';
import { standingAfter, type CutSlice } from '@core/slice/replan';
import { readSlices, slicesRequestSchema, type SlicesRequest } from '@core/slice/slices-request';
import { isLog, usualLog } from '@core/slice/usual-log';
import { usualWish } from '@core/slice/usual-wish';
import { kindById, partOf } from '@core/catalogue/kinds';
import { familyOf } from '@core/ledger/leaves';
import type { Lot } from '@core/ledger/lot';
import { valuesOf } from '@core/records/household';
import { meanPlateDg } from '@core/pack/eater';
import { partPrice } from '@core/cost/part-price';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';

/** A slice that is off, where it likely was, with its true weight. */
export interface CutOff {
  readonly fromMm: number;
  readonly toMm: number;
  readonly massG: number;
}

function cutOff(profile: Profile, from: 'start' | 'end', done: readonly CutSlice[]): CutOff[] {
  const along = (mm: number): number => (from === 'start' ? mm : profile.lengthMm - mm);
  const ends = [0, ...done.map((_, index) => standingAfter(profile, from, done.slice(0, index + 1)).endMm)];
  return done.map(({ massG }, index) => {
    const [a, b] = [along(ends[index] ?? 0), along(ends[index + 1] ?? 0)];
    return { fromMm: Math.min(a, b), toMm: Math.max(a, b), massG };
  });
}

/** The log of a piece: as it was measured, what is wished, what has been cut of it, and what comes next. */
@Injectable()
export class Slicing {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
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
    const after = this.saved()?.after;
    if (!piece || after === undefined) return [];
    const { entries } = this.store.household().journal;
    // By the journal's order and not by its clock: a device's clock may be wrong.
    const later = new Set(
      entries.slice(entries.findLastIndex(({ id }) => id === after) + 1).map(({ id }) => id),
    );
    return familyOf(this.store.state(), piece)
      .slice(1)
      .filter((cut) => later.has(cut.made));
  });

  /** What is left of the plan after what was weighed; null where there is none. */
  readonly followed = computed(() => {
    const saved = this.saved();
    const read = saved && readSlices(saved);
    if (!read?.ok) return null;
    const { profile, request } = read.value;
    const cuts = this.weighed();
    const isPortion = ({ kind, part }: Lot): boolean => partOf(kindById(kind), part)?.portion !== undefined;
    const hasSquareOff = request.squareOffMm > 0 && cuts[0] !== undefined && !isPortion(cuts[0]);
    const own = cuts.filter((cut, index) => isPortion(cut) || (index === 0 && hasSquareOff));
    // Several weighed at once are as many slices of their mean weight.
    const weights = own.flatMap(({ inDg, count }) => Array.from({ length: count }, () => inDg / 10 / count));
    const followed = followWeights(profile, request, weights, hasSquareOff);
    return {
      ...followed,
      profile,
      request,
      cutOff: cutOff(profile, request.from, followed.done),
    };
  });

  /** What a kilogram of these slices costs in the shop, in smallest coins; null where nobody knows. */
  readonly perKgMinor = computed(() => {
    const piece = this.piece();
    const kind = kindById(piece?.kind ?? null);
    const part = kind?.parts.find(
      ({ portion, destination }) => portion !== undefined && destination === 'main',
    );
    if (!piece || !part) return null;
    const price = partPrice(
      this.store.basis().pricing,
      { kind: piece.kind, part: part.id, animal: piece.animal },
      part.destination,
      this.clock.today(),
    );
    return price.state === 'known' ? price.perKgMinor : null;
  });

  /** The next slice, thickness from the end that lies there; null where no plan says. */
  readonly next = computed(() => this.followed()?.next.value?.slices[0] ?? null);

  /** A first request for the piece: its usual shape, scaled to what lies on the board. */
  first(): SlicesRequest {
    const piece = this.piece();
    const kind = kindById(piece?.kind ?? null);
    const log = usualLog(
      kind?.drawnAs ?? kind?.id ?? null,
      Math.max(100, (piece?.leftDg ?? 20_000) / 10),
      null,
    );
    const { eaters } = this.store.settings();
    const plateG = eaters.length === 0 ? null : meanPlateDg({ eaters }) / 10;
    const { targetG, ...limits } = usualWish(
      kind?.drawnAs ?? kind?.id ?? null,
      piece?.way ?? null,
      log,
      plateG,
    );
    return slicesRequestSchema.parse({ ...log, ...limits, wish: { by: 'weight', targetG } });
  }
}
