import { kindById } from '../catalogue/kinds';
import { bag, household, loin, piece, type Step } from '../testing/histories';
import { usualWrap } from './usual-wrap';

const shop = 'Breakwater Wholesale';
const known = (steps: readonly Step[], kind: string, where = shop) =>
  usualWrap([...household(steps).journal.state.lots.values()], kindById(kind)!, where);

describe('how a piece lies when it is bought is never assumed', () => {
  it.each([
    ['a loin of nobody knows where', [], 'strip-loin', shop, null],
    ['a leg: the tray is proposed', [], 'lamb-leg', shop, 'open'],
    ['ribs: the tray is proposed', [], 'pork-spare-ribs', shop, 'open'],
    ['a bird: no bag of a packer keeps it', [], 'whole-chicken', shop, null],
    ['sealed there the last time', [bag('1', { shop })], 'strip-loin', shop, 'sealed'],
    ['sealed in another shop', [bag('1', { shop })], 'strip-loin', 'Fennel Street Market', null],
    ['another kind there', [bag('1', { shop })], 'ribeye', shop, null],
    ['nothing said there', [loin('1', { shop })], 'strip-loin', shop, null],
    [
      'frozen there the last time says nothing of the bag',
      [bag('1', { shop, kept: 'bought-frozen' })],
      'strip-loin',
      shop,
      null,
    ],
    [
      'a leg that was sealed there',
      [piece('lamb-leg', 25_000, '1', { shop, kept: 'sealed' })],
      'lamb-leg',
      shop,
      'sealed',
    ],
  ] as const)('%s', (_what, steps, kind, where, wrap) => {
    expect(known(steps, kind, where)).toBe(wrap);
  });

  it('as it lay the last time, by the day of the purchase', () => {
    const both = [bag('5', { shop }), { ...loin('2', { shop, kept: 'open' }) }];
    const steps = both.map((step, at) => ({
      ...step,
      fact: { ...step.fact, lot: `x${at}` } as Step['fact'],
    }));
    expect(known(steps, 'strip-loin')).toBe('sealed');
  });
});
