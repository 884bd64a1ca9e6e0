// Which test files start first: those that take longest, so that no worker is left with one of them at the end.
import Sequencer from '@jest/test-sequencer';

const LONGEST = [
  'own-household',
  'walk',
  'torture',
  'joining',
  'storage',
  'board.test',
  'counter-and-books',
  'accessibility',
  'own-plans',
  'copies',
  'controls',
  'killed',
  'slice.test',
  'laws',
  'vendicus.test',
  'drawings',
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
