import highs from 'highs';
import { packModel } from '../../pack/pack-model';
import { packRequestSchema, type PackRequest } from '../../pack/pack-request';
import { packUnits } from '../../pack/pack-units';
import { seededUniform } from '../../units/random';
import { programText } from '../program-text';
import { HIGHS } from './outside';
import type { Question } from './question';

/** Up to thirteen portions of one or two sorts, two to four unequal eaters. */
function middlingTable(seed: number): PackRequest {
  const random = seededUniform(seed * 977);
  const pick = (from: number, to: number): number => from + Math.floor(random() * (to - from + 1));
  const eaters = Array.from({ length: pick(2, 4) }, (_, e) => ({ name: `e${e}`, targetG: pick(9, 24) * 10 }));
  const meanG = pick(70, 230);
  return packRequestSchema.parse({
    portions: Array.from({ length: pick(8, 13) }, (_, p) => ({
      id: `p${p}`,
      part: p % 3 === 0 ? 'thigh' : 'drumstick',
      massG: Math.round(meanG * (0.75 + 0.5 * random())),
      boneIn: true,
    })),
    eaters,
    packs: [{ name: 'all', eaters: eaters.map(({ name }) => name) }],
    ...(random() < 0.5 ? { together: [['thigh', 'drumstick']] } : {}),
  });
}

/** A table, and which of its parts that are planned apart. */
export interface TablePart {
  readonly request: PackRequest;
  readonly unit: number;
}

/** They have sixty parts. */
const TABLES = 43;

/** What sixty parts of whole tables come to beside leaving all of it: every plate and pack written down for a solver from outside. */
export const MIDDLING_TABLES: Question<TablePart> = {
  name: 'middling-tables',
  ...HIGHS,
  inputs: () =>
    Array.from({ length: TABLES }, (_, k) => middlingTable(k + 1)).flatMap((request) =>
      packUnits(request).map((_unit, unit) => ({ request, unit })),
    ),
  solve: async ({ request, unit }) => {
    const { program, sources } = packModel(request, packUnits(request), [unit]);
    const nothing = new Float64Array(program.rows.length);
    for (const source of sources)
      if (!source.within(nothing, Infinity, Infinity)) throw new Error('not every plate was written down');
    const solution = (await highs()).solve(programText(program), { mip_rel_gap: 0, mip_abs_gap: 1e-6 });
    if (solution.Status !== 'Optimal') throw new Error(solution.Status);
    return solution.ObjectiveValue * 1000;
  },
};
