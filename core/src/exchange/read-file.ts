import { failure, success, type Result } from '../units/result';
import type * as z from 'zod';
import { entrySchema, type Entry } from '../ledger/entry';
import { householdOf, type Household } from '../records/household';
import { recordSchema, type HouseholdRecord } from '../records/record';
import { mergeEntries } from '../ledger/merge';
import { NO_CLOCK_SAYS } from '../ledger/stamp';
import { faultWords } from '../units/fault-words';
import { FILE_FORMAT, FILE_VERSION, fileFrameSchema, MOST_BYTES } from './household-file';

/** How a file is read. */
export interface FileReading {
  /** Whether stamps after the year 2100 are taken: in a household's own copies, which have what the household has. */
  readonly ownCopy?: boolean;
  /** Is told how far it is, 0 to 1. */
  readonly told?: (share: number) => void;
}

/** From so many on, all is wrong. */
const MANY_FAULTS = 100;
/** So long is what is said of a file at most, and a name in it. */
const [MOST_SAID, MOST_NAMED] = [200, 40];
/** So many are checked between two words of how far it is. */
const AT_ONCE = 500;

/**
 * Reads an export file. Everything is checked before anything is returned; a file that is wrong
 * anywhere is refused whole, with the place and the fault in plain words. Nothing of it is made known
 * anywhere: the file may only be looked at.
 *
 * @param text the file's text
 * @example readFile('{}').problem // 'This is JSON, but not a Vendicus household: …'
 */
export function readFile(text: string, { ownCopy = false, told }: FileReading = {}): Result<Household> {
  const tooLarge = sizeProblem(text.length);
  if (tooLarge) return failure(tooLarge);
  const json = parseJson(text.startsWith('\ufeff') ? text.slice(1) : text);
  if (!json.ok) return json;
  const strange = strangeFile(json.value);
  if (strange) return failure(strange);
  if (hasHalfLetters(text, json.value)) return failure(HALF_LETTERS);
  const frame = fileFrameSchema.safeParse(json.value);
  if (!frame.success) return failure(faultIn(frame.error.issues, json.value));
  const { household, entries, records } = frame.data;
  const checked = checkAll(
    [
      ['entries', entries, entrySchema],
      ['records', records, recordSchema],
    ],
    json.value,
    told,
  );
  if (!checked.ok) return checked;
  const [all, registers] = checked.value as [Entry[], HouseholdRecord[]];
  const late = ownCopy ? undefined : (all.find(isLate) ?? registers.map(({ stamp }) => stamp).find(isLate));
  if (late)
    return failure(
      `The file says that something was written down in the year ${late.at.slice(0, 4)}: the clock of the device that wrote it was wrong. Nothing was read.`,
    );
  const once = mergeEntries([], all);
  return once.ok
    ? success(householdOf(once.value, registers, household))
    : failure(
        `The file is damaged: entry ${once.problem.entry} says one thing here and another there. Nothing was read.`,
      );
}

const isLate = ({ at }: { readonly at: string }): boolean => at >= NO_CLOCK_SAYS;

/** Why a file of this size is not read, or null. Can be asked before the file is loaded. */
export function sizeProblem(bytes: number): string | null {
  if (bytes <= MOST_BYTES) return null;
  const megabytes = Math.round(bytes / 1024 / 1024);
  return `The file is ${megabytes} MB. A household's file is smaller than ${MOST_BYTES / 1024 / 1024} MB, so this is probably another file. Nothing was read.`;
}

const HALF_LETTERS =
  'The file is damaged: a text in it ends in half a letter, as a program leaves it that cuts texts short. Nothing was read.';

/** Whether a text holds one half of a letter of two; only such as are written as a code can. */
function hasHalfLetters(text: string, value: unknown): boolean {
  return /\\ud[89a-f]/i.test(text) && /(?<!\\)(?:\\\\)*\\ud[89a-f]/.test(JSON.stringify(value));
}

/** Every value of some lists, one by one; or where the first fault is. */
function checkAll(
  lists: readonly (readonly [name: string, values: readonly unknown[], schema: z.ZodType])[],
  file: unknown,
  told: (share: number) => void = () => undefined,
): Result<unknown[][]> {
  const all = lists.reduce((sum, [, values]) => sum + values.length, 0);
  const faults: z.core.$ZodIssue[] = [];
  let done = 0;
  const good = lists.map(([name, values, schema]) =>
    values.map((value, index) => {
      // Of a million faults the first tells where to look.
      if (faults.length > MANY_FAULTS) return undefined;
      if (done % AT_ONCE === 0) told(done / all);
      done += 1;
      const parsed = schema.safeParse(value);
      if (!parsed.success)
        for (const issue of parsed.error.issues.slice(0, MANY_FAULTS))
          faults.push({ ...issue, path: [name, index, ...issue.path] });
      return parsed.data;
    }),
  );
  return faults.length > 0 ? failure(faultIn(faults, file)) : success(good);
}

function parseJson(text: string): Result<unknown> {
  if (text.trim() === '') return failure('The file is empty. Nothing was read.');
  if (text.startsWith('PK\u0003\u0004'))
    return failure(
      'This is a packed (zip) file. Unpack it first, and choose the file in it. Nothing was read.',
    );
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
    return `The file was written by a newer Vendicus (file version ${shortened(String(file['version']), MOST_NAMED)}; this one reads up to ${FILE_VERSION}). Update here first. Nothing was read.`;
  }
  return null;
}

function faultIn([issue, ...others]: readonly z.core.$ZodIssue[], value: unknown): string {
  const path = issue?.path ?? [];
  const where = path.map((step) => (typeof step === 'number' ? `[${step}]` : `.${String(step)}`)).join('');
  const count = others.length >= MANY_FAULTS ? 'many' : others.length;
  const end = `${others.length > 0 ? ` (and ${count} more)` : ''}. Nothing was read.`;
  const at = shortened(where.replace(/^\./, '') || 'its top', 2 * MOST_NAMED);
  const begin = `The file is damaged at ${at}${nameOf(value, path)}: `;
  const fault = issue ? faultWords(issue) : 'it cannot be read';
  return begin + shortened(fault, MOST_SAID - begin.length - end.length) + end;
}

/** A text of a file, which may be of any length. */
const shortened = (text: string, most: number): string =>
  text.length <= most ? text : `${text.slice(0, Math.max(0, most - 1))}…`;

/** The id of the entry that the fault is in, for those who look for it in the file. */
function nameOf(value: unknown, path: readonly PropertyKey[]): string {
  const [list, index] = path;
  if (typeof list !== 'string' || typeof index !== 'number') return '';
  const items = (value as Record<string, unknown[]>)[list];
  const id = (items?.[index] as { id?: unknown; type?: unknown } | undefined) ?? {};
  const type = typeof id.type === 'string' ? `${shortened(id.type, MOST_NAMED / 2)} ` : '';
  return typeof id.id === 'string' ? ` (${type}entry "${shortened(id.id, MOST_NAMED)}")` : '';
}
