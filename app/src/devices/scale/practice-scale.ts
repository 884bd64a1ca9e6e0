import { GRADUATIONS, type Graduation } from '@core/scale/graduation';
import type { ScaleEvent, ScaleSource } from '@core/scale/scale-source';
import { KITCHEN_SCALE, SimulatedScale } from '@core/scale/simulated-scale';
import { seededUniform } from '@core/units/random';

const READ_EVERY_MS = 100;

/** The scale that is not there, in the page: with a tray to lay meat on that is not there either. */
export class PracticeScale implements ScaleSource {
  readonly name: string;
  readonly graduationDg: number;
  readonly isPractice = true;
  private readonly scale: SimulatedScale;

  constructor(graduation: Graduation, seed: number) {
    this.name = `Practice scale, ${graduation}`;
    this.graduationDg = GRADUATIONS[graduation];
    this.scale = new SimulatedScale(
      { ...KITCHEN_SCALE, graduationDg: this.graduationDg },
      seededUniform(seed),
    );
  }

  listen(hear: (event: ScaleEvent) => void): Promise<() => void> {
    const timer = setInterval(
      () => hear({ type: 'reading', reading: this.scale.read(performance.now()) }),
      READ_EVERY_MS,
    );
    return Promise.resolve(() => clearInterval(timer));
  }

  /** Lays something on the tray, on top of what is there or in its place. */
  lay(massDg: number, isOnTop: boolean): void {
    this.scale.put(isOnTop ? this.scale.loadDg + massDg : massDg, performance.now());
  }

  clear(): void {
    this.scale.put(0, performance.now());
  }
}
