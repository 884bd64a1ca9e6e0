import type { Kind, ReadyCut, Way } from './kind-schema';

/** Shares are known to a tenth of a per cent at best: so much may be missing to one. */
const ROUNDING = 0.0005;

/**
 * What is wrong with a kind beyond its form: names twice, shares that do not sum to one, parts
 * that no step reaches, steps without a part or purpose. In plain words, each with what to do.
 *
 * @returns nothing where all is well
 * @example a way with shares 0.7 + 0.4 and loss 0.03: “Steaks”: the shares come to 113 %, 13 % too much
 */
export function kindProblems(kind: Checked): string[] {
  return [
    ...twice('part', kind.parts),
    ...twice(
      'step',
      kind.steps.map(({ id, title }) => ({ id, name: title })),
    ),
    ...twice('way', kind.ways),
    ...(kind.usualG[0] > kind.usualG[1] ? ['The least usual weight is above the most. Exchange them.'] : []),
    ...kind.steps.flatMap((step) =>
      step.frees.length > 0 || step.purpose
        ? []
        : [`Step “${step.title}” gives no part. Choose one, or say what it is for.`],
    ),
    ...kind.ways.flatMap((way) => wayProblems(kind, way)),
    ...(kind.readyCut ?? []).flatMap((item) => readyCutProblems(kind, item)),
  ];
}

type Checked = Pick<Kind, 'id' | 'parts' | 'steps' | 'ways' | 'usualG' | 'readyCut'>;

/** Nothing is worth what remains of itself. */
function readyCutProblems({ id, parts }: Checked, { item, holds }: ReadyCut): string[] {
  if (item === `piece-${id}`)
    return ['The piece itself is no ready-cut item that holds its parts. Choose another, or take it out.'];
  const unknown =
    holds === 'all' ? [] : holds.filter((part) => part !== 'loss' && !parts.some((each) => each.id === part));
  return unknown.map((part) => `“${item}” is said to hold “${part}”, which is no part of this kind.`);
}

function twice(what: string, all: readonly { readonly id: string; readonly name: string }[]): string[] {
  const seen = new Set<string>();
  return all.flatMap(({ id, name }) => {
    const keys = [`id ${id}`, `name ${name.trim().toLowerCase()}`];
    const isTwice = keys.some((key) => seen.has(key));
    for (const key of keys) seen.add(key);
    return isTwice ? [`There are two ${what}s called “${name}”. Give one another name.`] : [];
  });
}

function wayProblems({ parts, steps }: Pick<Kind, 'parts' | 'steps'>, way: Way): string[] {
  const sum = Object.values(way.shares).reduce((a, b) => a + b, way.lossShare);
  const percent = (share: number): string => `${Math.round(Math.abs(share) * 1000) / 10} %`;
  const problems: string[] = [];
  if (Math.abs(sum - 1) > ROUNDING)
    problems.push(
      `“${way.name}”: the shares come to ${percent(sum)}, ${percent(sum - 1)} too ${sum > 1 ? 'much' : 'little'}. They must come to 100 % with liquid and unaccounted.`,
    );
  const done = way.steps.map((id) => steps.find((step) => step.id === id));
  if (done.includes(undefined))
    problems.push(`“${way.name}” has a step that this kind does not have. Take it out.`);
  const freed = new Set(done.flatMap((step) => step?.frees ?? []));
  for (const id of freed)
    if (!parts.some((part) => part.id === id))
      problems.push(`“${way.name}” has a step that gives “${id}”, which is no part of this kind.`);
  for (const id of Object.keys(way.shares)) {
    const part = parts.find((each) => each.id === id);
    if (!part) problems.push(`“${way.name}” has a share for “${id}”, which is no part of this kind.`);
    else if (!freed.has(id))
      problems.push(`“${way.name}”: no step gives “${part.name}”. Let one give it, or take its share away.`);
  }
  return problems;
}
