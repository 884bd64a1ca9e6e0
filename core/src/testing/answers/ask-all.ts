// npm run answers: asks everything anew, and tells what differs from what is stored; with --write it is stored.
import { existsSync, writeFileSync } from 'node:fs';
import { askAnew, differing, fileOf, storedAnswers, type Question } from './question';
import { QUESTIONS } from './questions';

const writes = process.argv.includes('--write');

async function askAll(question: Question<unknown>): Promise<boolean> {
  const { name, solver, version } = question;
  const before = existsSync(fileOf(name)) ? storedAnswers(question) : { answers: {}, version: 'none' };
  const all = await askAnew(question, before, question.inputs());
  const others = differing(all);
  const gone = Object.keys(before.answers).filter((hash) => !all.some((each) => each.hash === hash));
  const isSame = others.length === 0 && gone.length === 0 && before.version === version;
  for (const { hash, stored, anew } of others) console.log(`  ${hash}: stored ${stored}, now ${anew}`);
  console.log(
    `${name}: ${all.length} asked of ${solver} ${version} (stored: ${before.version}), ${others.length} differ, ${gone.length} are asked no more`,
  );
  if (writes && !isSame) {
    const answers = Object.fromEntries(all.map(({ hash, anew }) => [hash, anew]));
    const stored = { solver, version, command: 'npm run answers -- --write', answers };
    writeFileSync(fileOf(name), `${JSON.stringify(stored, null, 2)}\n`);
  }
  return isSame;
}

const same: boolean[] = [];
for (const question of QUESTIONS) same.push(await askAll(question));
process.exitCode = same.every(Boolean) || writes ? 0 : 1;
