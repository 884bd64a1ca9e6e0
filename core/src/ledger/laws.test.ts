import { merged } from '../testing/merged';
import { animalOfKind } from '../catalogue/kinds';
import * as fc from 'fast-check';
import { costOfLots } from '../cost/cost-of-lots';
import { COST_METHODS } from '../cost/method';
import { COST_METHOD_IDS } from '../cost/method-ids';
import { priceBook } from '../price/price-book';
import { readFile } from '../exchange/read-file';
import { writeFile } from '../exchange/write-file';
import { runs } from '../testing/runs';
import { choices, endOf, play } from '../testing/random-journal';
import { append, journalOf, stampOfNext, type Journal } from './journal';
import { householdOf, type Household } from '../records/household';
import { purchaseTotals } from './bought-together';
import type { EntryOf } from './entry';
import { flowedDg, totalDg, type Lot } from './lot';
import { replay } from './replay';

const RUNS = runs(1000);
const asText = (journal: Journal): string => JSON.stringify([...journal.state.lots.values()]);

/** Which laws of mass a lot breaks. */
function brokenOf(lot: Lot, lots: ReadonlyMap<string, Lot>): string[] {
  const { leftDg, foundDg, thawingDg, addedDg, inDg, countLeft, flows, sources } = lot;
  const sumDg = (all: readonly { readonly massDg: number }[]) =>
    all.reduce((sum, { massDg }) => sum + massDg, 0);
  const holds: Readonly<Record<string, boolean>> = {
    'what came in and was found is what flowed out and what is left': sumDg(flows) + leftDg === totalDg(lot),
    'no mass is below nothing': [leftDg, foundDg, thawingDg, ...flows.map(({ massDg }) => massDg)].every(
      (massDg) => massDg >= 0,
    ),
    'no more thaws than there is': thawingDg <= leftDg,
    'no count is below nothing': countLeft >= 0,
    'it is what its sources gave': sources.length === 0 || sumDg(sources) + addedDg === inDg,
    'what a source gave flowed out of it': sources.every((source) => {
      const flow = lots.get(source.lot)?.flows[source.flow];
      return flow?.lot === lot.id && flow.massDg === source.massDg;
    }),
  };
  return Object.keys(holds).flatMap((law) => (holds[law] ? [] : [`${lot.id}: ${law}`]));
}

