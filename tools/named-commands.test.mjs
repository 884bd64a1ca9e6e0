import { existsSync, readdirSync, readFileSync } from 'node:fs';

const { scripts } = JSON.parse(readFileSync('package.json', 'utf8'));
const pages = ['README.md', 'CONTRIBUTING.md', ...readdirSync('docs').map((name) => `docs/${name}`)].filter(
  (name) => name.endsWith('.md'),
);
const named = (text, pattern) => [...text.matchAll(pattern)].map(([, name]) => name);

describe('what a newcomer is told to type', () => {
  it.each(pages)('is there: %s', (page) => {
    const text = readFileSync(page, 'utf8');
    const commands = [...named(text, /npm run (?:-s )?([\w:]+)/g), ...named(text, /npm (start|test)\b/g)];
    expect(commands.filter((name) => !(name in scripts))).toEqual([]);
    const programs = named(text, /npx ([\w-]+)/g);
    expect(programs.filter((name) => !existsSync(`node_modules/.bin/${name}`))).toEqual([]);
  });

  it('each command is told of in one of them', () => {
    const all = pages.map((page) => readFileSync(page, 'utf8')).join('\n');
    const isTold = (name) =>
      new RegExp(`npm (run (-s )?)?${name}\\b`).test(all) || all.includes(`\`${name}\``);
    expect(Object.keys(scripts).filter((name) => !isTold(name))).toEqual([]);
  });
});
