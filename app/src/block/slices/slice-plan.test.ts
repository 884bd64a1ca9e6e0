import { TestBed } from '@angular/core/testing';
import { cutAsPlanned } from '@core/deeds/cut-as-planned';
import type { Deed } from '@core/deeds/deed';
import { firstRequest } from '@core/slice/first-request';
import { SlicePlans } from '../../compute/slice-plans';
import { HouseholdStore } from '../../household/household-store';
import { at, inHousehold } from '../../testing/household';
import { changed, otherWish, pinnedAfter, SlicePlan } from './slice-plan';

// Mixes are searched for in a worker; here nobody searches.
jest.mock('../../compute/slice-plans', () => ({
  SlicePlans: class {
    answer = (): null => null;
    ask = (): void => undefined;
  },
}));

const on = '2026-11-24';

/** Where to cut a strip loin of 5.000 kg, once something has been done with it. */
async function planOf(before: (store: HouseholdStore) => Deed | null = () => null) {
  const { store } = await inHousehold(HouseholdStore, {}, [SlicePlan, SlicePlans, at({ lot: 'p' })]);
  await store.perform({
    facts: [
      { type: 'received', lot: 'p', kind: 'strip-loin', count: 1, massDg: 50_000, paidMinor: 6000, on },
    ],
  });
  const deed = before(store);
  if (deed) await store.perform(deed);
  return { plan: TestBed.inject(SlicePlan), store };
}

describe('a plan of slices', () => {
  it('begins with the usual shape of the piece, and gives slices', async () => {
    const { plan } = await planOf();
    expect(plan.draft()).toEqual(firstRequest(plan.piece(), []));
    expect(plan.planned()?.value?.slices.length).toBeGreaterThan(8);
    expect([plan.isMeasured(), plan.problem()]).toEqual([false, null]);
  });

  it('is not begun anew while the piece is worked on, and is when somebody says so', async () => {
    const { plan, store } = await planOf();
    plan.measure({ lengthMm: 400 });
    await store.perform({ facts: [{ type: 'drained', lot: 'p', massDg: 49_000 }] });
    expect([plan.draft()?.lengthMm, plan.isMeasured()]).toEqual([400, true]);
    plan.measureAnew();
    expect([plan.draft()?.lengthMm === 400, plan.isMeasured()]).toEqual([false, false]);
  });

  it('begins with what was taken to the board, and follows what is weighed since', async () => {
    const { plan } = await planOf((store) => {
      const request = changed(firstRequest(store.pieces()[0], []), { lengthMm: 410 });
      return cutAsPlanned('p', request, store.household().journal.entries.at(-1)?.id);
    });
    expect(plan.draft()?.lengthMm).toBe(410);
    expect(plan.soFar()?.done).toEqual([]);
  });

  it('says what is wrong with a log, and keeps what was typed', async () => {
    const { plan } = await planOf();
    plan.change({ lengthMm: -5 });
    expect(plan.draft()?.lengthMm).toBe(-5);
    expect(plan.problem()).toContain('more than zero');
    expect(plan.planned()).toBeNull();
  });

  it('sets another wish beside the first, and takes it away', async () => {
    const { plan } = await planOf();
    plan.compare();
    expect(plan.other()).toEqual({ by: 'thickness', thicknessMm: 50 });
    expect(plan.otherPlanned()?.ok).toBe(true);
    plan.compare();
    expect(plan.other()).toBeNull();
  });

  it('holds a cut where it was put, and lets it go', async () => {
    const { plan } = await planOf();
    const [first] = plan.planned()!.value!.slices;
    plan.move({ from: first!.toMm, to: first!.toMm + 4 });
    expect(plan.draft()?.pinnedMm).toEqual([first!.toMm + 4]);
    plan.free(first!.toMm + 4);
    expect(plan.draft()?.pinnedMm).toEqual([]);
  });
});

it.each([
  [[10, 20], { from: 10.3, to: 15 }, [20, 15]],
  [[10, 20], { from: 20, to: null }, [10]],
  [[], { from: 5, to: 6 }, [6]],
])('of %j, after %j, stay %j', (pinned, moved, expected) => {
  expect(pinnedAfter(pinned, moved)).toEqual(expected);
});

it('the wish set beside one of a thickness is twice as thick', () => {
  expect(otherWish({ by: 'thickness', thicknessMm: 28 })).toEqual({ by: 'thickness', thicknessMm: 56 });
});
