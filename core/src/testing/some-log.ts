import type { Log } from '../slice/profile';
import { SECTIONS } from '../slice/section';
import type { Request } from '../slice/wish';

/** A log that is measured, and what is wished of it. */
export interface LogAndWish {
  readonly log: Log;
  readonly request: Request;
}

/** A random log and wish: of one weight, or a mix of two kinds that are counted. */
export function someLog(
  uniform: () => number,
  length: readonly [number, number],
  isMix: boolean,
): LogAndWish {
  const between = (low: number, high: number): number => low + uniform() * (high - low);
  const lengthMm = Math.round(between(...length));
  const count = 2 + Math.floor(uniform() * 3);
  const stations = Array.from({ length: count }, (_, k) => ({
    atMm: (lengthMm * k) / (count - 1),
    widthMm: between(60, 190),
    heightMm: between(40, 100),
  }));
  const massG = lengthMm * between(8, 14);
  const [low, most] = [Math.round(between(8, 20)), Math.round(between(21, 40))];
  const targetG = between(120, 420);
  const kinds = [
    { name: 'a', targetG, count: [0, 2] as const },
    { name: 'b', targetG: targetG * 1.8, maxThicknessMm: most + 15, count: [1, 3] as const },
  ];
  return {
    log: { lengthMm, massG, section: SECTIONS[Math.floor(uniform() * 3)]!, stations },
    request: {
      wish: isMix ? { by: 'mix', kinds } : { by: 'weight', targetG },
      from: 'start',
      squareOffMm: 0,
      stopAtMm: null,
      minThicknessMm: low,
      maxThicknessMm: most,
    },
  };
}
