import { findWords, WORDS } from './words';

describe('words', () => {
  it('are in the order of the alphabet, each once, with a meaning', () => {
    const words = WORDS.map(({ word }) => word);
    expect(new Set(words).size).toBe(words.length);
    for (const { meaning } of WORDS) expect(meaning).toMatch(/\.$/);
  });

  it.each([
    ['maryland', 'leg quarter'],
    ['minced', 'ground'],
    ['topside', 'top round'],
    ['supreme', 'breast with the first wing bone'],
    ['Aitch', 'hip bone'],
  ])('%s is %s', (text, word) => {
    expect(findWords(text)[0]?.word).toBe(word);
  });

  it('finds by meaning after names, and nothing for nonsense', () => {
    expect(findWords('tenderloin').map(({ word }) => word)).toContain('chain');
    expect(findWords('zebra')).toEqual([]);
  });
});
