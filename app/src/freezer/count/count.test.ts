import { TestBed } from '@angular/core/testing';
import { shortNumber } from '@core/label/short-number';
import type { Fact } from '@core/ledger/entry';
import { inHousehold } from '../../testing/household';
import { Notices } from '../../household/notices';
import { Count, toggled } from './count';

const pack = (lot: string, place: string): Fact[] => [
  {
    type: 'acquired',
    lot,
    name: lot,
    destination: 'main',
    massDg: 5000,
    count: 1,
    paidMinor: null,
    origin: 'already-here',
    on: '2026-11-01',
  },
  { type: 'placed', lot, place },
];

/** Two packs in the chest, one in the drawer, one eaten. */
async function stockTake() {
  const { it: count, store } = await inHousehold(Count, {}, [Count]);
  await store.perform({
    facts: [
      ...pack('chops', 'chest'),
      ...pack('stew', 'chest'),
      ...pack('wings', 'drawer'),
      ...pack('liver', 'chest'),
      { type: 'eaten', lot: 'liver', amount: 'all', on: '2026-11-02' },
    ],
  });
  count.goTo('chest');
  return { count, store, said: () => TestBed.inject(Notices).notice()?.text };
}

describe('a stock-take', () => {
  it('ticks by hand and by number, and closes where all is there', async () => {
    const { count, said } = await stockTake();
    expect(count.packs().map(({ id }) => id)).toEqual(['chops', 'stew']);
    count.toggle('chops');
    count.tick(` ${shortNumber('stew').toLowerCase()} `);
    expect([...count.found()]).toEqual(['chops', 'stew']);
    count.close();
    expect([count.isClosing(), said()]).toEqual([false, 'Everything is there.']);
    count.toggle('chops');
    expect(count.missing().map(({ id }) => id)).toEqual(['chops']);
  });

  it('puts right what is missing, by what somebody says became of it', async () => {
    const { count, store } = await stockTake();
    count.toggle('chops');
    count.close();
    expect(count.isClosing()).toBe(true);
    count.setWhy('stew', 'eaten');
    await count.write();
    expect(count.isClosing()).toBe(false);
    expect(store.state().lots.get('stew')?.flows).toMatchObject([{ way: 'eaten', massDg: 5000 }]);
  });

  it('takes in what lies here and should lie elsewhere, or was written down as gone', async () => {
    const { count, store } = await stockTake();
    count.tick(shortNumber('wings'));
    await count.takeSurplus();
    expect(store.state().lots.get('wings')?.place).toBe('chest');
    count.tick(shortNumber('liver'));
    count.weighSurplus(4000);
    await count.takeSurplus();
    expect(store.state().lots.get('liver')).toMatchObject({ place: 'chest', leftDg: 4000 });
    expect(count.found()).toEqual(new Set(['wings', 'liver']));
    count.tick(shortNumber('wings'));
    count.leaveSurplus();
    expect(count.surplus()).toBeNull();
  });

  it('says where no pack has a number, and begins anew elsewhere', async () => {
    const { count, said } = await stockTake();
    count.tick('  ');
    expect(count.surplus()).toBeNull();
    count.tick('ZZZZ');
    expect(said()).toContain('No pack has the number ZZZZ');
    count.close();
    count.goTo('drawer');
    expect(count.isClosing()).toBe(false);
    count.lookAgain();
    expect(count.packs().map(({ id }) => id)).toEqual(['wings']);
  });
});

it('what is toggled is in, and out again', () => {
  expect(toggled(toggled(new Set(['a']), 'b'), 'a')).toEqual(new Set(['b']));
});
