/** Letters that are written with a stroke or joined, which no normal form takes apart. */
const STROKED: Readonly<Record<string, string>> = {
  æ: 'ae',
  ð: 'd',
  đ: 'd',
  ı: 'i',
  ł: 'l',
  ø: 'o',
  œ: 'oe',
  ß: 'ss',
  þ: 'th',
};

/**
 * Words as they are looked for: without capitals and marks, so that who has no such key finds them too.
 *
 * @example plainLetters('Ærø Kød, Crème') // 'aero kod, creme'
 */
export function plainLetters(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[æðđıłøœßþ]/g, (letter) => STROKED[letter] ?? letter);
}
