import { seededUniform } from '@core/units/random';
import { Device, inside } from '../device';
import { Ledger } from '../ledger';
import { withDevice, type Trial } from './trial';

/** So long something is killed after at the latest, ms. */
const LATEST = 300;

/** Deeds, whole households that are taken in among them, killed at a random moment, some times over on one disk. */
export const kills: Trial = async (ground, seed, amount, fault = 'none') => {
  const [random, ledger] = [seededUniform(seed), new Ledger()];
  const device = new Device(ground, ledger);
  return withDevice(device, async () => {
    const faults: string[] = [];
    for (let kill = 0; kill < amount && faults.length === 0; kill++) {
      const name = `${seed}k${kill}`;
      const page = await device.tab(name, fault);
      const before = ledger.confirmed.size;
      const working = inside(page, 'deeds', {
        seed: seed + kill,
        name,
        count: 10_000,
        whole: true,
        fault,
      }).catch(() => 0);
      // Of three kills one comes whenever it comes; the others once something was confirmed.
      if (kill % 3 > 0) await until(() => ledger.confirmed.size > before);
      await new Promise((done) => setTimeout(done, 5 + random() * LATEST));
      await device.kill();
      await working;
      const again = await device.tab('look');
      if (await inside(again, 'wasGivenBack'))
        console.log(`${name}: the browser had thrown its database away by itself, and it was put back`);
      faults.push(...ledger.faultsIn(await inside(again, 'look')));
      await again.close();
    }
    if (ledger.confirmed.size < amount / 2)
      faults.push(`only ${ledger.confirmed.size} deeds in ${amount} kills`);
    return { count: amount, faults };
  });
};

/** What an application of before has left, opened by this one and killed meanwhile. */
export const updates: Trial = async (ground, seed, amount) => {
  const random = seededUniform(seed);
  const faults: string[] = [];
  for (let kill = 0; kill < amount; kill++) {
    const ledger = new Ledger();
    const device = new Device(ground, ledger);
    const { faults: found } = await withDevice(device, async () => {
      const page = await device.tab('old');
      await inside(page, 'oldBase', seed + kill, `${seed}u${kill}`, 60);
      const opening = inside(page, 'open', 'new').catch(() => undefined);
      await new Promise((done) => setTimeout(done, random() * LATEST));
      await device.kill();
      await opening;
      return { count: 1, faults: ledger.faultsIn(await inside(await device.tab('look'), 'look')) };
    });
    faults.push(...found);
  }
  return { count: amount, faults };
};

/**
 * Deeds in a browser that throws its whole database away, as Chromium does after a kill at a bad moment; the
 * household was replaced just then, every second time, and comes back all the same.
 */
export const thrownAway: Trial = async (ground, seed, amount, fault = 'none') => {
  const ledger = new Ledger();
  const device = new Device(ground, ledger);
  return withDevice(device, async () => {
    const faults: string[] = [];
    let count = 0;
    for (let time = 0; time < amount; time++) {
      const name = `${seed}t${time}`;
      await inside(await device.tab(name), 'deeds', { seed: seed + time, name, count: 8, whole: true });
      await device.kill();
      device.tear();
      // Two tabs at once, and the second place renewed meanwhile.
      const [one, two] = [await device.tab(`${name}a`, fault), await device.tab(`${name}b`, fault)];
      await Promise.all([
        inside(one, 'deeds', { seed: seed + time, name: `${name}a`, count: 12 }),
        inside(two, 'deeds', { seed: seed - time, name: `${name}b`, count: 12 }),
        inside(two, 'renew', 3),
      ]);
      // Every second time it was another household's by then: the notes of deeds count, or that which is kept.
      const isReplaced = time % 2 === 1;
      const replaced = isReplaced ? await inside(one, 'replaceAll', seed + time, `${name}z`) : null;
      await device.kill();
      const page = await device.tab('look');
      if (await inside(page, 'wasGivenBack')) count += 1;
      if (isReplaced && (await inside(page, 'putBack', `${name}p`)) !== replaced)
        faults.push('the household that was replaced is not what was kept');
      faults.push(...ledger.faultsIn(await inside(page, 'look')));
      await device.kill();
    }
    return { count, faults };
  });
};

async function until(isSo: () => boolean): Promise<void> {
  for (const end = Date.now() + 5000; !isSo() && Date.now() < end;)
    await new Promise((done) => setTimeout(done, 5));
}
