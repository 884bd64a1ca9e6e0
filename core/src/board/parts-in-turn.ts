import type { Kind, Way } from '../catalogue/kind-schema';
import { partOf } from '../catalogue/kinds';

/** One thing to weigh, and the step that takes it off. */
export interface PartTurn {
  readonly step: string;
  readonly part: string;
}

/**
 * What there is to weigh when a kind is cut a way, in the order of work. A part that two steps
 * give comes twice (the square-off and, at the other end, the sirloin end); portions that two
 * steps in a row work on are weighed once they are done.
 *
 * @example strip loin, trimmed first: strip and tail, fat cap, ends, steaks, ends
 */
export function partsInTurn(kind: Kind, way: Way): PartTurn[] {
  const all = way.steps.flatMap((id) => {
    const step = kind.steps.find((each) => each.id === id);
    return (step?.frees ?? [])
      .filter((part) => way.shares[part] !== undefined)
      .map((part) => ({ step: id, part }));
  });
  return all.filter(
    ({ part }, index) => !(all[index + 1]?.part === part && partOf(kind, part)?.portion !== undefined),
  );
}