describe('laws on random journals', () => {
  it('mass: what came in and was found is what flowed out and what is left, in every lot', () => {
    fc.assert(
      fc.property(choices, (list) => {
        const { lots } = endOf(play(list)).state;
        // One expectation a journal: one for each figure would take longer than the journals.
        expect([...lots.values()].flatMap((lot) => brokenOf(lot, lots))).toEqual([]);
      }),
      RUNS,
    );
  });

  it('mass and money: what was split is what was bought, in weight, count and coins', () => {
    fc.assert(
      fc.property(choices, (list) => {
        const { entries, state } = endOf(play(list));
        const received = entries.filter((each): each is EntryOf<'received'> => each.type === 'received');
        const asBought = replay(
          entries.filter(({ type }) => !['split', 'drained', 'counted'].includes(type)),
          animalOfKind,
        ).lots;
        for (const { id, lot } of received) {
          const pieces = [...state.lots.values()].filter((each) => each.form === 'piece' && each.came === id);
          if (pieces.length === 0) continue;
          const { count, inDg = 0, paidMinor } = asBought.get(lot) ?? {};
          expect(purchaseTotals(pieces)).toEqual({ count, inDg, paidMinor });
          expect(pieces.every((each) => each.inDg > 0 && (each.paidMinor ?? 0) >= 0)).toBe(true);
        }
      }),
      RUNS,
    );
  });

  it('money: what was paid is what went off the table and what is left, to the smallest coin, under every school', () => {
    fc.assert(
      fc.property(
        choices,
        fc.constantFrom(...COST_METHOD_IDS),
        fc.array(
          fc.constantFrom('chicken-breast-bone-in', 'chicken-grind', 'chicken-stew', 'chicken-bones'),
          { maxLength: 4 },
        ),
        (list, school, priced) => {
          const { state } = endOf(play(list));
          const notes = priced.map(
            (item, index) =>
              [
                `k${index}`,
                { item, shop: 'Hollis Lane Farm', perKgMinor: 100 + 777 * index, on: '2026-03-01' },
              ] as const,
          );
          const costs = costOfLots(state, COST_METHODS[school], {
            pricing: {
              book: priceBook(notes),
              choices: new Map([['chicken-bones', { unwanted: priced.length > 2 }]]),
            },
            plate: { dg: 2000 },
          });
          const lots = [...state.lots.values()];
          const paid = lots.reduce((sum, lot) => sum + (lot.paidMinor ?? 0), 0);
          let ended = 0;
          for (const lot of lots) {
            const cost = costs.get(lot.id);
            const flows = cost?.flows ?? [];
            expect(flows.every((minor) => minor >= 0)).toBe(true);
            const gone = lot.flows.reduce((sum, flow, i) => (flow.lot ? sum : sum + (flows[i] ?? 0)), 0);
            ended += gone + (cost?.leftMinor ?? 0);
            if (lot.leftDg === 0 && totalDg(lot) > flowedDg(lot, 'cut', 'liquid', 'unaccounted'))
              expect(cost?.leftMinor).toBe(0);
          }
          expect(ended).toBe(paid);
        },
      ),
      RUNS,
    );
  });

  it('a refused entry changes nothing, and an accepted one is what a replay from the start says', () => {
    fc.assert(
      fc.property(choices, (list) => {
        for (const [i, { before, after, refusal }] of play(list).entries()) {
          expect(after === undefined).toBe(refusal !== undefined);
          if (i % 4 === 0)
            expect(JSON.stringify([...replay(before.entries, animalOfKind).lots])).toBe(
              JSON.stringify([...before.state.lots]),
            );
          if (after) expect(after.state.setAside).toEqual([]);
        }
      }),
      RUNS,
    );
  });

  it('undoing the last entry restores the state exactly, and redoing it brings it back', () => {
    fc.assert(
      fc.property(choices, (list) => {
        const accepted = play(list).filter(
          ({ after, entry }) => after && !['undone', 'redone'].includes(entry.type),
        );
        const last = accepted.at(-1);
        if (!last?.after) return;
        const meta = (journal: Journal, type: 'undone' | 'redone'): Journal => {
          const stamp = stampOfNext(journal, last.entry.at, 'tablet');
          const entry = { type, entries: [last.entry.id], id: `meta-${stamp.seq}`, ...stamp };
          const { value: next, problem: refusal } = append(journal, entry);
          if (!next) throw new Error(`refused: ${JSON.stringify(refusal)}`);
          return next;
        };
        const undone = meta(last.after, 'undone');
        expect(asText(undone)).toBe(asText(last.before));
        expect(asText(meta(undone, 'redone'))).toBe(asText(last.after));
      }),
      RUNS,
    );
  });

  it('export, import into an empty household, export: the same bytes', () => {
    fc.assert(
      fc.property(choices, (list) => {
        const text = writeFile(householdOf(endOf(play(list)).entries, []));
        const { value: household, problem } = readFile(text);
        expect(problem).toBeUndefined();
        expect(writeFile(household as Household)).toBe(text);
      }),
      RUNS,
    );
  });

  it('merge is commutative, associative and idempotent', () => {
    const three = fc.tuple(choices, choices, choices, choices);
    fc.assert(
      fc.property(three, ([shared, one, two, three]) => {
        const start = endOf(play(shared.slice(0, 12), 'shared'));
        const [a, b, c] = [one, two, three].map((list, i) =>
          householdOf(endOf(play(list.slice(0, 15), `device-${i}`, start), start).entries, []),
        ) as [Household, Household, Household];
        const text = (household: Household): string =>
          writeFile(household) + asText(household.journal) + JSON.stringify(household.journal.state.setAside);
        expect(text(merged(a, b))).toBe(text(merged(b, a)));
        expect(text(merged(merged(a, b), c))).toBe(text(merged(a, merged(b, c))));
        expect(text(merged(a, a))).toBe(text(a));
        const both = merged(a, b);
        expect(both.journal.entries).toHaveLength(
          new Set([...a.journal.entries, ...b.journal.entries].map(({ id }) => id)).size,
        );
      }),
      RUNS,
    );
  });

  it('replays in any order of arrival to the same state', () => {
    fc.assert(
      fc.property(choices, fc.infiniteStream(fc.nat()), (list, keys) => {
        const journal = endOf(play(list));
        const shuffled = journal.entries
          .map((entry) => ({ entry, key: keys.next().value as number }))
          .sort((x, y) => x.key - y.key);
        expect(
          asText(
            journalOf(
              shuffled.map(({ entry }) => entry),
              animalOfKind,
            ),
          ),
        ).toBe(asText(journal));
      }),
      { numRuns: 200 },
    );
  });

  it('stock, of one device and of two merged: every gram is in one place, and what does not fit is set aside', () => {
    fc.assert(
      fc.property(choices, choices, choices, (shared, one, two) => {
        const start = endOf(play(shared.slice(0, 12), 'shared'));
        const [a, b] = [one, two].map((list, i) =>
          householdOf(endOf(play(list.slice(0, 20), `device-${i}`, start), start).entries, []),
        ) as [Household, Household];
        for (const { journal } of [a, merged(a, b)]) {
          const { lots, setAside, voided } = journal.state;
          const all = [...lots.values()];
          const cameInDg = all.reduce(
            (sum, lot) => sum + lot.foundDg + lot.addedDg + (lot.sources.length === 0 ? lot.inDg : 0),
            0,
          );
          const goneDg = all.reduce(
            (sum, lot) => sum + lot.flows.reduce((out, flow) => (flow.lot ? out : out + flow.massDg), 0),
            0,
          );
          expect(goneDg + all.reduce((sum, { leftDg }) => sum + leftDg, 0)).toBe(cameInDg);
          const takers = new Set(all.flatMap(({ flows }) => flows.map(({ entry }) => entry)));
          const ids = new Set(setAside.map(({ entry }) => entry.id));
          for (const entry of journal.entries)
            if (entry.type === 'eaten' && !takers.has(entry.id))
              expect(ids.has(entry.id) || voided.has(entry.id)).toBe(true);
        }
      }),
      RUNS,
    );
  });
});
