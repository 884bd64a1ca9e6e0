import type * as z from 'zod';

/** Zod's own words begin like this; a schema's own say what is wanted. */
const UNSPOKEN = /^(Invalid|Too (big|small)|Unrecognized|Unexpected)/;

const KINDS: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'an object in braces',
  record: 'an object in braces',
};

const FORMATS: Readonly<Record<string, string>> = {
  date: 'a day like 2026-11-24',
  datetime: 'a moment like 2026-11-24T18:30:00.000Z',
};

/**
 * What is wrong with a value, in words of ours: those that the schema gives, or what was wanted of it.
 * Zod's own never reach a person.
 *
 * @example faultWords(error.issues[0]) // 'a number is wanted'
 */
export function faultWords(issue: z.core.$ZodIssue): string {
  if (issue.message !== '' && !UNSPOKEN.test(issue.message)) return issue.message;
  switch (issue.code) {
    case 'too_small':
      return issue.origin === 'string' ? 'nothing is written there' : `at least ${issue.minimum} is wanted`;
    case 'too_big':
      return issue.origin === 'string'
        ? `it is longer than ${issue.maximum} letters`
        : `at most ${issue.maximum} is taken`;
    case 'invalid_type':
      return `${KINDS[issue.expected] ?? 'something else'} is wanted`;
    case 'invalid_format':
      return `${FORMATS[issue.format] ?? 'something else'} is wanted`;
    case 'invalid_value':
      return `it is none of ${issue.values.map(String).join(', ')}`;
    case 'unrecognized_keys':
      return `“${issue.keys.slice(0, 3).join('”, “')}” is not known here`;
    default:
      return 'it cannot be read';
  }
}
