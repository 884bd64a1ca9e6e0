import type { Page } from 'puppeteer-core';
import { Device, inside } from '../device';
import { Ledger } from '../ledger';
import type { Trial } from './trial';

/** So many deeds of each tab between two exchanges. */
const DEEDS = 20;

/** Five tabs on two devices, all at once, which exchange files between; at the end both are the same. */
export const devices: Trial = async (ground, seed, amount, fault = 'none') => {
  const ledger = new Ledger();
  const all = [new Device(ground, ledger), new Device(ground, ledger)];
  let count = 0;
  try {
    const tabs = await Promise.all(
      all.flatMap((device, d) => [0, 1, 2].slice(d).map((t) => device.tab(`${seed}d${d}t${t}`, fault))),
    );
    const [one, two] = [tabs[0], tabs[3]] as [Page, Page];
    const give = async (from: Page, to: Page): Promise<void> =>
      inside(to, 'merge', await inside(from, 'file'), fault);
    // One device begins the household, the other joins it.
    await inside(one, 'deeds', { seed, name: `${seed}begin`, count: 3 });
    await give(one, two);
    for (let round = 0; round < amount; round++) {
      const done = await Promise.all(
        tabs.map((tab, t) =>
          inside(tab, 'deeds', {
            seed: seed * 31 + round * 7 + t,
            name: `${seed}r${round}t${t}`,
            count: DEEDS,
          }),
        ),
      );
      count += done.reduce((sum, each) => sum + each, 0);
      await give(one, two);
      if (round % 2 === 0) await give(two, one);
    }
    await give(two, one);
    await give(one, two);
    const [a, b] = [await inside(one, 'look'), await inside(two, 'look')];
    const faults = [...ledger.faultsIn(a), ...ledger.faultsIn(b)];
    return { count, faults: a.text === b.text ? faults : [...faults, 'the two devices differ'] };
  } finally {
    await Promise.all(all.map((device) => device.end()));
  }
};
