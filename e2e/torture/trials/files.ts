import { Device, inside } from '../device';
import { Ledger } from '../ledger';
import { withDevice, type Trial } from './trial';

/** Files that something happened to, through the reader in the browser. */
export const files: Trial = async (ground, seed, amount) => {
  const device = new Device(ground, new Ledger());
  return withDevice(device, async () => {
    const page = await device.tab(`${seed}f`);
    await inside(page, 'deeds', { seed, name: `${seed}f`, count: 40 });
    return { count: amount, faults: await inside(page, 'files', seed, amount) };
  });
};
