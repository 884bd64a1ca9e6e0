import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readFile } from '@core/files/read-file';
import { stockOf } from '@core/pack/stock';
import { yieldTest } from '@core/yield/yield-test';
import { shopItem } from '@core/catalogue/shop-items';
import { valuesOf } from '@core/journal/household';
import { shopListsSchema } from '@core/price/shop-list';
import { daysBetween } from '@core/units/date';

describe('the demo household', () => {
  const text = readFileSync('demo/household.json', 'utf8');
  const { household } = readFile(text);
  const state = household?.journal.state;

  it('comes out of its script the same, byte for byte', () => {
    const file = join(tmpdir(), 'vendicus-demo.json');
    const { status } = spawnSync(process.execPath, ['dist/demo.mjs', file]);
    expect(status).toBe(0);
    expect(readFileSync(file, 'utf8')).toBe(text);
  });

  it('has five eaters, three shops, two years of finished pieces and one half-way', () => {
    expect(household && valuesOf(household, 'settings').get('household')?.eaters).toHaveLength(5);
    const pieces = [...(state?.lots.values() ?? [])].filter(({ form }) => form === 'piece');
    expect(new Set(pieces.map(({ shop }) => shop)).size).toBe(3);
    expect(pieces.filter(({ closed }) => closed)).toHaveLength(32);
    expect(pieces.filter(({ closed, leftDg }) => !closed && leftDg > 0)).toHaveLength(1);
    expect(state?.setAside).toEqual([]);
  });

  it('has two years of prices, with gaps, and the lists they came from', () => {
    const notes = [...(household ? valuesOf(household, 'price').values() : [])];
    const days = notes.map(({ on }) => on).sort();
    expect(daysBetween(days[0] ?? '', days.at(-1) ?? '')).toBeGreaterThan(700);
    expect(notes.some(({ item }) => item === 'chicken-wing')).toBe(false);
    const lists = shopListsSchema.parse(JSON.parse(readFileSync('demo/shop-lists.json', 'utf8')));
    expect(lists.shops.map(({ weeks }) => weeks.length)).toEqual([106, 106, 106]);
    for (const { lines } of lists.shops.flatMap(({ weeks }) => weeks)) for (const [item] of lines) expect(shopItem(item)).toBeDefined();
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
