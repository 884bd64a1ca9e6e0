import type { Device, Ground } from '../device';
import type { Fault } from '../fault';

/** What a trial came to. */
export interface Outcome {
  readonly count: number;
  readonly faults: readonly string[];
}

/** So much of something, always the same of a seed but for the moments at which a process is killed. */
export type Trial = (ground: Ground, seed: number, amount: number, fault?: Fault) => Promise<Outcome>;

/** Looks after a device; what it has found wrong is kept. */
export async function withDevice(device: Device, work: () => Promise<Outcome>): Promise<Outcome> {
  let isKept = false;
  try {
    const outcome = await work();
    isKept = outcome.faults.length > 0 && process.env['KEEP_PROFILES'] !== undefined;
    return outcome;
  } finally {
    await device.end(isKept);
  }
}
