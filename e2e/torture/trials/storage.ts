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

/** Deeds while there is less and less room, down to none; and then there is room again. */
export const full: Trial = async (ground, seed, amount) => {
  const ledger = new Ledger();
  const device = new Device(ground, ledger);
  return withDevice(device, async () => {
    const page = await device.tab(`${seed}q`);
    const session = await page.createCDPSession();
    const origin = ground.address;
    const faults: string[] = [];
    for (let time = 0; time < amount; time++) {
      let written = 0;
      for (const [at, room] of ROOM.entries()) {
        const { usage } = await session.send('Storage.getUsageAndQuota', { origin });
        await session.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: usage + room });
        const name = `${seed}q${time}r${at}`;
        written = await inside(page, 'deeds', {
          seed: seed + time * 10 + at,
          name,
          count: DEEDS,
          whole: true,
        });
        faults.push(...ledger.faultsIn(await inside(page, 'look')));
      }
      if (written === DEEDS) faults.push('nothing was refused though there was no room');
      await session.send('Storage.overrideQuotaForOrigin', { origin });
      const name = `${seed}q${time}again`;
      if ((await inside(page, 'deeds', { seed: seed + time, name, count: DEEDS })) === 0)
        faults.push('nothing can be written though there is room again');
    }
    faults.push(...ledger.faultsIn(await inside(page, 'look')));
    return { count: amount * ROOM.length, faults };
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
