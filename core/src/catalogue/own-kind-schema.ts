import { kindProblems } from './kind-problems';
import { kindSchema } from './kind-schema';
import { OWN } from './own-kinds';

/** A kind of the household's own: as complete as one that ships, and never in the place of one. */
export const ownKindSchema = kindSchema.superRefine((kind, context) => {
  if (!kind.id.startsWith(OWN)) context.addIssue(`An own kind's id begins with ${OWN}`);
  for (const problem of kindProblems(kind)) context.addIssue(problem);
});
