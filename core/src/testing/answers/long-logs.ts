import highs from 'highs';
import { gridOf } from '../../slice/grid';
import { kindsOf } from '../../slice/kinds-of-wish';
import { profileOf } from '../../slice/profile';
import { seededUniform } from '../../units/random';
import { arcFlowModel } from '../arc-flow';
import { someLog, type LogAndWish } from '../some-log';
import { HIGHS } from './outside';
import type { Question } from './question';

/** The least objective of thirty logs, every slice written down for a solver from outside. */
export const LONG_LOGS: Question<LogAndWish> = {
  name: 'long-logs',
  ...HIGHS,
  inputs: () => {
    const uniform = seededUniform(8);
    // The solver takes ten times as long for a mix.
    return Array.from({ length: 30 }, (_, each) =>
      someLog(uniform, each % 6 === 0 ? [110, 140] : [130, 180], each % 6 === 0),
    );
  },
  solve: async ({ log, request }) => {
    const model = arcFlowModel(gridOf(profileOf(log), request), kindsOf(request));
    const solution = (await highs()).solve(model, { mip_rel_gap: 0, mip_abs_gap: 1e-10 });
    if (solution.Status !== 'Optimal') throw new Error(solution.Status);
    return solution.ObjectiveValue;
  },
};
