import type { KeyedNote, PriceBook } from './price-book';

/** A grade or mark as it is compared: "Organic" and "organic " are one. */
const plain = (grade: string | null | undefined): string => (grade ?? '').trim().toLowerCase();

/**
 * Of some prices, those that tell what meat of a grade goes for: those asked for that grade; where
 * there is none, those of which no grade was said; where there is none either, all of them.
 *
 * @param grade null where none is asked for: then prices of no grade count before those of one
 * @example of 14.00 for a plain bird and 26.00 for an organic one: 26.00 for 'Organic', 14.00 for null
 */
export function notesOfGrade<T extends Pick<KeyedNote, 'grade'>>(
  notes: readonly T[],
  grade: string | null,
): readonly T[] {
  if (notes.every((note) => note.grade === undefined)) return notes;
  const wanted = plain(grade);
  const same = notes.filter((note) => plain(note.grade) === wanted);
  if (same.length > 0) return same;
  const unsaid = notes.filter((note) => plain(note.grade) === '');
  return unsaid.length > 0 ? unsaid : notes;
}

/** Whether two grades are one, however they are written. */
export const isSameGrade = (one: string | null | undefined, other: string | null | undefined): boolean =>
  plain(one) === plain(other);

/** The grades that a household has noted, in the order of letters. */
export function gradesOf({ byItem }: PriceBook): string[] {
  const all = [...byItem.values()].flat().flatMap(({ grade }) => grade?.trim() ?? []);
  return [...new Map(all.map((grade) => [plain(grade), grade])).values()].sort((a, b) => a.localeCompare(b));
}
