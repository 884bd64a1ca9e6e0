import { cutAsPlanned } from '@core/deeds/cut-as-planned';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { cutListCsv, cutListText } from '@core/exchange/cut-list';
import { lengthReader, orEmpty } from '@core/format/readers';
import { lotName } from '@core/catalogue/lot-name';
import { meanPlateDg } from '@core/pack/eater';
import { demandKinds } from '@core/slice/demand';
import { planFigures, type PlanFigures } from '@core/slice/compare-plans';
import { paperRuler, type Paper } from '@core/slice/paper-ruler';
import { planSlices } from '@core/slice/plan';
import type { SliceHow } from '@core/slice/wish';
import { whatChanged } from '@core/slice/what-changed';
import { DESTINATION_IDS } from '@core/ledger/destination';
import { kindById } from '@core/catalogue/kinds';
import { Format } from '@core/format/format';
import { partPrice } from '@core/cost/pile-prices';
import { slicedAs } from '@core/slice/first-request';
import { Clock } from '../../household/clock';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { asOptions, Choice } from '../../ui/field/choice';
import { Field } from '../../ui/field/field';
import { SlicePlans } from '../../compute/slice-plans';
import { saveText } from '../../ui/save-text';
import { LogDrawing } from './log-drawing';
import { LogForm } from './log-form';
import { MixForm } from './mix-form';
import { SlicePlan } from './slice-plan';
import { WishForm } from './wish-form';
import { BarePicture } from '../../ui/told/bare-picture';

/** Where to cut a log: measured with a ruler and a scale, planned, corrected after every slice. */
@Component({
  selector: 'v-slices-page',
  imports: [BarePicture, Choice, Field, RouterLink, LogDrawing, LogForm, MixForm, WishForm],
  providers: [SlicePlans, SlicePlan],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './slices-page.html',
  styleUrl: './slices-page.css',
})
export class SlicesPage {
  protected readonly log = inject(SlicePlan);
  protected readonly plans = inject(SlicePlans);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  private readonly notices = inject(Notices);
  private readonly clock = inject(Clock);
  private readonly router = inject(Router);
  readonly lot = input.required<string>();

  protected readonly destinations = asOptions(DESTINATION_IDS);
  protected readonly tailRules = [
    ['double', 'cut double, open'],
    ['fold', 'fold it under'],
    ['leave', 'leave it'],
  ] as const;
  protected readonly ends = [
    ['start', 'left end'],
    ['end', 'right end'],
  ] as const;
  protected readonly readLength = lengthReader(this.format, { zero: true });
  protected readonly readHead = orEmpty(undefined, this.readLength);
  /** What is said of a slice that is not just cut through. */
  protected readonly how: Readonly<Record<SliceHow, string>> = {
    cut: '',
    opened: ', cut double and opened',
    folded: ', folded under',
    head: ', in one',
  };
  protected readonly readStop = orEmpty(null, this.readLength);
  protected readonly readFace = orEmpty(null, lengthReader(this.format));
  protected readonly name = computed(() => (this.log.piece() ? lotName(this.log.piece()!) : ''));
  protected readonly draft = this.log.draft;
  private readonly say = {
    length: (mm: number): string => this.format.length(Math.round(mm * 10) / 10),
    mass: (g: number): string => this.format.mass(Math.round(g) * 10),
  };
  protected readonly papers = asOptions<Paper>(['A4', 'Letter']);
  protected readonly paper = signal<Paper>(this.store.settings().system === 'imperial' ? 'Letter' : 'A4');

  /** A slice for each plate of this household, as many dinners as the log gives. */
  protected readonly plates = computed(() =>
    demandKinds(
      this.store.settings().eaters.map(({ name, plateDg }) => ({ name, plateG: plateDg / 10 })),
      this.draft()?.massG ?? 0,
    ),
  );
  private readonly drawing = viewChild(LogDrawing);
  protected readonly plan = computed(() => this.log.planned()?.value ?? null);
  protected readonly why = computed(() => this.log.planned()?.problem ?? null);
  protected readonly profile = computed(() => this.log.log()?.profile ?? null);
  protected readonly pinned = computed(() => this.draft()?.pinnedMm ?? []);
  /** Slices have been weighed since the plan was taken to the board. */
  protected readonly isUnderWay = computed(() => (this.log.soFar()?.done.length ?? 0) > 0);
  /** What the weighings have changed in the slices to come, in words. */
  protected readonly changed = computed(() => {
    const followed = this.log.soFar();
    if (!followed) return '';
    const first = planSlices(followed.profile, followed.request).value?.slices ?? [];
    const cut = followed.done.filter(({ kind }) => kind !== 'square-off').length;
    const news = whatChanged(first, followed.next.value?.slices ?? [], cut);
    if (!news) return '';
    const much = (mm: number): string => this.format.length(Math.round(mm));
    const instead =
      news.count === news.countBefore ? much(news.beforeMm) : `${news.countBefore} at ${much(news.beforeMm)}`;
    return `${news.count} more at about ${much(news.thicknessMm)} instead of ${instead}.`;
  });
  protected readonly rest = computed(() => this.log.soFar()?.next ?? null);

