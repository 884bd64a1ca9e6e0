import { readFileSync } from 'node:fs';

/** Every page of a household, below its name; those about a piece where it has one. */
export function pagesOf(done: string | null, open: string | null): string[] {
  return [
    'counter',
    'counter/candidates',
    'counter/ask',
    'counter/prices',
    'counter/lists',
    'counter/which',
    'block',
    ...(open ? [`block/${open}/slices`] : []),
    'wrap',
    'wrap/labels',
    'wrap/scan',
    'freezer',
    'freezer/week',
    'freezer/batch',
    'freezer/buy',
    'freezer/places',
    'freezer/tonight',
    'freezer/count',
    'freezer/power',
    'books',
    ...(done ? [`books/${done}`] : []),
    'books/trends',
    ...(open ? [`books/${open}`] : []),
    'books/household',
    'craft',
    'craft/lamb-leg',
    'craft/words',
    'craft/knives',
    'craft/thickness',
    'craft/safety',
    'craft/own/new?from=lamb-rack',
  ];
}

/** The pages of the demo household: its first piece is finished, its last in work. */
export function demoPages(): string[] {
  const { chapters } = JSON.parse(readFileSync('demo/story.json', 'utf8')) as {
    chapters: { entries: { type: string; lot: string }[] }[];
  };
  const entries = chapters.flatMap((chapter) => chapter.entries);
  const pieces = entries.filter(({ type }) => type === 'received').map(({ lot }) => lot);
  return pagesOf(pieces[0] ?? null, pieces.at(-1) ?? null).map((page) => `/demo/${page}`);
}
