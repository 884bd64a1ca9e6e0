import { seededUniform } from '@core/units/random';
import { deeds, Device, Ledger, look } from './device';
import type { Fault } from './inside';

/** What a trial came to. */
export interface Outcome {
  readonly count: number;
  readonly faults: readonly string[];
}

export interface Ground {
  readonly address: string;
  readonly code: string;
}

/** Deeds, killed at a random moment, some times over on one disk. */
export async function kills(
  { address, code }: Ground,
  seed: number,
  times: number,
  fault: Fault = 'none',
): Promise<Outcome> {
  const [random, ledger] = [seededUniform(seed), new Ledger()];
  const device = new Device(address, code, ledger);
  const faults: string[] = [];
  try {
    for (let kill = 0; kill < times; kill++) {
      const page = await device.tab(`${seed}k${kill}`);
      const working = deeds(page, seed + kill, `${seed}k${kill}`, 10_000, fault).catch(() => 0);
      // Of three kills one comes whenever it comes; the others once something was confirmed.
      const before = ledger.confirmed.size;
      for (const until = Date.now() + 5000; kill % 3 > 0 && ledger.confirmed.size === before;) {
        if (Date.now() > until) break;
        await new Promise((done) => setTimeout(done, 5));
      }
      await new Promise((done) => setTimeout(done, 5 + random() * 300));
      await device.kill();
      await working;
      const again = await device.tab('look');
      faults.push(...ledger.faultsIn(await look(again)));
      if (faults.length > 0) break;
      await again.close();
    }
    if (ledger.confirmed.size < times / 2)
      faults.push(`only ${ledger.confirmed.size} deeds in ${times} kills`);
  } finally {
    await device.end();
  }
  return { count: times, faults };
}

/** Two devices with some tabs each, all at once, which exchange files between; at the end both are the same. */
export async function devices(
  { address, code }: Ground,
  seed: number,
  rounds: number,
  fault: Fault = 'none',
): Promise<Outcome> {
  const ledger = new Ledger();
  const all = [new Device(address, code, ledger), new Device(address, code, ledger)];
  let count = 0;
  try {
    const tabs = await Promise.all(
      all.flatMap((device, d) => [0, 1, 2].slice(d).map((t) => device.tab(`${seed}d${d}t${t}`))),
    );
    const [one, two] = [tabs[0], tabs[3]] as [(typeof tabs)[0], (typeof tabs)[0]];
    const give = async (from: typeof one, to: typeof one): Promise<void> => {
      const text = (await from.evaluate('torture.file()')) as string;
      await to.evaluate(`torture.merge(${JSON.stringify(text)}, ${JSON.stringify(fault)})`);
    };
    // One device begins the household, the other joins it.
    await deeds(one, seed, `${seed}begin`, 3, 'none');
    await give(one, two);
    for (let round = 0; round < rounds; round++) {
      const done = await Promise.all(
        tabs.map((tab, t) => deeds(tab, seed * 31 + round * 7 + t, `${seed}r${round}t${t}`, 20, 'none')),
      );
      count += done.reduce((sum, each) => sum + each, 0);
      await give(one, two);
      if (round % 2 === 0) await give(two, one);
    }
    await give(two, one);
    await give(one, two);
    const [a, b] = await Promise.all([look(one), look(two)]);
    const faults = [...ledger.faultsIn(a), ...ledger.faultsIn(b)];
    return { count, faults: a.text === b.text ? faults : [...faults, 'the two devices differ'] };
  } finally {
    await Promise.all(all.map((device) => device.end()));
  }
}

/** Files that something happened to, through the reader in the browser. */
export async function files({ address, code }: Ground, seed: number, count: number): Promise<Outcome> {
  const device = new Device(address, code, new Ledger());
  try {
    const page = await device.tab(`${seed}f`);
    await deeds(page, seed, `${seed}f`, 40, 'none');
    const faults = (await page.evaluate(`torture.files(${seed}, ${count})`)) as string[];
    return { count, faults };
  } finally {
    await device.end();
  }
}

/** Deeds while the browser clears the site's data away under the open page. */
export async function cleared({ address, code }: Ground, seed: number, times: number): Promise<Outcome> {
  const ledger = new Ledger();
  const device = new Device(address, code, ledger);
  try {
    const page = await device.tab(`${seed}c`);
    const session = await page.createCDPSession();
    const faults: string[] = [];
    for (let time = 0; time < times; time++) {
      await deeds(page, seed + time, `${seed}c${time}`, 5, 'none');
      await session.send('Storage.clearDataForOrigin', { origin: address, storageTypes: 'all' });
      await deeds(page, seed + 1000 + time, `${seed}c${time}a`, 5, 'none');
      faults.push(...ledger.faultsIn(await look(page)));
    }
    return { count: times, faults };
  } finally {
    await device.end();
  }
}
