import { sum } from 'd3-array';
import { changeWrapping } from '@core/deeds/change-settings';
import { wrap } from '@core/deeds/wrap';
import { computed, inject, Injectable, signal } from '@angular/core';
import { sliceThickness } from '@core/books/slicing-so-far';
import { shopWorth } from '@core/cost/shop-worth';
import { meanPlateDg } from '@core/pack/eater';
import { usualWrapping, type Wrapping as WrappingSettings } from '@core/pack/wrapping';
import { dealPlates, isFarOff } from '@core/pack/deal-plates';
import type { PackPlan } from '@core/pack/pack-plan';
import { appetiteG, isShared } from '@core/pack/packs-wanted';
import { cutInTwo, isPlateful, tokensOf, type Token } from '@core/pack/table';
import { emptyTray, isSpokenFor, type Tray } from '@core/pack/tray';
import {
  besidesTrays,
  contentsOf,
  cutsOf,
  heapLeftDg,
  moved,
  platesOnTray,
  trayName,
  traysOf,
} from '@core/pack/trays';
import { stretchOf } from '@core/units/cumulative';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { costsOfLots } from '../../household/costs';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { keptHere } from '../../household/kept-here';
import { tableSchema } from './kept-table';

/** A tray in figures. */
export interface TrayFigures {
  readonly massDg: number;
  /** What is eaten of it, and what everyone wants of it together, g. */
  readonly eatenG: number;
  readonly targetG: number;
  readonly plates: ReturnType<typeof dealPlates>;
  /** A plate is so far off that somebody would say so. */
  readonly isOff: boolean;
  readonly costMinor: number;
  readonly isCostKnown: boolean;
  /** What it would have cost cut, in the shop; null where a price is unknown. */
  readonly worthMinor: number | null;
}

/** What a plan leaves alone: trays, and cuts of portions in them; and all the rest. */
export interface Stays {
  readonly kept: readonly Tray[];
  readonly cuts: ReadonlyMap<string, number>;
  readonly free: readonly Token[];
}

/** The table and the trays that are being filled from it. */
@Injectable()
export class Wrapping {
  private readonly store = inject(HouseholdStore);
  private readonly costOf = costsOfLots();
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly colds = inject(Colds);

  readonly eaters = computed(() => this.store.settings().eaters);
  readonly settings = computed(
    (): WrappingSettings => this.store.settings().wrapping ?? usualWrapping(this.store.settings()),
  );
  /** Portions that are too large for a plate, and where they are cut in two before they are wrapped. */
  readonly cuts = signal<ReadonlyMap<string, number>>(new Map());
  /** What is past its day is not packed: it is said first, with its deeds. */
  readonly overdue = computed(() => {
    const clockOf = this.colds.of();
    return this.store.toWrap().filter((lot) => clockOf(lot).overdue);
  });
  private readonly good = computed(() => {
    const clockOf = this.colds.of();
    return this.store.toWrap().filter((lot) => !clockOf(lot).overdue);
  });
  private readonly uncut = computed(() =>
    tokensOf(this.good(), this.settings().appetite, this.store.cooked(), this.store.settings().skin),
  );
  readonly tokens = computed(() => cutInTwo(this.uncut(), this.cuts()));
  /** Where the knife goes, before anything is wrapped. */
  readonly toCut = computed(() =>
    this.uncut().flatMap((token) => {
      const first = this.cuts().get(token.id);
      return first === undefined ? [] : [{ token, first, second: token.massDg - first }];
    }),
  );
  readonly byId = computed(() => new Map(this.tokens().map((token) => [token.id, token])));
  private readonly put = signal<readonly Tray[]>([]);
  /** The trays; what another tab has wrapped in the meantime is no longer in them. */
  readonly trays = computed(() => {
    const byId = this.byId();
    return this.put().map((tray): Tray => ({
      ...tray,
      tokens: tray.tokens.filter((id) => byId.has(id)),
      heaps: Object.fromEntries(
        Object.entries(tray.heaps)
          .filter(([id]) => byId.has(id))
          .map(([id, massDg]) => [id, Math.min(massDg, byId.get(id)?.massDg ?? 0)]),
      ),
    }));
  });
  /** How thick the slices on the table were cut, by lot. */
  private readonly thickness = computed(() => {
    const { lots } = this.store.state();
    const pieces = new Set(this.tokens().flatMap(({ lot }) => lot.sources.map((source) => source.lot)));
    return new Map(
      [...pieces].flatMap((id) => {
        const piece = lots.get(id);
        return piece ? [...sliceThickness(this.store.household(), piece)] : [];
      }),
    );
  });
  readonly inTrays = computed(() => new Set(this.trays().flatMap(({ tokens }) => tokens)));
  readonly onTable = computed(() =>
    this.tokens().filter((token) => (token.isHeap ? this.leftOf(token) > 0 : !this.inTrays().has(token.id))),
  );
  /** In the hand: what is put on the next tray that is pointed at. */
  readonly held = signal<ReadonlySet<string>>(new Set());
  private readonly hoverNow = signal<{ readonly token: string; readonly tray: string } | null>(null);
  /** What is being dragged over which tray. */
  readonly hover = this.hoverNow.asReadonly();
  readonly filled = computed(() => this.trays().filter((tray) => contentsOf(tray, this.byId()).length > 0));

