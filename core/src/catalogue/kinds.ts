import type { Animal } from '../ledger/animal';
import type { Kind, Part } from './kind-schema';
import { beefTenderloin } from './kinds/beef-tenderloin';
import { beefTenderloinPeeled } from './kinds/beef-tenderloin-peeled';
import { eyeOfRound } from './kinds/eye-of-round';
import { lambLeg } from './kinds/lamb-leg';
import { lambRack } from './kinds/lamb-rack';
import { porkLoin } from './kinds/pork-loin';
import { porkShoulderButt } from './kinds/pork-shoulder-butt';
import { porkSpareRibs } from './kinds/pork-spare-ribs';
import { ribSevenBones } from './kinds/rib-seven-bones';
import { ribeye } from './kinds/ribeye';
import { stripLoin } from './kinds/strip-loin';
import { topRound } from './kinds/top-round';
import { wholeChicken } from './kinds/whole-chicken';
import { wholeTurkey } from './kinds/whole-turkey';
import { ownKind } from './own-kinds';

/** Every kind of piece that ships. */
export const KINDS: readonly Kind[] = [
  stripLoin,
  beefTenderloin,
  beefTenderloinPeeled,
  wholeChicken,
  wholeTurkey,
  ribeye,
  ribSevenBones,
  topRound,
  eyeOfRound,
  porkLoin,
  porkShoulderButt,
  porkSpareRibs,
  lambLeg,
  lambRack,
];

const BY_ID = new Map(KINDS.map((kind) => [kind.id, kind]));

/** The kind with this id, built in or the household's own; undefined for one that is not known here. */
export function kindById(id: string | null): Kind | undefined {
  return id === null ? undefined : (BY_ID.get(id) ?? ownKind(id));
}

/** Which animal a kind is of; null for one that is not known here. */
export function animalOfKind(id: string): Animal | null {
  return kindById(id)?.animal ?? null;
}

/** A part of a kind by its id, or undefined. */
export function partOf(kind: Kind | undefined, part: string | null): Part | undefined {
  return kind?.parts.find((entry) => entry.id === part);
}
