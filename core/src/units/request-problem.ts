import type * as z from 'zod';
import { faultWords } from './fault-words';

/**
 * The first thing that is wrong with a request from outside, as one sentence that names the field.
 *
 * @example requestProblem(error) // 'portions[0].part: part is a text.'
 */
export function requestProblem({ issues: [first] }: z.ZodError): string {
  if (!first) return 'it is no request.';
  if (first.code === 'unrecognized_keys')
    return `${pathOf([...first.path, first.keys[0] ?? ''])}: that is not asked for here. Take it out, or look at its spelling.`;
  if (first.path.length === 0 && first.code === 'invalid_type')
    return 'a request is one object in braces, as in docs/command-line.md.';
  const path = pathOf(first.path);
  return `${path ? `${path}: ` : ''}${faultWords(first)}.`;
}

function pathOf(path: readonly PropertyKey[]): string {
  return path
    .map((key) => (typeof key === 'number' ? `[${key}]` : `.${String(key)}`))
    .join('')
    .replace(/^\./, '');
}
