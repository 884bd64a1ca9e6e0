import { isolated, plainText } from './bidi';

describe('texts that turn', () => {
  it('leaves a plain name alone, also in another script', () => {
    for (const name of ['Steak', 'Œuf', 'סטייק', '牛'])
      expect([isolated(name), plainText(name)]).toEqual([name, name]);
  });

  it('turns for itself alone', () => {
    const turned = isolated('\u202estekA');
    expect(turned.startsWith('\u2068')).toBe(true);
    expect(turned.endsWith('\u2069')).toBe(true);
    expect(turned).toContain('\u202estekA\u202c');
  });

  it('goes to another program without any of it, lines and tabs kept', () => {
    expect(plainText('\u202eA\u0007B\nC\tD\u2067')).toBe('AB\nC\tD');
  });
});
