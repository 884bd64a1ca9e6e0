import { CdkDrag, CdkDropList, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import type { Why } from '@core/dinner/propose-week';
import type { PlannedDay, PlannedServing, ServingTrouble } from '@core/dinner/week';
import { lotName } from '@core/catalogue/lot-name';
import type { Serving } from '@core/dinner/meal';
import { wallAt } from '@core/units/zone';
import { Format } from '@core/format/format';
import { costsOfLots } from '../../household/costs';
import { HouseholdStore } from '../../household/household-store';
import { Colds } from '../../household/colds';
import { STATE_WORDS } from '../../household/cold-words';
import { PiecesNow } from './pieces-now';
import { Swatch } from '../../ui/piece/swatch';
import { backCloses } from '../../ui/over/back-closes';
import { Week } from './week';
import { Field } from '../../ui/field/field';
import { Choice, type Options } from '../../ui/field/choice';
import { countReader, orEmpty } from '@core/format/readers';
import { readTime } from '@core/format/read-time';
import { Toggle } from '../../ui/field/toggle';
import { DRAG_DELAY } from '../../ui/drag-delay';

const TROUBLE: Record<ServingTrouble, string> = {
  gone: 'no longer there: choose another',
  'too-little': 'wanted on another day too: less is left',
  unknown: 'not known here: merge the other device’s file',
  'past-its-day': 'past its last day then: see Packs',
  'look-first': 'the power was out: look at it first',
};
const WHY: Record<Why, string> = {
  'cold-already': 'thawing or fresh already',
  'near-its-date': 'near its date',
  oldest: 'the oldest of its kind',
  variety: 'a change',
  habit: 'as you often have it on this day',
};
type Way = NonNullable<Serving['way']> | '';
const WAYS: Options<Way> = [
  ['', 'as there is time'],
  ['refrigerator', 'in the refrigerator'],
  ['cold-water', 'in cold water'],
  ['from-frozen', 'cook from frozen'],
];

/** One day of the plan. */
@Component({
  selector: 'v-day-card',
  imports: [Choice, Field, CdkDrag, CdkDropList, Swatch, Toggle],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './day-card.html',
  styleUrl: './day-card.css',
})
export class DayCard {
  protected readonly dragDelay = DRAG_DELAY;
  protected readonly week = inject(Week);
  protected readonly format = inject(Format);
  protected readonly store = inject(HouseholdStore);
  private readonly costs = costsOfLots();
  private readonly colds = inject(Colds);
  private readonly pieces = inject(PiecesNow);
  /** Pieces that are cut, or come out, on this day. */
  protected readonly toCut = computed(() =>
    this.pieces.all().flatMap(({ lot, name, cutOn, cutBy, outBy, wrapBy, trouble }) => {
      if (trouble === 'overdue') return [];
      const on = cutOn ?? cutBy;
      const out = outBy && wallAt(outBy, this.week.zone());
      return [
        ...(on === this.day().date
          ? [
              {
                id: lot.id,
                says: `${cutOn ? 'cut' : 'open or freeze'} ${name}${wrapBy && wrapBy !== on ? `, wrap by ${this.format.weekday(wrapBy)}` : ''}`,
              },
            ]
          : []),
        ...(out && out.date === this.day().date
          ? [{ id: lot.id, says: `${name} out by ${this.format.time(out.time)}` }]
          : []),
      ];
    }),
  );
  readonly day = input.required<PlannedDay>();
  readonly number = input.required<number>();
  /** What is in the hand, to be put here. */
  readonly held = input('');
  readonly why = input<readonly Why[]>([]);
  readonly put = output();
  readonly dropped = output<CdkDragDrop<string, string, { lot: string }>>();
  protected readonly open = signal(false);
  protected readonly lotName = lotName;
  protected readonly trouble = TROUBLE;
  protected readonly ways = WAYS;
  protected readonly readTime = readTime;
  protected readonly readGuests = orEmpty(0, countReader(0, 60, 'Guests are'));
  protected readonly readPieces = computed(
    () =>
      new Map(
        this.day().servings.map(({ serving, lot }) => [
          serving.lot,
          countReader(1, lot?.countLeft ?? 1, 'Pieces are'),
        ]),
      ),
  );
  protected readonly isToday = computed(() => this.day().date === this.week.today());
  protected readonly isPast = computed(() => this.day().date < this.week.today());
  protected readonly whyWords = computed(() =>
    (this.day().servings.length > 0 ? this.why() : []).map((each) => WHY[each]).join(', '),
  );
  protected readonly canServe = computed(
    () =>
      this.day().date <= this.week.today() &&
      this.day().servings.some(({ trouble, isServed }) => trouble === null && !isServed),
  );
  protected readonly isShort = computed(
    () => this.day().servings.length > 0 && this.day().plates < this.day().wanted - 0.25,
  );

  /** Cost of what is planned or was eaten; null where some of it is unknown. */
  protected readonly costMinor = computed(() =>
    this.day().servings.reduce<number | null>((sum, each) => {
      const cost = this.costOf(each);
      return sum === null || cost === null ? null : sum + cost;
    }, 0),
  );

  constructor() {
    backCloses(this.open, () => this.open.set(false));
  }

  private costOf({ lot, isServed, plates }: PlannedServing): number | null {
    const cost = lot && this.costs().get(lot.id);
    if (!lot || !cost?.complete) return null;
    if (isServed)
      return lot.flows.reduce(
        (sum, { way, on }, i) =>
          way === 'eaten' && on === this.day().date ? sum + (cost.flows[i] ?? 0) : sum,
        0,
      );
    return lot.platesLeft > 0 ? (cost.leftMinor * plates) / lot.platesLeft : cost.leftMinor;
  }

  protected out({ serving, lot, isServed }: PlannedServing): string {
    if (isServed) return 'eaten';
    const known = this.week
      .takeOuts()
      .find((each) => each.date === this.day().date && each.serving.lot === serving.lot);
    if (!known || !lot) return '';
    const cold = this.colds.of()(lot);
    if (known.isOut)
      return cold.state === 'thawing' && cold.readyAt
        ? `thawing, ready about ${this.format.moment(cold.readyAt)}`
        : STATE_WORDS[cold.state];
    if (cold.state === 'freezing' && known.hours === 0 && known.way !== 'from-frozen')
      return `freezing: out by ${this.format.moment(known.remindAt)}, before it is hard`;
    if (known.way === 'from-frozen') return 'cook from frozen, or another day';
    const { date, time } = wallAt(known.remindAt, this.week.zone());
    return `out by ${date === this.day().date ? '' : `${this.format.weekday(date)} `}${this.format.time(time)}${known.way === 'cold-water' ? ', cold water' : ''}`;
  }

  protected setGuests(guests: number): void {
    void this.week.set(
      this.day().date,
      { guests },
      guests === 0 ? 'No guests' : `${guests} ${guests === 1 ? 'guest' : 'guests'}`,
    );
  }

  protected toggle(name: string): void {
    const { meal, date } = this.day();
    const isAway = meal.absent.includes(name);
    void this.week.set(
      date,
      { absent: isAway ? meal.absent.filter((each) => each !== name) : [...meal.absent, name] },
      isAway ? `${name} is there` : `${name} is away`,
    );
  }

  protected setTime(text: string): void {
    void this.week.set(this.day().date, { at: text }, `Dinner at ${this.format.time(text)}`);
  }

  protected wayOf({ way }: Serving): Way {
    return way ?? '';
  }

  protected setWay(serving: Serving, way: Way): void {
    void this.week.setServing(this.day().date, serving.lot, { way: way === '' ? undefined : way });
  }

  protected setCount(serving: Serving, lot: NonNullable<PlannedServing['lot']>, count: number): void {
    void this.week.setServing(this.day().date, serving.lot, {
      amount: count === lot.countLeft ? 'all' : { count },
    });
  }

  protected countOf({ amount }: Serving, lot: NonNullable<PlannedServing['lot']>): number {
    return amount === 'all' ? lot.countLeft : 'count' in amount ? amount.count : lot.countLeft;
  }

  protected byKey(event: KeyboardEvent, lot: string): void {
    const days = this.week.days();
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      return void this.week.take(lot, this.day().date);
    }
    const day = days[Number(event.key) - 1];
    if (!day || day.date === this.day().date) return;
    event.preventDefault();
    void this.week.put(lot, day.date, this.day().date);
  }
}
