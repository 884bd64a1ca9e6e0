/** Seeded numbers (mulberry32), so that the demo household is the same on every machine. */
export class Random {
  constructor(private state: number) {}

  /** Evenly between 0 and 1. */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
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
}
