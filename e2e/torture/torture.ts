// npm run torture [-- --minutes N] [-- --seed S]: what the screen confirmed is there, whatever happens.
import { serveApp } from '../harness';
import { insideCode } from './inside-code';
import { cleared, devices, files, kills, type Ground, type Outcome } from './trials';

/** How much of each there is in a turn. */
const [KILLS, ROUNDS, CLEARED, FILES] = [12, 6, 3, 1200];

interface Total {
  readonly what: string;
  count: number;
  faults: string[];
}

function option(name: string, usual: number): number {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : Number(process.argv[at + 1]);
}

/** Faults that are planted have to be found, or what finds none proves nothing. */
async function planted(ground: Ground, seed: number): Promise<Total> {
  const tries: [string, (seed: number) => Promise<Outcome>][] = [
    ['said before it was written', (each) => kills(ground, each, 25, 'told-early')],
    ['a deed in two transactions', (each) => kills(ground, each, 25, 'two-transactions')],
    ['an entry dropped in a merge', (each) => devices(ground, each, 1, 'dropped-in-merge')],
  ];
  const missed: string[] = [];
  for (const [at, [what, trial]] of tries.entries()) {
    const { faults } = await trial(seed + 100_000 + at);
    if (faults.length === 0) missed.push(`not found: ${what}`);
    else console.log(`planted, ${what}: found (${faults[0]})`);
  }
  return { what: 'faults planted', count: tries.length, faults: missed };
}

async function main(): Promise<void> {
  const [minutes, seed] = [option('minutes', 2), option('seed', Math.floor(Date.now() / 1000) % 1_000_000)];
  const until = Date.now() + minutes * 60_000;
  const { address, stop } = await serveApp();
  const ground = { address, code: await insideCode() };
  const totals: Total[] = [await planted(ground, seed)];
  const trials: [string, (seed: number) => Promise<Outcome>][] = [
    ['kills of the browser in the middle of deeds', (each) => kills(ground, each, KILLS)],
    ['deeds in five tabs on two devices at once', (each) => devices(ground, each, ROUNDS)],
    ['mutated files through the reader', (each) => files(ground, each, FILES)],
    ['times the site’s data were cleared under the page', (each) => cleared(ground, each, CLEARED)],
  ];
  const counts = trials.map(([what]): Total => ({ what, count: 0, faults: [] }));
  for (let turn = 0; Date.now() < until; turn++) {
    for (const [at, [what, trial]] of trials.entries()) {
      const { count, faults } = await trial(seed + turn * 10_000 + at * 1000);
      const total = counts[at] as Total;
      total.count += count;
      total.faults.push(...faults.map((fault) => `${fault} (seed ${seed}, turn ${turn})`));
      for (const fault of faults) console.log(`${what}: ${fault}, seed ${seed}, turn ${turn}`);
    }
  }
  stop();
  totals.push(...counts);
  console.log(`seed ${seed}, ${minutes} minutes\n| what | how many | lost or half-written |\n|---|---|---|`);
  for (const { what, count, faults } of totals) console.log(`| ${what} | ${count} | ${faults.length} |`);
  for (const fault of totals.flatMap(({ faults }) => faults.slice(0, 20))) console.log(fault);
  process.exitCode = totals.some(({ faults }) => faults.length > 0) ? 1 : 0;
}

main().then(
  () => process.exit(),
  (error: unknown) => {
    console.error(error);
    process.exit(1);
  },
);
