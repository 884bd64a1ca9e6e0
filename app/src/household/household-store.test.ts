import { TestBed } from '@angular/core/testing';
import { canDoAgain, doUndoneAgain, undoneSchema } from '@core/deeds/undone-deed';
import type { Fact } from '@core/ledger/entry';
import { inHousehold } from '../testing/household';
import { HouseholdStore } from './household-store';
import { Notices } from './notices';
import { rememberedUndone } from './undone-here';

const on = '2026-11-24';
const piece: Fact = {
  type: 'received',
  lot: 'p',
  kind: 'strip-loin',
  count: 1,
  massDg: 50_000,
  paidMinor: 6000,
  on,
};

describe('a deed', () => {
  it('is said when it is on the disk, and can be taken back with all its parts', async () => {
    const { store } = await inHousehold(HouseholdStore);
    const notices = TestBed.inject(Notices);
    await store.perform({
      facts: [piece],
      records: [{ type: 'meal', key: on, value: { servings: [], guests: 2, absent: [] } }],
      say: 'Strip loin bought',
    });
    expect(notices.notice()).toMatchObject({
      tone: 'done',
      text: 'Strip loin bought',
      act: { label: 'Undo' },
    });
    expect(store.pieces()).toHaveLength(1);
    await store.undo();
    expect(notices.notice()?.text).toBe('Undone: Strip loin bought');
    expect(store.pieces()).toHaveLength(0);
    expect(store.meals().size).toBe(0);
    expect(store.last()).toBeNull();
    // And done again, with all its parts: from the notice, or from the list that a reload leaves.
    const [undone] = rememberedUndone('home').map((each) => undoneSchema.parse(each));
    expect(canDoAgain(store.household(), undone!)).toBe(true);
    expect(notices.notice()?.act?.label).toBe('Redo');
    await store.perform(doUndoneAgain(store.household(), undone!, store.format));
    expect(store.pieces()).toHaveLength(1);
    expect(store.meals().size).toBe(1);
    expect(canDoAgain(store.household(), undone!)).toBe(false);
    await store.undo();
    expect([store.pieces().length, store.meals().size]).toEqual([0, 0]);
  });

  it('that does not fit changes nothing, and says in the household’s words why', async () => {
    const { store } = await inHousehold(HouseholdStore, { system: 'imperial' });
    await store.perform({ facts: [piece], say: 'bought' });
    const cut = {
      type: 'cut',
      from: 'p',
      lot: 's',
      part: 'steaks',
      destination: 'main',
      count: 1,
      on,
    } as const;
    const written = await store.perform({ facts: [{ ...cut, massDg: 90_000 }], say: 'cut' });
    expect(written.problem).toBe(
      '19.84 lb is more than is left of strip loin: 11.02 lb. Weigh again, or correct an earlier weight.',
    );
    expect(TestBed.inject(Notices).notice()).toEqual({ tone: 'problem', text: written.problem });
    expect(store.pieces()[0]?.leftDg).toBe(50_000);
    expect(store.last()?.say).toBe('bought');
  });
});
