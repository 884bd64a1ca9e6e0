/** Letters and digits that cannot be taken for one another (Crockford's base 32). */
const SYMBOLS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const LENGTH = 4;

/**
 * A short number to write on a pack and to type: made from the pack's id, so every device gives it
 * the same. Of a million there are, a household's packs will rarely share one; then all are offered.
 *
 * @source FNV-1a, 32 bits; the alphabet is Crockford's (both from memory)
 */
export function shortNumber(id: string): string {
  let hash = 0x811c9dc5;
  for (let at = 0; at < id.length; at++) hash = Math.imul(hash ^ id.charCodeAt(at), 0x01000193) >>> 0;
  return Array.from({ length: LENGTH }, (_, k) => SYMBOLS[(hash >>> (5 * k + 3)) & 31]).join('');
}

/** A short number as someone typed it: small letters, spaces, O for 0, I and L for 1. */
export function readShortNumber(text: string): string {
  return text.toUpperCase().replace(/[\s-]/g, '').replace(/O/g, '0').replace(/[IL]/g, '1');
}