  /** What a kilogram of these slices costs in the shop, in smallest coins; null where nobody knows. */
  private readonly perKgMinor = computed(() => {
    const piece = this.log.piece();
    const part = kindById(piece?.kind ?? null)?.parts.find(
      ({ portion, destination }) => portion !== undefined && destination === 'main',
    );
    if (!piece || !part) return null;
    const what = { kind: piece.kind, part: part.id, animal: piece.animal };
    const price = partPrice(this.store.basis().pricing, what, part.destination, this.clock.today());
    return price.state === 'known' ? price.perKgMinor : null;
  });
  /** Both plans in format, side by side. */
  protected readonly compared = computed(() => {
    const [a, b] = [this.plan(), this.log.otherPlanned()?.value];
    if (!a || !b) return [];
    const [first, second] = [planFigures(a), planFigures(b)];
    return first && second
      ? ROWS.map(({ name, of }) => ({ name, a: of(first, this.words), b: of(second, this.words) }))
      : [];
  });
  private readonly words: Say = {
    mass: (g) => this.format.mass(Math.round(g * 10)),
    length: (mm) => this.format.length(mm),
    percent: (part) => this.format.percent(part),
    dinners: (slices) => `${Math.floor(slices / Math.max(1, this.store.settings().eaters.length))}`,
    worth: (g) => {
      const perKgMinor = this.perKgMinor();
      return perKgMinor === null ? 'price unknown' : this.format.money(Math.round((g * perKgMinor) / 1000));
    },
    plates: (g) => this.format.number((g * 10) / Math.max(1, meanPlateDg(this.store.settings())), 1),
  };

  /** Grams as the journal's tenths. */
  protected round10(g: number): number {
    return Math.round(g) * 10;
  }

  /** The places are open to be measured: they can be taken hold of on the drawing, and the cuts cannot. */
  protected readonly isMeasuring = signal(false);
  protected readonly kind = computed(() => slicedAs(this.log.piece()));

  /** Saves the plan; the bench says each next cut from here on. */
  protected async toTheBoard(): Promise<void> {
    const draft = this.draft();
    if (!draft || !this.plan())
      return this.notices.problem(this.log.problem() ?? this.why() ?? 'There is no plan yet.');
    const last = this.store.household().journal.entries.at(-1)?.id;
    const written = await this.store.perform(cutAsPlanned(this.lot(), draft, last));
    if (written.ok) await this.router.navigate(['/', this.household, 'block', this.lot()]);
  }

  protected saveList(as: 'txt' | 'csv' | 'svg'): void {
    const plan = this.plan();
    if (!plan) return;
    const file = `cuts-${this.name()
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')}.${as}`;
    if (as === 'csv') saveText(file, cutListCsv(plan), 'text/csv');
    else if (as === 'txt') saveText(file, cutListText(plan, this.name(), this.say), 'text/plain');
    else saveText(file, this.drawing()?.asSvg() ?? '', 'image/svg+xml');
  }

  protected async saveRuler(): Promise<void> {
    const [plan, profile, draft] = [this.plan(), this.profile(), this.draft()];
    if (!plan || !profile || !draft) return;
    const { rulerPdf } = await import('@core/exchange/ruler-pdf');
    const bytes = await rulerPdf(
      paperRuler(plan, profile.lengthMm, draft.from, this.paper(), {
        system: this.store.settings().system,
        ...this.say,
      }),
      this.paper(),
      this.name(),
    );
    saveText('ruler.pdf', bytes, 'application/pdf');
  }
}

interface Say {
  readonly mass: (g: number) => string;
  readonly length: (mm: number) => string;
  readonly percent: (part: number) => string;
  readonly plates: (g: number) => string;
  readonly dinners: (slices: number) => string;
  readonly worth: (g: number) => string;
}

/** What is set side by side of two plans. */
const ROWS: readonly {
  readonly name: string;
  readonly of: (figures: PlanFigures, words: Say) => string;
}[] = [
  { name: 'Slices', of: ({ slices }) => `${slices}` },
  { name: 'Each, on average', of: ({ meanG }, { mass }) => mass(meanG) },
  {
    name: 'Lightest to heaviest',
    of: ({ rangeG: [low, high] }, { mass }) => `${mass(low)} to ${mass(high)}`,
  },
  {
    name: 'Thinnest to thickest',
    of: ({ rangeMm: [low, high] }, { length }) => `${length(low)} to ${length(high)}`,
  },
  { name: 'Unevenness', of: ({ unevenness }, { percent }) => percent(unevenness) },
  { name: 'Plates', of: ({ slicedG }, { plates }) => plates(slicedG) },
  { name: 'Dinners, a slice each', of: ({ slices }, { dinners }) => dinners(slices) },
  { name: 'Worth cut, in the shop', of: ({ slicedG }, { worth }) => worth(slicedG) },
  { name: 'Left over', of: ({ leftG }, { mass }) => mass(leftG) },
];
