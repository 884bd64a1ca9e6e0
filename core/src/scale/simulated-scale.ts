import { normals } from '../units/normals';
import type { Uniform } from '../units/random';
import { toGraduation } from './graduation';
import type { Reading } from './reading';

/** How a scale behaves. */
export interface ScaleCharacter {
  readonly graduationDg: number;
  readonly capacityDg: number;
  /** Time from putting something on until it shows within half a step. */
  readonly settleMs: number;
  /** Standard deviation of the noise, in steps. */
  readonly noiseSteps: number;
  /** Creep under load, in steps a minute. */
  readonly driftSteps: number;
}

export const KITCHEN_SCALE: ScaleCharacter = {
  graduationDg: 10,
  capacityDg: 150_000,
  settleMs: 600,
  noiseSteps: 0.25,
  driftSteps: 0.2,
};

/** Something that presses on the scale for a moment, or runs onto it. */
interface Change {
  readonly fromDg: number;
  readonly toDg: number;
  readonly startMs: number;
  readonly pourMs: number;
}
interface Bump {
  readonly startMs: number;
  readonly endMs: number;
  readonly massDg: number;
}

/**
 * A scale that is not there: what is put on it swings in over the settling time and then trembles,
 * creeps, and shows whole steps, as a real one does. Time is given from outside.
 *
 * @example scale.put(3720, 0); scale.read(5000).massDg // 3720, a step more or less
 */
export class SimulatedScale {
  private change: Change = { fromDg: 0, toDg: 0, startMs: -Infinity, pourMs: 0 };
  private bumps: Bump[] = [];
  private zeroDg = 0;
  private readonly normal: () => number;

  constructor(
    private readonly character: ScaleCharacter,
    uniform: Uniform,
  ) {
    this.normal = normals(uniform);
  }

  /** All that lies on it, without what shows. */
  get loadDg(): number {
    return this.change.toDg;
  }

  /** From now on this lies on it; poured over so long, or set down at once. */
  put(loadDg: number, atMs: number, pourMs = 0): void {
    this.change = { fromDg: this.swing(atMs), toDg: loadDg, startMs: atMs, pourMs };
  }

  /** A hand leans on it for a moment. */
  bump(massDg: number, startMs: number, endMs: number): void {
    this.bumps.push({ massDg, startMs, endMs });
  }

  /** The scale's own zero: what lies on it now counts for nothing, until it is taken off. */
  tare(): void {
    this.zeroDg = this.change.toDg;
  }

  read(atMs: number): Reading {
    const { capacityDg, graduationDg, noiseSteps } = this.character;
    const press = this.bumps.reduce(
      (sum, bump) => sum + (atMs >= bump.startMs && atMs < bump.endMs ? bump.massDg : 0),
      0,
    );
    const load = this.swing(atMs) + this.creep(atMs) + press;
    if (load > capacityDg) return { massDg: 0, atMs, isStable: false, isOverload: true };
    const shown = toGraduation(load - this.zeroDg + this.normal() * noiseSteps * graduationDg, graduationDg);
    return {
      massDg: Math.round(shown),
      atMs,
      isStable: press === 0 && this.isSettled(atMs),
      isOverload: false,
    };
  }

  /** When what was put on last will have settled. */
  settledAtMs(): number {
    return this.change.startMs + this.change.pourMs + this.character.settleMs;
  }

  private isSettled(atMs: number): boolean {
    return atMs >= this.settledAtMs();
  }

  /** The pan follows the load, with a swing that dies away. */
  private swing(atMs: number): number {
    const { fromDg, toDg, startMs, pourMs } = this.change;
    const since = atMs - startMs;
    if (pourMs > 0 && since < pourMs) return fromDg + ((toDg - fromDg) * since) / pourMs;
    const step = pourMs > 0 ? Math.min(toDg - fromDg, 40 * this.character.graduationDg) : toDg - fromDg;
    if (step === 0 || since === Infinity) return toDg;
    const { settleMs, graduationDg } = this.character;
    const decay = Math.log(Math.max(2, (2 * Math.abs(step)) / graduationDg)) / settleMs;
    const settling = since - pourMs;
    return toDg - step * Math.exp(-decay * settling) * Math.cos((4 * Math.PI * settling) / settleMs / 2);
  }

  private creep(atMs: number): number {
    const { driftSteps, graduationDg } = this.character;
    const since = atMs - this.change.startMs;
    return this.change.toDg === 0 || since === Infinity ? 0 : (driftSteps * graduationDg * since) / 60_000;
  }
}
