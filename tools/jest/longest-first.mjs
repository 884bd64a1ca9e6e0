// Which test files start first: those that take longest, so that no worker is left with one of them at the end.
import Sequencer from '@jest/test-sequencer';

const LONGEST = [
  'own-household',
  'torture.test',
  'e2e/board',
  'every-page/demo',
  'joining',
  'every-page/own',
  'killed',
  'laws',
  'counter-and-books',
  'controls',
  'first-load',
  'e2e/table',
  'storage',
  'plan-packs',
  'packs-as-you-cut',
  'scale-trouble',
  'e2e/',
  'drawings.test',
  'yield.test',
  'adding.test',
  'app/',
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
