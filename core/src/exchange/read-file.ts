import { failure, success, type Result } from '../units/result';
import type { z } from 'zod';
import { householdOf, type Household } from '../records/household';
import { mergeEntries } from '../ledger/merge';
import { FILE_FORMAT, FILE_VERSION, householdFileSchema, MOST_BYTES } from './household-file';

/**
 * Reads an export file. Everything is checked before anything is returned; a file that is wrong
 * anywhere is refused whole, with the place and the fault in plain words.
 *
 * @param text the file's text
 * @example readFile('{}').problem // 'This is JSON, but not a Vendicus household: …'
 */
export function readFile(text: string): Result<Household> {
  const tooLarge = sizeProblem(text.length);
  if (tooLarge) return failure(tooLarge);
  const json = parseJson(text.startsWith('\ufeff') ? text.slice(1) : text);
  if (!json.ok) return json;
  const strange = strangeFile(json.value);
  if (strange) return failure(strange);
  const parsed = householdFileSchema.safeParse(json.value);
  if (!parsed.success) return failure(faultIn(parsed.error, json.value));
  const entries = mergeEntries([], parsed.data.entries);
  return entries.ok
    ? success(householdOf(entries.value, parsed.data.records))
    : failure(
        `The file is damaged: entry ${entries.problem.entry} says one thing here and another there. Nothing was read.`,
      );
}

/** Why a file of this size is not read, or null. Can be asked before the file is loaded. */
export function sizeProblem(bytes: number): string | null {
  if (bytes <= MOST_BYTES) return null;
  const megabytes = Math.round(bytes / 1024 / 1024);
  return `The file is ${megabytes} MB. A household's file is smaller than ${MOST_BYTES / 1024 / 1024} MB, so this is probably another file. Nothing was read.`;
}

function parseJson(text: string): Result<unknown> {
  if (text.trim() === '') return failure('The file is empty. Nothing was read.');
  try {
    return success(JSON.parse(text));
  } catch {
    const started = text.trimStart().startsWith('{');
    return failure(
      started
        ? 'The file breaks off or is damaged: it is not complete JSON. Export it again from the other device. Nothing was read.'
        : 'This is not a household file: it is not JSON. Nothing was read.',
    );
  }
}

function strangeFile(value: unknown): string | null {
  const file = (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>;
  if (file['format'] !== FILE_FORMAT) {
    return `This is JSON, but not a Vendicus household: it does not say "format": "${FILE_FORMAT}". Nothing was read.`;
  }
  if (typeof file['version'] === 'number' && file['version'] > FILE_VERSION) {
    return `The file was written by a newer Vendicus (file version ${file['version']}; this one reads up to ${FILE_VERSION}). Update here first. Nothing was read.`;
  }
  return null;
}

function faultIn(error: z.ZodError, value: unknown): string {
  const issue = error.issues[0];
  const path = issue?.path ?? [];
  const where = path.map((step) => (typeof step === 'number' ? `[${step}]` : `.${String(step)}`)).join('');
  const more = error.issues.length > 1 ? ` (and ${error.issues.length - 1} more)` : '';
  return `The file is damaged at ${where.replace(/^\./, '') || 'its top'}${nameOf(value, path)}: ${issue?.message ?? 'unreadable'}${more}. Nothing was read.`;
}

/** The id of the entry that the fault is in, for those who look for it in the file. */
function nameOf(value: unknown, path: readonly PropertyKey[]): string {
  const [list, index] = path;
  if (typeof list !== 'string' || typeof index !== 'number') return '';
  const items = (value as Record<string, unknown[]>)[list];
  const id = (items?.[index] as { id?: unknown; type?: unknown } | undefined) ?? {};
  return typeof id.id === 'string' ? ` (${String(id.type)} entry "${id.id}")` : '';
}
