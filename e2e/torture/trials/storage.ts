import { Device, inside } from '../device';
import { Ledger } from '../ledger';
import { withDevice, type Trial } from './trial';

/** Deeds while the browser clears the site's data away under the open page. */
export const cleared: Trial = async (ground, seed, amount) => {
  const ledger = new Ledger();
  const device = new Device(ground, ledger);
  return withDevice(device, async () => {
    const page = await device.tab(`${seed}c`);
    const session = await page.createCDPSession();
    const faults: string[] = [];
    for (let time = 0; time < amount; time++) {
      await inside(page, 'deeds', { seed: seed + time, name: `${seed}c${time}`, count: 5 });
      await session.send('Storage.clearDataForOrigin', { origin: ground.address, storageTypes: 'all' });
      await inside(page, 'deeds', { seed: seed + 1000 + time, name: `${seed}c${time}a`, count: 5 });
      faults.push(...ledger.faultsIn(await inside(page, 'look')));
    }
    return { count: amount, faults };
  });
};

/** Deeds on a disk on which rows of the base come to say something else. */
export const spoilt: Trial = async (ground, seed, amount) => {
  const ledger = new Ledger();
  const device = new Device(ground, ledger);
  return withDevice(device, async () => {
    const faults: string[] = [];
    let count = 0;
    for (let time = 0; time < amount; time++) {
      const name = `${seed}s${time}`;
      const page = await device.tab(name);
      await inside(page, 'deeds', { seed: seed + time, name, count: 12, whole: true });
      await inside(page, 'spoil', seed + time, 3);
      await page.close();
      const again = await device.tab('look');
      if (await inside(again, 'wasGivenBack')) count += 1;
      faults.push(...ledger.faultsIn(await inside(again, 'look')));
      await again.close();
    }
    return { count, faults };
  });
};

/** How much room there is beyond what is used, bytes, one time after the other. */
const ROOM = [60_000, 20_000, 6000, 1000, 0] as const;
/** So many deeds are tried at each. */
const DEEDS = 12;

/**
 * Deeds while there is less and less room, down to none; and then there is room again. Each in a browser
 * that is started anew: one that runs goes by the room that it has found half a minute ago.
 */
export const full: Trial = async (ground, seed, amount) => {
  const ledger = new Ledger();
  const device = new Device(ground, ledger);
  const origin = ground.address;
  return withDevice(device, async () => {
    const faults: string[] = [];
    let refused = 0;
    for (let step = 0; step < amount * ROOM.length; step++) {
      const name = `${seed}q${step}`;
      const page = await device.tab(name);
      const session = await page.createCDPSession();
      const { usage } = await session.send('Storage.getUsageAndQuota', { origin });
      const quotaSize = usage + (ROOM[step % ROOM.length] ?? 0);
      if (step > 0) await session.send('Storage.overrideQuotaForOrigin', { origin, quotaSize });
      await inside(page, 'deeds', { seed: seed + step, name, count: DEEDS, whole: true });
      refused += await inside(page, 'foundNoRoom');
      faults.push(...ledger.faultsIn(await inside(page, 'look')));
      await device.kill();
    }
    if (refused === 0) faults.push('nothing was refused though there was no room');
    const page = await device.tab('again');
    if ((await inside(page, 'deeds', { seed, name: `${seed}qagain`, count: DEEDS })) === 0)
      faults.push('nothing can be written though there is room again');
    faults.push(...ledger.faultsIn(await inside(page, 'look')));
    return { count: refused, faults };
  });
};

/** Copies inside the browser, some of them written by a bad disk. */
export const copies: Trial = async (ground, seed, amount, fault = 'none') => {
  const device = new Device(ground, new Ledger());
  return withDevice(device, async () => {
    const page = await device.tab(`${seed}y`);
    return { count: amount, faults: await inside(page, 'copies', seed, `${seed}y`, amount, fault) };
  });
};
