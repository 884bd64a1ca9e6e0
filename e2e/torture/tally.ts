import { existsSync, readFileSync, writeFileSync } from 'node:fs';

/** What a run has done: how many of each, and what it has found wrong. */
export interface Run {
  readonly minutes: number;
  readonly counts: Readonly<Record<string, number>>;
  readonly faults: Readonly<Record<string, readonly string[]>>;
}

/** Runs by their seed: each seed counts once. */
export type Tally = Readonly<Record<string, Run>>;

/** Adds a run to those of before, in a file. */
export function addRun(path: string, seed: number, run: Run): Tally {
  const before = existsSync(path) ? (JSON.parse(readFileSync(path, 'utf8')) as Tally) : {};
  const tally = { ...before, [seed]: run };
  writeFileSync(path, `${JSON.stringify(tally, null, 2)}\n`);
  return tally;
}

/** All runs together, as a table. */
export function tableOf(tally: Tally): string {
  const runs = Object.values(tally);
  const whats = [...new Set(runs.flatMap(({ counts }) => Object.keys(counts)))];
  const rows = whats.map((what) => {
    const count = runs.reduce((sum, { counts }) => sum + (counts[what] ?? 0), 0);
    const faults = runs.reduce((sum, run) => sum + (run.faults[what]?.length ?? 0), 0);
    return `| ${what} | ${count.toLocaleString('en-GB')} | ${faults} |`;
  });
  const minutes = runs.reduce((sum, run) => sum + run.minutes, 0);
  const of = `${Object.keys(tally).length} runs, ${Math.round(minutes)} minutes, seeds ${Object.keys(tally).join(', ')}`;
  return [of, '', '| what | how many | lost or half-written |', '| --- | --- | --- |', ...rows].join('\n');
}
