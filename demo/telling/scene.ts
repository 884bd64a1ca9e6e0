import { NO_MEAL, type Serving } from '@core/dinner/meal';
import type { Lot } from '@core/ledger/lot';
import { emptyTray, type Tray } from '@core/pack/tray';
import type { Chapter } from '@core/story/story-file';
import { addDays } from '@core/units/date';
import { EATERS, REFRIGERATOR } from '../story/household';
import * as now from '../story/now';
import { wall } from './agenda';
import { receive } from './buy';
import { cutUp, type OnTable } from './cut-up';
import { freeze } from './freeze';
import { packUp } from './pack-up';
import { daysToThaw, takeOut } from './take-out';
import type { Open } from './scribe';
import type { Telling } from './telling';

/** Minutes after midnight. */
const [SHOP, TAKEN_OUT, EATEN] = [10 * 60, 7 * 60 + 40, 18 * 60 + 45];
/** Who cuts as quickly as this has done it often: what was begun twenty minutes ago is half done. */
const QUICK = 0.45;
/** Trays with so many chops: one is full, the next not yet. */
const LAID = [5, 3] as const;

/** What is going on just now. It stands on nothing of the past, so that it fits after any of it. */
export class Scene {
  /** The trays on the table. */
  readonly trays: Tray[] = [];
  /** Pieces in their bags, by kind. */
  private readonly waiting = new Map<string, string>();

  constructor(private readonly telling: Telling) {
    const { agenda } = telling;
    const [day] = now.NOW.split('T') as [string];
    agenda.at(wall(now.FOR_THE_FEAST.on, SHOP), () => this.forTheFeast());
    agenda.at(wall(now.FOR_THE_WEEK.on, SHOP), () => this.forTheWeek());
    agenda.at(wall(now.YESTERDAY.on, SHOP), () => this.yesterday());
    agenda.at(minutesAgo(now.BEGUN.table), () => this.onTheTable());
    agenda.at(minutesAgo(now.BEGUN.board), () => this.onTheBoard());
    if (day !== now.DINNER.on) throw new Error('The next dinner of the story is today');
  }

  private bought(line: typeof now.YESTERDAY, moves: Chapter['moves']): { chapter: Open; piece: string } {
    const chapter = this.telling.scribe.chapter(moves);
    const [piece = ''] = receive(this.telling, chapter, line);
    this.telling.scribe.pass(20);
    return { chapter, piece };
  }

  private packed(line: typeof now.YESTERDAY): { chapter: Open; packs: string[] } {
    const { chapter, piece } = this.bought(line, 'days');
    const packs = packUp(this.telling, chapter, cutUp(this.telling, chapter, piece, line));
    for (const pack of packs) this.telling.spokenFor.add(pack);
    return { chapter, packs };
  }

  private forTheFeast(): void {
    const { chapter, packs } = this.packed(now.FOR_THE_FEAST);
    for (const key of packs)
      this.telling.scribe.note(chapter, { type: 'reserved', key, value: { for: now.FEAST } });
    freeze(this.telling, chapter, packs);
  }

  /** A piece for the dinners of these days; the plan is written the day before the first. */
  private forTheWeek(): void {
    const { scribe } = this.telling;
    const { chapter, packs } = this.packed(now.FOR_THE_WEEK);
    freeze(this.telling, chapter, packs);
    const left = packs.map((id) => scribe.lot(id));
    for (const line of now.WEEK) {
      const own = left.filter((lot) => lot.part === line.part).slice(0, line.packs ?? 1);
      for (const lot of own) left.splice(left.indexOf(lot), 1);
      this.plan(line, own);
    }
  }

  /** A day of the plan; what is eaten by now, or next, is taken out in time. */
  private plan({ days, meal }: now.Planned, packs: readonly Lot[]): void {
    const { scribe, agenda } = this.telling;
    const on = addDays(now.DINNER.on, days);
    const chapter = scribe.chapter('dinner');
    const servings = packs.map(({ id }): Serving => ({ lot: id, amount: 'all' }));
    const out = days > 0 ? [] : packs;
    const ahead = Math.max(1, ...out.map(daysToThaw));
    agenda.at(wall(addDays(on, days > 0 ? -days - 1 : -ahead), TAKEN_OUT), () => {
      scribe.note(chapter, { type: 'meal', key: on, value: { ...NO_MEAL, servings, ...meal } });
      for (const { id } of out) takeOut(scribe, chapter, id);
    });
    for (const { id } of days < 0 ? packs : [])
      agenda.at(wall(on, EATEN), () =>
        scribe.write(chapter, [{ type: 'eaten', lot: id, amount: 'all', on: scribe.day }], 'phone'),
      );
  }

  /** Birds: one pack waits in the refrigerator. And two pieces in their bags. */
  private yesterday(): void {
    const { scribe } = this.telling;
    const { chapter, packs } = this.packed(now.YESTERDAY);
    const waits = packs.find((id) => scribe.lot(id).part === 'breast') ?? '';
    scribe.write(chapter, [{ type: 'placed', lot: waits, place: REFRIGERATOR }]);
    freeze(
      this.telling,
      chapter,
      packs.filter((id) => id !== waits),
    );
    for (const line of [now.ON_THE_TABLE, now.ON_THE_BOARD]) {
      this.waiting.set(line.kind, this.bought(line, 'days').piece);
    }
  }

  private onTheTable(): void {
    const chapter = this.telling.scribe.chapter('minutes');
    const piece = this.waiting.get(now.ON_THE_TABLE.kind) ?? '';
    const table = cutUp(this.telling, chapter, piece, now.ON_THE_TABLE, { pace: QUICK });
    const chops = table.filter(({ part }) => part.id === 'chops');
    LAID.forEach((many, nth) => this.lay(chops[nth] as OnTable, many));
  }

  private lay({ lot, count }: OnTable, many: number): void {
    const tokens = Array.from({ length: Math.min(many, count) }, (_, k) => `${lot}.${k + 1}`);
    this.trays.push({
      ...emptyTray(this.telling.scribe.name('pack'), { wrap: 'vacuum bag' }),
      wanted: 'dinner for all',
      eaters: EATERS.map(({ name }) => name),
      tokens,
    });
  }

  private onTheBoard(): void {
    const chapter = this.telling.scribe.chapter('minutes');
    const piece = this.waiting.get(now.ON_THE_BOARD.kind) ?? '';
    cutUp(this.telling, chapter, piece, now.ON_THE_BOARD, { pace: QUICK, weighings: now.BEGUN.weighings });
  }
}

const minutesAgo = (minutes: number): string =>
  wall(now.NOW.slice(0, 10), Number(now.NOW.slice(11, 13)) * 60 + Number(now.NOW.slice(14, 16)) - minutes);
