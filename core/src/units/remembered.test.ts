import { remembered } from './remembered';

describe('what is remembered', () => {
  const [a, b] = [{}, {}];

  it.each<[string, readonly unknown[], number]>([
    ['of the same things is not made again', [a, b], 1],
    ['of another thing is', [a, {}], 2],
    ['of the same in another order is', [b, a], 2],
    ['of fewer is', [a], 2],
  ])('%s', (_what, from, times) => {
    const make = jest.fn(() => 'made');
    const of = remembered<string, string>();
    expect(of('x', [a, b], make)).toBe('made');
    expect(of('x', from, make)).toBe('made');
    expect(make).toHaveBeenCalledTimes(times);
  });

  it('is each key’s own', () => {
    const of = remembered<string, number>();
    expect([of('x', [a], () => 1), of('y', [a], () => 2), of('x', [a], () => 3)]).toEqual([1, 2, 1]);
  });
});
