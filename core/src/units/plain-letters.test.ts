import { plainLetters } from './plain-letters';

it.each([
  ['Ærø Kød 🥩', 'aero kod 🥩'],
  ['Crème brûlée', 'creme brulee'],
  ['ŁOSOŚ', 'losos'],
  ['Große Straße', 'grosse strasse'],
  ['Ünal Çiğ', 'unal cig'],
  ['לחם', 'לחם'],
])('%s is looked for as %s', (written, looked) => {
  expect(plainLetters(written)).toBe(looked);
});
