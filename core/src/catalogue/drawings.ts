import { sum } from 'd3-array';
import type { Drawing, Side } from './drawing';
import { beefTenderloin } from './drawings/beef-tenderloin';
import { eyeOfRound } from './drawings/eye-of-round';
import { lambLeg } from './drawings/lamb-leg';
import { lambRack } from './drawings/lamb-rack';
import { porkLoin } from './drawings/pork-loin';
import { porkShoulderButt } from './drawings/pork-shoulder-butt';
import { porkSpareRibs } from './drawings/pork-spare-ribs';
import { ribSevenBones } from './drawings/rib-seven-bones';
import { ribeye } from './drawings/ribeye';
import { stripLoin } from './drawings/strip-loin';
import { topRound } from './drawings/top-round';
import { wholeChicken } from './drawings/whole-chicken';
import { wholeTurkey } from './drawings/whole-turkey';
import type { Kind } from './kind-schema';
import { outline } from './outline';

const DRAWINGS: Readonly<Record<string, Drawing>> = {
  'strip-loin': stripLoin,
  'beef-tenderloin': beefTenderloin,
  'whole-chicken': wholeChicken,
  'whole-turkey': wholeTurkey,
  ribeye,
  'rib-seven-bones': ribSevenBones,
  'top-round': topRound,
  'eye-of-round': eyeOfRound,
  'pork-loin': porkLoin,
  'pork-shoulder-butt': porkShoulderButt,
  'pork-spare-ribs': porkSpareRibs,
  'lamb-leg': lambLeg,
  'lamb-rack': lambRack,
};

/** The drawing of a kind: its own, that of the kind it was copied from, or a plain block of its parts. */
export function drawingOf(kind: Kind): Drawing {
  return DRAWINGS[kind.drawnAs ?? kind.id] ?? { sides: [plainBlock(kind)] };
}

const BLOCK = { left: 40, right: 600, top: 70, bottom: 230 };

/** A block cut across into the parts of the first way, each as wide as its share. */
function plainBlock({ name, ways, parts }: Kind): Side {
  const shares = Object.entries(ways[0]?.shares ?? {}).filter(([, share]) => share > 0);
  const whole = sum(shares, ([, share]) => share);
  let x = BLOCK.left;
  const stretches = shares.map(([part, share]) => {
    const from = x;
    x += ((BLOCK.right - BLOCK.left) * share) / whole;
    return { part, from, to: x };
  });
  const edge = (at: number): string => `${Math.round(at)}`;
  return {
    name: 'as a plain block',
    seen: `${name} as a plain block, its parts side by side, each as wide as its share`,
    viewBox: [640, 300],
    tenCm: 0,
    regions: Object.fromEntries(
      stretches.map(({ part, from, to }) => [
        part,
        outline(
          `${edge(from)},${BLOCK.top}! ${edge(to)},${BLOCK.top}! ${edge(to + 5)},150 ${edge(to)},${BLOCK.bottom}! ${edge(from)},${BLOCK.bottom}! ${edge(from + 5)},150`,
        ),
      ]),
    ),
    parts: Object.fromEntries(stretches.map(({ part }) => [part, [part]])),
    landmarks: [],
    cuts: {},
    // Narrow stretches would write over each other.
    labels: stretches
      .filter(({ from, to }) => to - from > 90)
      .map(({ part, from, to }) => ({
        x: Math.round((from + to) / 2),
        y: 256,
        text: parts.find(({ id }) => id === part)?.name ?? part,
      })),
  };
}
