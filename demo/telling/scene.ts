import { thawFacts } from '@core/dinner/use-facts';
import { NO_MEAL, type Serving } from '@core/dinner/meal';
import { emptyTray, type Tray } from '@core/pack/tray';
import type { Chapter } from '@core/story/story-file';
import { addDays } from '@core/units/date';
import { EATERS, REFRIGERATOR } from '../story/household';
import * as now from '../story/now';
import { wall } from './agenda';
import { receive } from './buy';
import { daysToThaw } from './dinners';
import { cutUp, type OnTable } from './cut-up';
import { freeze } from './freeze';
import { packUp } from './pack-up';
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
    const { scribe, agenda } = this.telling;
    const { chapter, packs } = this.packed(now.FOR_THE_WEEK);
    freeze(this.telling, chapter, packs);
    const left = packs.map((id) => scribe.lot(id));
    for (const { days, part, meal } of now.WEEK) {
      const nth = left.findIndex((lot) => lot.part === part);
      const [pack] = nth < 0 ? [] : left.splice(nth, 1);
      const servings: Serving[] = pack ? [{ lot: pack.id, amount: 'all' }] : [];
      const on = addDays(now.DINNER.on, days);
      const plan = scribe.chapter('dinner');
      const out = addDays(on, pack && days <= 0 ? -daysToThaw(pack) : -days - 1);
      agenda.at(wall(out, TAKEN_OUT), () => {
        scribe.note(plan, { type: 'meal', key: on, value: { ...NO_MEAL, servings, ...meal } });
        if (!pack || days > 0) return;
        const thawing = {
          way: 'refrigerator',
          refrigerator: REFRIGERATOR,
          newId: '',
          on: scribe.day,
        } as const;
        scribe.write(plan, thawFacts(pack, 'all', thawing).facts);
        if (days === 0) return;
        agenda.at(wall(on, EATEN), () =>
          scribe.write(plan, [{ type: 'eaten', lot: pack.id, amount: 'all', on: scribe.day }], 'phone'),
        );
      });
    }
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
      const { chapter: own, piece } = this.bought(line, 'days');
      scribe.write(own, [{ type: 'placed', lot: piece, place: REFRIGERATOR }]);
      this.waiting.set(line.kind, piece);
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
      eaters: EATERS.slice(0, many).map(({ name }) => name),
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
