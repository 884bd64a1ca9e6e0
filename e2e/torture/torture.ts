// npm run torture [-- --minutes N] [-- --seed S]: what the screen confirmed is there, whatever happens.
// Adds to docs/torture.json; ends with the table of all runs, and with 1 where this one has lost anything.
import { serveApp } from '../harness';
import type { Ground } from './device';
import { insideCode } from './inside-code';
import { addRun, tableOf } from './tally';
import { PLANTED, TRIALS } from './trials/trials';
import type { Outcome } from './trials/trial';

/** Seeds of one run are this far apart: of its turns, and of the trials in a turn. */
const [TURN, TRIAL] = [10_000, 1000];
const TALLY = 'docs/torture.json';
const FAULTS_PLANTED = 'faults planted, and found';

function option(name: string, usual: number): number {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : Number(process.argv[at + 1]);
}

class Counts {
  readonly counts: Record<string, number> = {};
  readonly faults: Record<string, string[]> = {};

  add(what: string, { count, faults }: Outcome, told: string): void {
    this.counts[what] = (this.counts[what] ?? 0) + count;
    this.faults[what] = [...(this.faults[what] ?? []), ...faults.map((fault) => `${fault} (${told})`)];
    for (const fault of faults) console.log(`${what}: ${fault}, ${told}`);
  }

  get isWhole(): boolean {
    return Object.values(this.faults).every((faults) => faults.length === 0);
  }
}

async function plant(ground: Ground, seed: number, counts: Counts): Promise<void> {
  for (const [at, { what, fault, trial, amount }] of PLANTED.entries()) {
    const { faults } = await trial(ground, seed + (at + 1) * TRIAL, amount, fault);
    const isFound = faults.length > 0;
    if (isFound) console.log(`planted, ${what}: found (${faults[0]})`);
    counts.add(FAULTS_PLANTED, { count: 1, faults: isFound ? [] : [`not found: ${what}`] }, `seed ${seed}`);
  }
}

async function main(): Promise<void> {
  const [minutes, seed] = [option('minutes', 2), option('seed', Math.floor(Date.now() / 1000) % 1_000_000)];
  const began = Date.now();
  const { address, stop } = await serveApp();
  const ground = { address, code: await insideCode() };
  const counts = new Counts();
  await plant(ground, seed, counts);
  for (let turn = 1; Date.now() < began + minutes * 60_000; turn++) {
    for (const [at, { what, trial, amount }] of TRIALS.entries()) {
      const outcome = await trial(ground, seed + turn * TURN + at * TRIAL, amount).catch(
        (error: unknown): Outcome => ({ count: 0, faults: [`it broke off: ${String(error)}`] }),
      );
      counts.add(what, outcome, `seed ${seed}, turn ${turn}`);
    }
  }
  stop();
  const run = { minutes: (Date.now() - began) / 60_000, counts: counts.counts, faults: counts.faults };
  console.log(tableOf(addRun(TALLY, seed, run)));
  process.exitCode = counts.isWhole ? 0 : 1;
}

main().then(
  () => process.exit(),
  (error: unknown) => {
    console.error(error);
    process.exit(1);
  },
);
