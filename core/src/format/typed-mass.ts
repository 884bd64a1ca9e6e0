import { massInDoubt } from '../units/mass-in-doubt';
import { parseMass, type TypedMass } from '../units/parse-mass';
import type { MassUnit } from '../units/unit';
import type { Format } from './format';

/** Whether a bare figure is in the household's large unit or in its small one. */
export type Assumed = 'large' | 'small';

type Writes = Pick<Format, 'style' | 'priceUnit' | 'smallUnit'>;

const unitOf = (assumed: Assumed, format: Writes): MassUnit =>
  assumed === 'large' ? format.priceUnit() : format.smallUnit();

/** A weight just as the household writes numbers, however unlikely; null where it is none. */
export function massAsTyped(text: string, assumed: Assumed, format: Writes): TypedMass | null {
  return parseMass(text, unitOf(assumed, format), format.style().decimal);
}

/** What to ask about a weight that makes sense only if its sign is meant another way than here. */
export function massDoubt(text: string, assumed: Assumed, format: Writes): string | null {
  const meant = massInDoubt(text, unitOf(assumed, format), format.style().decimal);
  return meant === null ? null : `Is ${meant} meant? Write it so.`;
}

/** A weight as it was typed; null also where {@link massDoubt} has to be asked first. */
export function typedMass(text: string, assumed: Assumed, format: Writes): TypedMass | null {
  return massDoubt(text, assumed, format) === null ? massAsTyped(text, assumed, format) : null;
}