  /** The trays as they were last put: another list with every change. */
  readonly laid = this.put.asReadonly();

  constructor() {
    keptHere('table', tableSchema, {
      now: () => ({ trays: [...this.put()], cuts: [...this.cuts()] }),
      take: ({ trays, cuts }) => {
        this.put.set(trays);
        this.cuts.set(new Map(cuts));
      },
    });
  }

  hoverOver(token: string, tray: string): void {
    this.hoverNow.set({ token, tray });
  }

  hoverOut(): void {
    this.hoverNow.set(null);
  }

  leftOf(token: Token): number {
    return heapLeftDg(token, this.trays());
  }

  name(tray: Tray): string {
    return trayName(tray, this.byId());
  }

  /** A tray as it is, or as it would be with what is dragged over it. */
  seen(tray: Tray): Tray {
    const hover = this.hover();
    const token = hover && this.byId().get(hover.token);
    if (!hover || !token) return tray;
    return (
      moved([tray], token, hover.tray, (tray.heaps[token.id] ?? 0) + this.amountFor(token, tray))[0] ?? tray
    );
  }

  figures(tray: Tray): TrayFigures {
    const contents = contentsOf(tray, this.byId());
    const animal = contents.find(({ token }) => isPlateful(token))?.token.lot.animal ?? null;
    const eaters = tray.eaters.map((name) => ({ name, targetG: appetiteG(this.eaters(), name, animal) }));
    const edible = contents
      .filter(({ token }) => isPlateful(token))
      .map(({ token, massDg }) => ({ token, massG: (massDg / 10) * token.eaten }));
    // What is carved, or too large for one plate, is shared at the table like a heap.
    const meanG = sum(eaters, ({ targetG }) => targetG) / Math.max(1, eaters.length);
    const isOwn = ({ token, massG }: (typeof edible)[number]): boolean =>
      !token.isHeap && !isShared(token, massG, meanG, this.settings().ways);
    const sharedG = sum(
      edible.filter((each) => !isOwn(each)),
      ({ massG }) => massG,
    );
    const plates = dealPlates(
      eaters,
      edible.filter(isOwn).map(({ token, massG }) => ({ id: token.id, massG })),
      sharedG,
    );
    const today = this.clock.today();
    const costs = contents.map(({ token, massDg }) => {
      const cost = this.costOf().get(token.lot.id);
      return {
        minor: stretchOf(cost?.leftMinor ?? 0, 0, massDg, token.lot.leftDg),
        isKnown: cost?.complete ?? false,
      };
    });
    const worth = shopWorth(
      contents.map(({ token: { lot }, massDg }) => ({ ...lot, leftDg: massDg })),
      this.store.basis().pricing,
      today,
    );
    return {
      massDg: sum(contents, ({ massDg }) => massDg),
      eatenG: sum(edible, ({ massG }) => massG),
      targetG: sum(eaters, ({ targetG }) => targetG),
      plates,
      isOff: plates.some(({ massG, targetG }) => this.isOff(massG, targetG)),
      costMinor: sum(costs, ({ minor }) => minor),
      isCostKnown: costs.every(({ isKnown }) => isKnown),
      worthMinor: worth.isComplete ? worth.minor : null,
    };
  }

  private meanPlateG(): number {
    return meanPlateDg(this.store.settings()) / 10;
  }

  plates(tray: Tray): number | null {
    return platesOnTray(tray, this.byId(), this.meanPlateG());
  }

  /** Whether a plate is so far off that somebody would say so. */
  isOff(massG: number, targetG: number): boolean {
    return isFarOff(massG, targetG);
  }

