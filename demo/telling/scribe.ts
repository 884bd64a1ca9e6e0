import { animalOfKind } from '@core/catalogue/kinds';
import { registerOwnKinds } from '@core/catalogue/own-kinds';
import type { Deed } from '@core/deeds/deed';
import { clocksOf } from '@core/cold/household-clocks';
import type { Cold } from '@core/cold/cold';
import { coldPlaces, type Appliance } from '@core/cold/cold-places';
import type { Place } from '@core/cold/place';
import { apply, META_TYPES } from '@core/ledger/apply';
import { Draft } from '@core/ledger/draft';
import type { Entry, Fact } from '@core/ledger/entry';
import type { Lot } from '@core/ledger/lot';
import { replay, type State } from '@core/ledger/replay';
import { stockOf } from '@core/pack/stock';
import type { NewRecord } from '@core/records/record';
import type { Chapter, StoryEntry, StoryRecord } from '@core/story/story-file';
import type { IsoDate } from '@core/units/date';
import { PORK_BELLY } from '../story/pork-belly';
import type { Wall } from './agenda';

type Moves = Chapter['moves'];

registerOwnKinds([PORK_BELLY]);

/** A chapter that is being written. */
export interface Open {
  readonly moves: Moves;
  readonly entries: StoryEntry[];
  readonly records: StoryRecord[];
}

/**
 * Writes the story down, one accepted entry at a time, as the household's devices would. In the story
 * clocks on the wall are those of the universal time.
 */
export class Scribe {
  readonly chapters: Open[] = [];
  readonly places = new Map<string, Place>();
  readonly all: Entry[] = [];
  private draft = Draft.empty(animalOfKind);
  private voided: State['voided'] = new Set();
  private second = 0;
  private named = 0;

  /** @param begins the first moment */
  constructor(begins: Wall) {
    this.goTo(begins);
  }

  /** The day it is. */
  get day(): IsoDate {
    return this.now.slice(0, 10);
  }

  get now(): Wall {
    return new Date(this.second * 1000).toISOString().slice(0, 19);
  }

  get state(): State {
    return { lots: this.draft.lots, voided: this.voided, setAside: [] };
  }

  get stock(): Lot[] {
    return stockOf(this.state);
  }

  get appliances(): Appliance[] {
    return coldPlaces(this.places);
  }

  lot(id: string): Lot {
    const lot = this.draft.lots.get(id);
    if (!lot) throw new Error(`There is no ${id}`);
    return lot;
  }

  /** The clock of each lot, as it stands now. */
  clocks(): (lot: Lot) => Cold {
    const clocks = clocksOf({
      state: this.state,
      places: this.places,
      settings: {},
      dayOf: (at) => at.slice(0, 10),
    });
    const now = { instant: `${this.now}.000Z`, today: this.day };
    return (lot) => clocks.at(lot, now);
  }

  /** Goes on to a later moment; an earlier one has passed already. */
  goTo(at: Wall): void {
    this.second = Math.max(this.second, Date.parse(`${at}.000Z`) / 1000);
  }

  /** Lets minutes go by. */
  pass(minutes: number): void {
    this.second += Math.round(minutes * 60);
  }

  /** A new id. */
  name(prefix: string): string {
    return `${prefix}-${String(++this.named).padStart(4, '0')}`;
  }

  /** Begins a chapter: it is told whole, or not at all. */
  chapter(moves: Moves = 'weeks'): Open {
    const open: Open = { moves, entries: [], records: [] };
    this.chapters.push(open);
    return open;
  }

  /** Writes what belongs together, all of it. */
  write(chapter: Open, facts: readonly Fact[], device = 'tablet'): void {
    const deed = facts.length > 1 ? this.nextId() : undefined;
    facts.forEach((fact, nth) => {
      const id = this.nextId();
      const at = this.now;
      this.accept({
        ...fact,
        id,
        at: `${at}.000Z`,
        device,
        seq: this.all.length,
        ...(nth > 0 ? { deed } : {}),
      } as Entry);
      chapter.entries.push({ ...fact, id, at, device, ...(nth > 0 ? { deed } : {}) } as StoryEntry);
      this.second += 1;
    });
    this.pass(1);
  }

  /** Does a deed of the application. */
  perform(chapter: Open, { facts = [], records = [] }: Deed, device?: string): void {
    this.write(chapter, facts, device);
    for (const record of records) {
      if ('change' in record) throw new Error('The story writes whole records');
      this.note(chapter, record, device);
    }
  }

  note(chapter: Open, record: NewRecord, device = 'tablet'): void {
    if (record.type === 'place' && record.value) this.places.set(record.key, record.value);
    chapter.records.push({ ...record, at: this.now, device } as StoryRecord);
    this.second += 1;
  }

  private nextId(): string {
    return `e-${String(this.all.length + 1).padStart(5, '0')}`;
  }

  private accept(entry: Entry): void {
    this.all.push(entry);
    if (META_TYPES.has(entry.type)) {
      const state = replay(this.all, animalOfKind);
      const [aside] = state.setAside;
      if (aside) throw new Error(`${JSON.stringify(entry)}: ${JSON.stringify(aside)}`);
      this.draft = Draft.of(state.lots, animalOfKind);
      this.voided = state.voided;
      return;
    }
    const refusal = apply(this.draft, entry);
    if (refusal) throw new Error(`${JSON.stringify(entry)} was refused: ${JSON.stringify(refusal)}`);
  }
}
