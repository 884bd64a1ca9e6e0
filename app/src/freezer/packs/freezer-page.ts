import { sum } from 'd3-array';
import { ANIMAL_IDS } from '@core/ledger/animal';
import { move } from '@core/deeds/move';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  inject,
  Injector,
  linkedSignal,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { debounceTime } from 'rxjs';
import { shopWorth } from '@core/cost/shop-worth';
import { dinnersLeft } from '@core/dinner/dinners-left';
import type { Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { plateOf } from '@core/pack/eater';
import { daysBetween } from '@core/units/date';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Swatch } from '../../ui/piece/swatch';
import { Collected } from './collected';
import { Drawers } from './drawers/drawers';
import { keepsWords, STATE_WORDS } from '../../household/cold-words';
import { DinnersStrip } from './dinners-strip';
import { Overdue } from '../../household/parts/overdue';
import { PackCard } from './pack-card';
import { PackForm } from './pack-form';
import { keptWord, PackRows, type PackRow } from './pack-rows';
import { PacksCard } from './packs-card';
import { SealedPieces } from './sealed-pieces';
import { Check } from '../../ui/field/check';
import { asOptions, Choice, type Options } from '../../ui/field/choice';
import { TextField } from '../../ui/field/text-field';
import { backCloses } from '../../ui/over/back-closes';
import { BarePicture } from '../../ui/told/bare-picture';

/** How many it feeds. */
const FEEDS = { '1': [0, 1.5], '2': [1.5, 2.5], '3 or 4': [2.5, 4.5], '5 or more': [4.5, Infinity] } as const;
const AGES = {
  'near or past its best': (row: PackRow) => row.isNear || row.isPast,
  overdue: (row: PackRow) => row.cold.overdue,
  'thawing or fresh': (row: PackRow) => row.cold.state !== 'frozen',
  'over 3 months': null,
  'over 6 months': null,
  'age unknown': (row: PackRow) => row.lot.on === null,
} as const;
type Age = keyof typeof AGES;
const OLDER: Partial<Record<Age, number>> = { 'over 3 months': 91, 'over 6 months': 182 };
/** So many rows at a time: more are a press away. */
const ROWS = 40;
/** A list of thousands follows the typing after such a pause, ms. */
const PAUSE_MS = 90;

