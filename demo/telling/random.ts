import { seededUniform, type Uniform } from '@core/units/random';

/** Seeded choices, so that the demo household is the same on every machine. */
export class Random {
  /** Evenly between 0 and 1. */
  readonly next: Uniform;

  constructor(seed: number) {
    this.next = seededUniform(seed);
  }

  between(low: number, high: number): number {
    return low + (high - low) * this.next();
  }

  whole(low: number, high: number): number {
    return Math.floor(this.between(low, high + 1));
  }

  /** Around a mean with a spread, bell-shaped (sum of uniforms), never beyond three spreads. */
  around(mean: number, spread: number): number {
    const sum = Array.from({ length: 12 }, () => this.next()).reduce((a, b) => a + b, 0) - 6;
    return mean + spread * Math.max(-3, Math.min(3, sum));
  }

  pick<T>(from: readonly T[]): T {
    return from[Math.floor(this.next() * from.length)] as T;
  }

  /** So many of them, none twice; all where there are no more. */
  some<T>(from: readonly T[], many: number): T[] {
    const left = [...from];
    return Array.from({ length: Math.min(many, left.length) }, () => {
      const [one] = left.splice(Math.floor(this.next() * left.length), 1);
      return one as T;
    });
  }
}