  /** Lays what a plan says on trays, beside those that stay. */
  lay(planned: readonly PackPlan[], stays: Stays): void {
    const before = new Map(stays.free.map((token) => [token.id, token]));
    this.cuts.set(new Map([...stays.cuts, ...planned.flatMap((plan) => [...cutsOf(plan, before)])]));
    const byId = this.byId();
    const newId = (): string => this.clock.newId();
    this.put.set([
      ...stays.kept,
      ...planned
        .flatMap((plan) => traysOf(plan, byId, this.settings(), newId))
        .map((tray) => ({ ...tray, thicknessMm: this.thicknessOf(tray) ?? tray.thicknessMm })),
      ...besidesTrays(stays.free, this.settings(), newId),
    ]);
    this.held.set(new Set());
  }

  /** As thick as the thickest slice in it was cut; null where no plan of slices says. */
  private thicknessOf(tray: Tray): number | null {
    const known = contentsOf(tray, this.byId()).flatMap(
      ({ token }) => this.thickness().get(token.lot.id) ?? [],
    );
    return known.length === 0 ? null : Math.round(Math.max(...known));
  }

  /** What stays as it is when the rest is planned, and what is free to be planned. */
  stays(): Stays {
    const kept = this.trays().filter(isSpokenFor);
    const keptIds = new Set(kept.flatMap(({ tokens }) => tokens));
    // What was cut and is not on a tray that stays is whole again.
    const cutKept = new Set([...keptIds].flatMap((id) => this.byId().get(id)?.half?.of ?? []));
    const cuts = new Map([...this.cuts()].filter(([id]) => cutKept.has(id)));
    const free = cutInTwo(this.uncut(), cuts).flatMap((token): Token[] => {
      if (!token.isHeap) return keptIds.has(token.id) ? [] : [token];
      const massDg = heapLeftDg(token, kept);
      return massDg > 0 ? [{ ...token, massDg }] : [];
    });
    return { kept, cuts, free };
  }

  add(): Tray {
    const tray = emptyTray(this.clock.newId(), this.settings());
    this.put.set([...this.trays(), tray]);
    return tray;
  }

  change(id: string, change: Partial<Tray>): void {
    this.put.set(this.trays().map((tray) => (tray.id === id ? { ...tray, ...change } : tray)));
  }

  remove(id: string): void {
    this.put.set(this.trays().filter((tray) => tray.id !== id));
  }

  /** Puts a token on a tray, or back on the table. */
  move(tokenId: string, to: string | null): void {
    const token = this.byId().get(tokenId);
    const tray = this.trays().find(({ id }) => id === to);
    if (!token || tray?.isLocked) return;
    const massDg = tray ? this.amountFor(token, tray) : 0;
    if (token.isHeap && tray && massDg === 0)
      return this.notices.problem(
        'That tray has its share of it already. Change how much below, in the tray.',
      );
    this.put.set(moved(this.trays(), token, to, (tray?.heaps[token.id] ?? 0) + massDg));
  }

  /** Takes a token in the hand, or lays it down again. */
  hold(token: string): void {
    this.held.update((held) => {
      const next = new Set(held);
      if (!next.delete(token)) next.add(token);
      return next;
    });
  }

  putHeld(to: string | null): void {
    for (const token of this.held()) this.move(token, to);
    this.held.set(new Set());
  }

  /** How much of a heap a tray takes: what its eaters still lack, or all of it where nobody is named. */
  private amountFor(token: Token, tray: Tray): number {
    if (!token.isHeap) return 0;
    const left = this.leftOf(token);
    const { targetG, eatenG } = this.figures(tray);
    if (tray.eaters.length === 0 || !isPlateful(token)) return left;
    return Math.min(left, Math.max(0, Math.round(((targetG - eatenG) * 10) / token.eaten)));
  }

  /** Wraps and freezes every filled tray; all or none. */
  async freeze(place: string | null): Promise<string[] | null> {
    const trays = this.filled();
    const shelf = this.store.shelves().find(({ id }) => id === place);
    const written = await this.store.perform(
      wrap(trays, shelf ? { ...shelf, isFreezer: shelf.cold === 'freezer' } : null, {
        tokens: this.byId(),
        clockOf: this.colds.of(),
        meanPlateG: this.meanPlateG(),
        on: this.clock.today(),
      }),
    );
    if (!written.ok) return null;
    this.put.set([]);
    this.cuts.set(new Map());
    return trays.map(({ id }) => id);
  }

  async setWrapping(change: (now: WrappingSettings) => Partial<WrappingSettings>): Promise<void> {
    await this.store.perform(changeWrapping(change, this.settings()));
  }
}
