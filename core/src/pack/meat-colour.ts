/** Parts of birds whose meat is white, and those whose meat is dark (common practice): they cook to different points. */
const WHITE = /^(breast|wing|tender)/;
const DARK = /^(thigh|drum|leg)/;

/** Whether a part of a bird is white or dark meat; null for one that is both, or neither. */
export function meatColour(part: string | null): 'white' | 'dark' | null {
  if (part === null) return null;
  if (WHITE.test(part)) return 'white';
  return DARK.test(part) ? 'dark' : null;
}
