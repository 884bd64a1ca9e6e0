import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { addRun, tableOf, type Run } from './tally';

const run = (kills: number, faults: string[] = []): Run => ({
  minutes: 10,
  counts: { kills },
  faults: { kills: faults },
});

it('runs of the torture add up, and a seed that is run again counts once', () => {
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-tally-'));
  const path = join(folder, 'torture.json');
  addRun(path, 1, run(12, ['lost: a']));
  addRun(path, 2, run(1200));
  expect(tableOf(addRun(path, 1, run(30, ['lost: b', 'lost: c'])))).toBe(
    [
      '2 runs, 20 minutes, seeds 1, 2',
      '',
      '| what | how many | lost or half-written |',
      '| --- | --- | --- |',
      '| kills | 1,230 | 2 |',
    ].join('\n'),
  );
  rmSync(folder, { recursive: true });
});
