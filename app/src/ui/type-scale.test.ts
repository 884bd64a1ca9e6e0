import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const SOURCE = 'app/src';

// One scale of six sizes, named in styles.css; the readout of the scale alone is larger.
it('every size of type is one of the scale', () => {
  const files = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' }).filter((file) =>
    /(?<!\.test)\.(css|ts|html)$/.test(file),
  );
  const own = files.flatMap((file) =>
    [...readFileSync(join(SOURCE, file), 'utf8').matchAll(/font(?:-size)?:[^;{}]*[\d.]r?em\b[^;]*;/g)].map(
      ([line]) => `${file}: ${line}`,
    ),
  );
  expect(own.filter((line) => !line.startsWith('block/weighing/weigh-panel.css'))).toEqual([]);
});
