import { readFileSync } from 'node:fs';
import { readFile } from '@core/exchange/read-file';
import { usualWrapping } from '@core/pack/wrapping';
import { packsWanted } from '@core/pack/packs-wanted';
import { planPacks } from '@core/pack/plan-packs';
import { stockOf, toWrap } from '@core/pack/stock';
import { tokensOf } from '@core/pack/table';
import { yieldTest } from '@core/yield/yield-test';
import { shopItem } from '@core/catalogue/shop-items';
import { settingsOf, valuesOf } from '@core/records/household';
import { shopListsSchema } from '@core/price/shop-list';
import { daysBetween } from '@core/units/date';
import { demoFiles } from './demo-files';

describe('the demo household', () => {
  const text = readFileSync('demo/household.json', 'utf8');
  const { value: household } = readFile(text);
  const state = household?.journal.state;

  it('comes out of its script the same, byte for byte', () => {
    const { household, shopLists } = demoFiles();
    expect(household).toBe(text);
    expect(shopLists).toBe(readFileSync('demo/shop-lists.json', 'utf8'));
  });

  it('has five eaters, three shops, two years of finished pieces and one half-way', () => {
    expect(household && settingsOf(household).eaters).toHaveLength(5);
    const pieces = [...(state?.lots.values() ?? [])].filter(({ form }) => form === 'piece');
    expect(new Set(pieces.map(({ shop }) => shop)).size).toBe(3);
    expect(pieces.filter(({ closed }) => closed)).toHaveLength(32);
    expect(pieces.filter(({ closed, leftDg }) => !closed && leftDg > 0)).toHaveLength(1);
    expect(state?.setAside).toEqual([]);
  });

  it('its strip loin is packed more evenly than with the next steak in line', () => {
    const settings = settingsOf(household!);
    const eaters = settings.eaters.map(({ name, plateDg }) => ({ name, targetG: plateDg / 10 }));
    const tokens = tokensOf(toWrap(state!), 'raw', new Map()).filter(
      ({ isHeap, lot }) => !isHeap && lot.kind === 'strip-loin',
    );
    expect(tokens).toHaveLength(5);
    const off = (masses: readonly number[]): number =>
      masses.reduce(
        (sum, mass, k) =>
          sum + Math.abs(mass - eaters[k % eaters.length]!.targetG) / eaters[k % eaters.length]!.targetG,
        0,
      ) / masses.length;
    const whole = off(tokens.map(({ massDg }) => massDg / 10));
    const halves = off(tokens.flatMap(({ massDg }) => [massDg / 20, massDg / 20]));
    const { value: plan } = planPacks(packsWanted(tokens, 'beef', settings.eaters, usualWrapping(settings))!);
    const plates = plan!.packs.flatMap((pack) => pack.plates);
    const planned =
      plates.reduce((sum, { eater, massG }) => {
        const { targetG } = eaters.find(({ name }) => name === eater)!;
        return sum + Math.abs(massG - targetG) / targetG;
      }, 0) / plates.length;
    console.info(
      `plates off on average: next steak in line ${(100 * whole).toFixed(1)} %, next half in line ${(100 * halves).toFixed(1)} %, planned ${(100 * planned).toFixed(1)} %`,
    );
    expect(plan).toMatchObject({ proven: true, left: [], collecting: [] });
    expect(plates).toHaveLength(10);
    expect(planned).toBeLessThan(halves);
    expect(planned).toBeLessThan(whole);
  });

  it('has two years of prices, with gaps, and the lists they came from', () => {
    const notes = [...(household ? valuesOf(household, 'price').values() : [])];
    const days = notes.map(({ on }) => on).sort();
    expect(daysBetween(days[0] ?? '', days.at(-1) ?? '')).toBeGreaterThan(700);
    expect(notes.some(({ item }) => item === 'chicken-wing')).toBe(false);
    const lists = shopListsSchema.parse(JSON.parse(readFileSync('demo/shop-lists.json', 'utf8')));
    expect(lists.shops.map(({ weeks }) => weeks.length)).toEqual([106, 106, 106]);
    for (const { lines } of lists.shops.flatMap(({ weeks }) => weeks))
      for (const [item] of lines) expect(shopItem(item)).toBeDefined();
  });

  it('has some forty packs, and yields as such pieces have', () => {
    expect(state && Math.abs(stockOf(state).length - 40)).toBeLessThan(8);
    for (const lot of state?.lots.values() ?? []) {
      if (lot.form !== 'piece' || !lot.closed || !state) continue;
      const { yield: part, unaccountedDg } = yieldTest(state, lot.id);
      expect(part).toBeGreaterThan(0.65);
      expect(part).toBeLessThan(0.9);
      expect(unaccountedDg / lot.inDg).toBeLessThan(0.02);
    }
  });
});
