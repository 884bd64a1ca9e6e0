// npm run bench: how long the heavy things take, as ratios to something small in the same run.
import { Bench } from 'tinybench';
import { costOfLots } from '@core/cost/cost-of-lots';
import { readFile } from '@core/files/read-file';
import { writeFile } from '@core/files/write-file';
import { replay } from '@core/journal/replay';
import { openingTimes } from './opening';
import { largeHousehold } from './large-household';

interface Row {
  readonly what: string;
  readonly ms: number;
  readonly reference: string;
  readonly ratio: number;
  readonly most: number;
}

async function median(name: string, run: () => unknown): Promise<number> {
  const bench = new Bench({ time: 800, warmupTime: 200 });
  bench.add(name, run);
  await bench.run();
  const { result } = bench.tasks[0] ?? {};
  if (!result || !('latency' in result)) throw new Error(`${name} did not finish`);
  return result.latency.p50;
}

async function core(): Promise<Row[]> {
  const [small, large] = [largeHousehold(500), largeHousehold(50_000)];
  const reference = await median('replay 500', () => replay(small.journal.entries));
  const row = async (what: string, run: () => unknown, most: number): Promise<Row> => {
    const ms = await median(what, run);
    return { what, ms, reference: `replay of 500 entries, ${reference.toFixed(2)} ms`, ratio: ms / reference, most };
  };
  const text = writeFile(large);
  return [
    await row('replay of 50,000 entries', () => replay(large.journal.entries), 130),
    await row('cost of every lot of them', () => costOfLots(large.journal.state, 'by-weight'), 260),
    await row(`reading their file (${(text.length / 1e6).toFixed(1)} MB), all checks`, () => readFile(text), 2600),
  ];
}

async function opening(): Promise<Row> {
  const { emptyMs, largeMs } = await openingTimes(writeFile(largeHousehold(50_000)));
  return { what: 'opening the first place with 50,000 entries', ms: largeMs, reference: `opening an empty household, ${emptyMs.toFixed(0)} ms`, ratio: largeMs / emptyMs, most: 2 };
}

function print({ what, ms, reference, ratio, most }: Row): void {
  console.log(`| ${what} | ${ms.toFixed(1)} | ${reference} | ${ratio.toFixed(2)} | ${most} |${ratio > most ? ' too slow' : ''}`);
  if (ratio > most) process.exitCode = 1;
}

async function main(): Promise<void> {
  console.log('| what | median, ms | against | ratio | at most |\n|---|---|---|---|---|');
  for (const row of await core()) print(row);
  print(await opening());
}

main().catch((error: unknown) => {
  console.error(error);
  process.exitCode = 1;
});