/** What lies in the cold: drawn where it lies, and as a list, the most urgent first; and what becomes of it. */
@Component({
  selector: 'v-freezer-page',
  imports: [
    BarePicture,
    Check,
    Choice,
    Collected,
    TextField,
    Swatch,
    PackForm,
    PackCard,
    PacksCard,
    Drawers,
    DinnersStrip,
    Overdue,
    RouterLink,
    SealedPieces,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown.escape)': 'closePack()' },
  templateUrl: './freezer-page.html',
  styleUrl: './freezer-page.css',
})
export class FreezerPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  private readonly packRows = inject(PackRows);
  private readonly injector = inject(Injector);
  private readonly card = viewChild<ElementRef<HTMLElement>>('card');

  protected readonly animals: Options<string> = [['', 'any animal'], ...asOptions(ANIMAL_IDS)];
  protected readonly feeds: Options<keyof typeof FEEDS | ''> = [
    ['', 'feeds any'],
    ...(Object.keys(FEEDS) as (keyof typeof FEEDS)[]).map((each) => [each, `feeds ${each}`] as const),
  ];
  protected readonly ages: Options<Age | ''> = [['', 'any age'], ...asOptions(Object.keys(AGES) as Age[])];
  protected readonly kept = keptWord;
  protected readonly states = STATE_WORDS;
  protected readonly lotName = lotName;
  private readonly colds = inject(Colds);
  protected readonly overdue = this.colds.overdue;
  protected readonly search = signal('');
  /** What is searched for, once the typing pauses. */
  protected readonly sought = toSignal(toObservable(this.search).pipe(debounceTime(PAUSE_MS)), {
    initialValue: '',
  });
  protected readonly animal = signal('');
  protected readonly feed = signal<keyof typeof FEEDS | ''>('');
  protected readonly age = signal<Age | ''>('');
  protected readonly adding = signal(false);
  /** On a phone a pack is shown once it is chosen, and the drawers when they are asked for. */
  private readonly isWide = matchMedia('(min-width: 900px)').matches;
  protected readonly drawn = signal(this.isWide);
  protected readonly shown = signal(ROWS);

  protected readonly all = this.packRows.all;
  private readonly isSearching = computed(() =>
    [this.sought().trim(), this.animal(), this.feed(), this.age()].some((each) => each !== ''),
  );
  protected readonly rows = computed(() =>
    this.isSearching() ? this.all().filter(this.matches()) : this.all(),
  );
  protected readonly found = computed(() =>
    this.isSearching() ? new Set(this.rows().map(({ lot }) => lot.id)) : null,
  );
  protected readonly totals = computed(() => {
    const rows = this.all();
    const known = rows.filter(({ costMinor }) => costMinor !== null);
    return {
      massDg: sum(rows, ({ lot }) => lot.leftDg),
      plates: Math.round(sum(rows, ({ plates }) => plates)),
      past: rows.filter(({ isPast }) => isPast).length,
      costMinor: sum(known, ({ costMinor }) => costMinor ?? 0),
      isComplete: known.length === rows.length,
    };
  });
  /** What it would all cost bought cut. */
  protected readonly worth = computed(() =>
    shopWorth(this.store.stock(), this.store.basis().pricing, this.clock.today()),
  );
  protected readonly summary = computed(() => {
    const money = (minor: number, isComplete: boolean): string =>
      `${isComplete ? '' : 'at least '}${this.format.wholeMoney(minor)}`;
    const { massDg, plates, costMinor, isComplete } = this.totals();
    const { minor, isComplete: isAllPriced } = this.worth();
    const inTheShop = minor > 0 ? [`${money(minor, isAllPriced)} in the shop`] : [];
    const parts = [
      this.format.count(this.store.stock().length, 'pack'),
      this.format.mass(massDg),
      this.format.count(plates, 'plate'),
      costMinor === 0 && !isComplete ? 'cost unknown' : `${money(costMinor, isComplete)} paid`,
    ];
    const kept = this.all().filter((row) => row.keptFor !== null).length;
    const apart =
      kept > 0
        ? ` ${this.format.count(kept, 'pack')} of them ${kept === 1 ? 'is' : 'are'} kept for something.`
        : '';
    return `${[...parts, ...inTheShop].join(', ')}.${apart}`;
  });
  protected readonly dinners = computed(() =>
    dinnersLeft(this.colds.free(), this.store.settings().eaters.length, plateOf(this.store.settings())),
  );

  private readonly picked = signal<ReadonlySet<string>>(new Set());
  private readonly chosenId = signal<string | null>(null);
  protected readonly several = computed(() =>
    [...this.picked()].flatMap((id) => this.packRows.byId().get(id) ?? []),
  );
  /** Changes when another pack is asked for, by a press or by what is sought. */
  private readonly asked = computed(() =>
    [this.chosenId(), this.sought(), this.animal(), this.feed(), this.age(), this.all().length > 0].join(),
  );
  /** The pack looked at: the first, until one is chosen; another only when it is asked for. */
  private readonly lookedAt = linkedSignal<string, string | null>({
    source: this.asked,
    computation: () =>
      untracked(() => {
        const id = this.chosenId();
        if (id !== null && this.packRows.byId().has(id)) return id;
        return this.isWide ? (this.rows()[0]?.lot.id ?? null) : null;
      }),
  });
  protected readonly chosen = computed(() => this.packRows.byId().get(this.lookedAt() ?? ''));
  /** What is gone leaves its place empty: a second press must not meet another pack. */
  protected readonly isGone = computed(() => this.lookedAt() !== null && !this.chosen() && this.isWide);
  /** What is outlined in the drawers. */
  protected readonly marked = computed<ReadonlySet<string>>(() =>
    this.several().length > 0
      ? new Set(this.several().map(({ lot }) => lot.id))
      : new Set(this.chosen() ? [this.chosen()?.lot.id ?? ''] : []),
  );

  protected keeps(lot: Lot): string {
    return keepsWords(this.colds.of()(lot), this.format);
  }

  private matches(): (row: PackRow) => boolean {
    const words = this.sought().toLowerCase().split(/\s+/).filter(Boolean);
    const [least, most] = this.feed() === '' ? [0, Infinity] : FEEDS[this.feed() as keyof typeof FEEDS];
    const [age, animal, today] = [this.age(), this.animal(), this.clock.today()];
    const older = age === '' ? undefined : OLDER[age];
    const byAge = (row: PackRow): boolean =>
      age === ''
        ? true
        : older === undefined
          ? (AGES[age]?.(row) ?? true)
          : row.lot.on !== null && daysBetween(row.lot.on, today) > older;
    return (row) =>
      words.every((word) => row.text.includes(word)) &&
      (animal === '' || row.lot.animal === animal) &&
      (this.feed() === '' || (row.plates > least && row.plates <= most)) &&
      byAge(row);
  }

  constructor() {
    backCloses(
      () => !this.isWide && this.chosen() !== undefined,
      () => this.closePack(),
    );
  }

  /** Where the list stood before a pack was opened over it, on a phone. */
  private listAt = 0;

  /** Back to the list, where it was left. */
  protected closePack(): void {
    if (this.isWide || !this.chosen()) return;
    this.chosenId.set(null);
    afterNextRender(() => scrollTo({ top: this.listAt }), { injector: this.injector });
  }

  protected choose({ id, add }: { id: string; add: boolean }): void {
    this.adding.set(false);
    if (add) this.pick(id);
    else {
      this.picked.set(new Set());
      if (this.chosenId() === null) this.listAt = scrollY;
      this.chosenId.set(id);
      if (!this.isWide)
        afterNextRender(() => this.card()?.nativeElement.scrollIntoView({ block: 'nearest' }), {
          injector: this.injector,
        });
    }
  }

  /** A press anywhere on a row but at its tick. */
  protected chooseRow(event: MouseEvent, id: string): void {
    if (!(event.target as Element).closest('.pick'))
      this.choose({ id, add: event.ctrlKey || event.metaKey || event.shiftKey });
  }

  protected isPicked(id: string): boolean {
    return this.picked().has(id);
  }

  protected pick(id: string): void {
    this.picked.update((picked) => {
      const next = new Set(picked);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  }

  protected pickNone(): void {
    this.picked.set(new Set());
  }

  protected move({ ids, place }: { ids: readonly string[]; place: string }): void {
    const packs = ids.flatMap((id) => this.store.state().lots.get(id) ?? []);
    void this.store.perform(move(packs, place, this.colds.laying()));
  }

  protected more(): void {
    this.shown.update((shown) => shown + 5 * ROWS);
  }
}
