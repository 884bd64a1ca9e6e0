// Which test files start first: those that take longest, so that no worker is left with one of them at the end.
import Sequencer from '@jest/test-sequencer';

const LONGEST = [
  'e2e/walk',
  'own-household',
  'accessibility',
  'torture.test',
  'joining',
  'plan-packs',
  'board.test',
  'storage',
  'slice.test',
  'laws',
  'controls',
  'own-plans',
  'copies',
  'counter-and-books',
  'killed',
  'first-load',
  'table.test',
  'prices.test',
  'answers.test',
  'drawings.test',
  'yield.test',
  'e2e/',
];

const place = ({ path }) => {
  const at = LONGEST.findIndex((name) => path.includes(name));
  return at < 0 ? LONGEST.length : at;
};

export default class LongestFirst extends Sequencer {
  sort(tests) {
    return [...tests].sort((a, b) => place(a) - place(b) || a.path.localeCompare(b.path));
  }
}
