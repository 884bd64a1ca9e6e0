import { EMPTY_HOUSEHOLD } from '@core/records/household';
import type { Entry, Fact } from '@core/ledger/entry';
import { append, stampOfNext, type Journal } from '@core/ledger/journal';
import type { HouseholdRecord } from '@core/records/record';
import type { IsoDate } from '@core/units/date';

/** Writes the demo journal, one accepted entry at a time, as the household's tablet would. */
export class Scribe {
  readonly records: HouseholdRecord[] = [];
  private journal: Journal = EMPTY_HOUSEHOLD.journal;
  private minute = 0;
  private named = 0;

  constructor(private today: IsoDate) {}

  get day(): IsoDate {
    return this.today;
  }

  get state(): Journal['state'] {
    return this.journal.state;
  }

  get entries(): readonly Entry[] {
    return this.journal.entries;
  }

  /** Goes to a later day, at a minute of it. */
  goTo(day: IsoDate, minute: number): void {
    if (day < this.today) throw new Error(`${day} is before ${this.today}`);
    this.minute = day === this.today ? Math.max(minute, this.minute + 1) : minute;
    this.today = day;
  }

  /** Lets minutes go by. */
  pass(minutes: number): void {
    this.minute += minutes;
  }

  name(prefix: string): string {
    return `${prefix}-${String(++this.named).padStart(3, '0')}`;
  }

  write(fact: Fact): string {
    const stamp = stampOfNext(this.journal, this.now(), 'tablet');
    const entry = { ...fact, id: `e-${String(stamp.seq).padStart(4, '0')}`, ...stamp } as Entry;
    const { value: journal, problem: refusal } = append(this.journal, entry);
    if (!journal) throw new Error(`${JSON.stringify(fact)} was refused: ${JSON.stringify(refusal)}`);
    this.journal = journal;
    this.minute += 1;
    return entry.id;
  }

  note(record: Omit<HouseholdRecord, 'stamp'>): void {
    const stamp = { at: this.now(), device: 'tablet', seq: this.records.length };
    this.records.push({ ...record, stamp } as HouseholdRecord);
  }

  private now(): string {
    return new Date(Date.parse(`${this.today}T00:00:00.000Z`) + this.minute * 60_000).toISOString();
  }
}
