import { failure } from './result';
import { freezingReport } from '../exchange/freezing-report';
import { readPackRequest } from '../pack/pack-request';
import { purchaseReport } from '../exchange/purchase-report';
import { readSlices } from '../slice/read-slices';

// What is wrong with a request is said in words of ours, with the field's name, whatever is asked for.
const READERS = {
  packs: readPackRequest,
  slices: readSlices,
  freeze: freezingReport,
  purchase: purchaseReport,
};

describe.each(Object.entries(READERS))('a request of %s', (_name, read) => {
  it.each([[[]], ['text'], [null], [7], [{}], [{ nonsense: 1 }]])('%j is refused in a sentence', (input) => {
    const { problem } = read(input);
    expect(problem).toMatch(/\.$/);
    expect(problem).not.toMatch(/Invalid|Too (big|small)|Unrecognized|expected|received|undefined/);
  });
});

describe('a purchase', () => {
  const whole = { weight: '20 lb', price: '4.99/lb', currency: 'USD' };
  it.each([
    [{ ...whole, weight: '' }, 'weight: nothing is written there.'],
    [{ ...whole, count: 5000 }, 'count: count is at most 999.'],
    [
      { ...whole, colour: 'red' },
      'colour: that is not asked for here. Take it out, or look at its spelling.',
    ],
    [[whole], 'a request is one object in braces, as in docs/command-line.md.'],
  ])('%j', (input, problem) => expect(purchaseReport(input)).toEqual(failure(problem)));
});
