// Which test files start first: those that take longest, so that no worker is left with one of them at the end.
import Sequencer from '@jest/test-sequencer';

const LONGEST = [
  'own-household',
  'accessibility',
  'killed',
  'board.test',
  'counter-and-books',
  'joining',
  'storage',
  'torture',
  'slice.test',
  'laws',
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
