import type { Fact } from '../ledger/entry';
import { JournalBuilder } from '../testing/journal-builder';
import { packsWanted } from './packs-wanted';
import { planPacks } from './plan-packs';
import { toWrap } from './stock';
import { tokensOf, type Token } from './table';
import { contentsOf, trayName, traysOf } from './trays';
import { usualWrapping, type Wrapping } from './wrapping';

const on = '2026-01-01';
const eaters = [
  { name: 'Odile', plateDg: 2000 },
  { name: 'Bram', plateDg: 1800 },
];

/** What was weighed off one piece, on the table. */
function table(
  kind: string,
  ...cuts: readonly (readonly [
    part: string,
    destination: 'main' | 'second' | 'grind',
    massDg: number,
    count: number,
  ])[]
): Token[] {
  const facts: Fact[] = [
    { type: 'received', lot: 'p', kind, count: 1, massDg: 200_000, paidMinor: 6000, on },
    ...cuts.map(([part, destination, massDg, count], n): Fact => ({
      type: 'cut',
      from: 'p',
      lot: `l${n}`,
      part,
      destination,
      massDg,
      count,
      on,
    })),
  ];
  return tokensOf(toWrap(new JournalBuilder().add(...facts).household().journal.state), 'raw', new Map());
}

/** The trays of the best plan: their names, and what lies in each, g. */
function packed(tokens: readonly Token[], ways: Wrapping['ways']): { names: string[]; grams: number[][] } {
  const wrapping = { ...usualWrapping({ eaters }), ways };
  const { value: plan, problem } = planPacks(packsWanted(tokens, tokens[0]!.lot.animal, eaters, wrapping)!);
  if (!plan) throw new Error(problem);
  const byId = new Map(tokens.map((token) => [token.id, token]));
  let n = 0;
  const trays = traysOf(plan, byId, wrapping, () => `t${++n}`);
  expect(plan.left).toEqual([]);
  return {
    names: trays.map((tray) => trayName(tray, byId)),
    grams: trays.map((tray) => contentsOf(tray, byId).map(({ massDg }) => massDg / 10)),
  };
}

describe('portioned otherwise than by who eats', () => {
  it('four thighs a pack, while the breasts go by who eats', () => {
    const tokens = table('whole-chicken', ['thighs', 'main', 10_400, 8], ['breasts', 'main', 4000, 2]);
    const { names, grams } = packed(tokens, { 'whole-chicken:thighs': { each: 4 } });
    expect(names.filter((name) => name.startsWith('4 thighs'))).toEqual(['4 thighs', '4 thighs']);
    expect(names.filter((name) => name.includes('dinner for all'))).toHaveLength(1);
    expect(grams.flat().reduce((sum, mass) => sum + mass, 0)).toBeCloseTo(1440);
  });

  it('half a kilogram of grind a pack', () => {
    const tokens = table('strip-loin', ['trimmings', 'grind', 15_000, 1]);
    const { grams } = packed(tokens, { 'strip-loin:trimmings': { massDg: 5000 } });
    expect(grams).toEqual([[500], [500], [500]]);
  });

  it('each steak alone', () => {
    const tokens = table('strip-loin', ['steaks', 'main', 2500, 1], ['steaks', 'main', 2600, 1]);
    const { names } = packed(tokens, { 'strip-loin:steaks': { each: 1 } });
    expect(names).toEqual(['Steak', 'Steak']);
  });

  it('a steak that the household carves is one dinner for both', () => {
    const tokens = table('strip-loin', ['steaks', 'main', 3800, 1]);
    const { names } = packed(tokens, { 'strip-loin:steaks': { carved: true } });
    expect(names).toEqual(['Steak, dinner for all']);
  });
});
