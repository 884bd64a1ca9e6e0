import { CdkDrag, CdkDropList, CdkDropListGroup, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { dueWithin } from '@core/dinner/take-out';
import { lotName } from '@core/catalogue/lot-name';
import { THAWING } from '@core/cold/thawing-time';
import { wallAt } from '@core/units/zone';
import { Format } from '@core/format/format';
import { draftKey } from '../../household/draft-key';
import { HouseholdStore } from '../../household/household-store';
import { Swatch } from '../../ui/piece/swatch';
import { DayCard } from './day-card';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { DinnersForm } from './dinners-form';
import { PiecesDue } from './pieces-due';
import { STATE_WORDS } from '../../household/cold-words';
import { PackRows, type PackRow } from '../packs/pack-rows';
import { Week } from './week';
import { draftOf } from '../../ui/form/draft-of';
import { Choice } from '../../ui/field/choice';
import { TextField } from '../../ui/field/text-field';
import { DRAG_DELAY } from '../../ui/drag-delay';

/** So many packs are offered to be put on days; a search finds the others. */
const OFFERED = 14;
/** What leaves the freezer within half a day is told; each day says its own. */
const TOLD_H = 12;

/** A week's dinners: packs on days, who is there, what has to come out when. */
@Component({
  selector: 'v-week-page',
  imports: [
    CdkDrag,
    CdkDropList,
    CdkDropListGroup,
    Choice,
    TextField,
    Swatch,
    DayCard,
    DinnersForm,
    PiecesDue,
  ],
  providers: [Week],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './week-page.html',
  styleUrl: './week-page.css',
})
export class WeekPage {
  protected readonly dragDelay = DRAG_DELAY;
  protected readonly week = inject(Week);
  protected readonly format = inject(Format);
  protected readonly store = inject(HouseholdStore);
  private readonly packRows = inject(PackRows);
  protected readonly lotName = lotName;
  protected readonly thawing = THAWING;
  protected readonly states = STATE_WORDS;
  protected readonly search = signal('');
  protected readonly settingsOpen = signal(false);

  constructor() {
    keepInTab(draftKey('week'), { settingsOpen: this.settingsOpen });
  }
  protected readonly count = draftOf(() => Math.min(7, Math.max(1, this.week.usualDinners())));
  protected readonly counts = [1, 2, 3, 4, 5, 6, 7].map(
    (each) => [each, this.format.count(each, 'dinner')] as const,
  );
  /** The pack in the hand: the next day that is pressed gets it. */
  protected readonly held = signal<string | null>(null);
  protected readonly heldName = computed(() => this.packRows.byId().get(this.held() ?? '')?.name ?? '');

  private readonly offered = computed(() => {
    const words = this.search().toLowerCase().split(/\s+/).filter(Boolean);
    return this.packRows
      .all()
      .filter(
        (row) =>
          row.plates > 0 &&
          !row.cold.overdue &&
          row.planned.length === 0 &&
          words.every((word) => row.text.includes(word)),
      );
  });
  protected readonly packs = computed(() => this.offered().slice(0, OFFERED));
  protected readonly more = computed(() => this.offered().length - this.packs().length);
  protected readonly due = computed(() => dueWithin(this.week.takeOuts(), this.week.instant(), TOLD_H));

  protected outAt(instant: string): string {
    const { date, time } = wallAt(instant, this.week.zone());
    return instant <= this.week.instant()
      ? 'now'
      : date === this.week.today()
        ? `today ${this.format.time(time)}`
        : `${this.format.weekday(date)} ${this.format.time(time)}`;
  }

  protected isNow(instant: string): boolean {
    return instant <= this.week.instant();
  }

  protected hold(id: string): void {
    this.held.update((held) => (held === id ? null : id));
  }

  /** Put on a day by hand: what is held. */
  protected async putHeld(date: string): Promise<void> {
    const held = this.held();
    if (held === null) return;
    this.held.set(null);
    await this.week.put(held, date);
  }

  protected dropped({
    item,
    container,
    previousContainer,
  }: CdkDragDrop<string, string, { lot: string }>): void {
    if (container === previousContainer) return;
    const [from, to] = [previousContainer.data, container.data];
    if (to === '') void this.week.take(item.data.lot, from);
    else void this.week.put(item.data.lot, to, from || undefined);
  }

  protected byKey(event: KeyboardEvent, row: PackRow): void {
    const days = this.week.days();
    const nth = Number(event.key);
    const day = nth >= 1 && nth <= days.length ? days[nth - 1] : undefined;
    if (!day) return;
    event.preventDefault();
    void this.week.put(row.lot.id, day.date);
  }

  protected propose(): void {
    void this.week.propose(this.count());
  }
}
