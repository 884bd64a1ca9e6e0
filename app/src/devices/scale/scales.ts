import { InjectionToken } from '@angular/core';
import type { ScaleSource } from '@core/scale/scale-source';
import { NetworkScale } from './network-scale';
import type { ScaleChoice } from './scale-choice';
import { SerialScale } from './serial-scale';
import { PracticeScale } from './practice-scale';

/** A kind of scale that one can weigh with. */
export interface ScaleKind {
  readonly name: string;
  readonly about: string;
  /** Null where weights are typed. */
  readonly source: (choice: ScaleChoice) => ScaleSource | null;
  /** What else of the choice it wants to know. */
  readonly asks?: 'graduation' | 'baudRate';
  /** It stands in for what is not there: for practice, in the demo. */
  readonly isPractice?: true;
  /** Where not every browser can. */
  readonly isPossible?: () => boolean;
}

export type ScaleKinds = Readonly<Record<string, ScaleKind>>;

/** The scales that there are, by the id that a device remembers. A new one is an entry here. */
const OURS: ScaleKinds = {
  typed: {
    name: 'No scale here',
    about: 'Read the weight off any scale and type it.',
    source: () => null,
  },
  practice: {
    name: 'Practice scale, no meat needed',
    about: 'For the demo: a tray on the screen to lay things on.',
    isPractice: true,
    source: ({ graduation }) =>
      new PracticeScale(graduation, Math.floor(performance.timeOrigin + performance.now())),
    asks: 'graduation',
  },
  network: {
    name: 'Scale on Wi-Fi',
    about: 'Heard through the server that this page came from.',
    source: () => new NetworkScale(),
  },
  serial: {
    name: 'Scale by USB',
    about: 'One that sends a line for each reading, over a serial cable.',
    source: ({ baudRate }) => new SerialScale(baudRate),
    asks: 'baudRate',
    isPossible: () => SerialScale.isPossible(),
  },
};

export const SCALES = new InjectionToken<ScaleKinds>('the scales that there are', {
  providedIn: 'root',
  factory: () => OURS,
});
