import { customAlphabet } from 'nanoid';

const LETTERS = '0123456789abcdefghijklmnopqrstuvwxyz';

/** An id that is given once: of an entry, a lot, a device, a place. */
export const randomId = customAlphabet(LETTERS, 14);
