import { readFileSync } from 'node:fs';

/** Versions of the file before today's. */
export const OLD_VERSIONS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12] as const;

/** The beginning of the demo household as that version wrote it. */
export function oldFile(version: (typeof OLD_VERSIONS)[number]): string {
  return readFileSync(`core/src/testing/old-files/version-${version}.json`, 'utf8');
}
