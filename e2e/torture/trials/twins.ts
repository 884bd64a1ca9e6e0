import { Device, inside } from '../device';
import { Ledger } from '../ledger';
import type { Trial } from './trial';

/** So many deeds of each between two exchanges. */
const DEEDS = 15;

/**
 * Two devices with one disk: a copy of a profile, as from a backup. Each takes itself for the one and only, with
 * the same name, and their clocks say the same; what they write differs, and is one household at the end.
 */
export const twins: Trial = async (ground, seed, amount) => {
  const ledger = new Ledger();
  const one = new Device(ground, ledger);
  const all = [one];
  let count = 0;
  try {
    await inside(await one.tab(`${seed}begin`), 'deeds', { seed, name: `${seed}begin`, count: 5 });
    const two = await one.copied();
    all.push(two);
    const [here, there] = [await one.tab(`${seed}one`), await two.tab(`${seed}two`)];
    for (let round = 0; round < amount; round++) {
      for (const [page, name] of [
        [here, 'one'],
        [there, 'two'],
      ] as const)
        count += await inside(page, 'deeds', {
          seed: seed + round,
          name: `${seed}${name}${round}`,
          count: DEEDS,
        });
      await inside(there, 'merge', await inside(here, 'file'), 'none');
      await inside(here, 'merge', await inside(there, 'file'), 'none');
    }
    const [a, b] = [await inside(here, 'look'), await inside(there, 'look')];
    const faults = [...ledger.faultsIn(a), ...ledger.faultsIn(b)];
    return { count, faults: a.text === b.text ? faults : [...faults, 'the two copies differ'] };
  } finally {
    await Promise.all(all.map((device) => device.end()));
  }
};
