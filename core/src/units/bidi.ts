/** What turns the direction of a text, or marks it, and is seen nowhere itself. */
const DIRECTIONS = /[\u061c\u200e\u200f\u202a-\u202e\u2066-\u2069]/g;
/** What no printer and no calendar knows: control characters but for the end of a line and the tab. */
// oxlint-disable-next-line no-control-regex
const CONTROLS = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\u2028\u2029\ufffe\uffff]/g;
const [ISOLATE, END] = ['\u2068', '\u2069'];

/**
 * A name as it stands in a sentence: where signs in it turn the direction of writing, it turns for itself
 * alone.
 *
 * @example isolated('Steak') // 'Steak'
 */
export function isolated(name: string): string {
  const opened = name.match(DIRECTIONS)?.length ?? 0;
  return opened === 0 ? name : `${ISOLATE}${name}${'\u202c'.repeat(opened)}${END.repeat(opened + 1)}`;
}

/** A text for another program: without what turns its direction, and without control characters. */
export function plainText(text: string): string {
  return text.replace(DIRECTIONS, '').replace(CONTROLS, '');
}
