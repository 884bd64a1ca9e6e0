const SENTENCES: readonly [pattern: RegExp, sentence: string][] = [
  [
    /QuotaExceeded/,
    'The browser’s storage for this page is full, so this was not written down. Nothing that stood before is lost. Make room on the machine, or export the household’s file, then try again.',
  ],
  [
    /MissingAPI|OpenFailed|InvalidState|Security|NotAllowed|Unknown/,
    'This browser does not let the page store anything (a private window, or storage switched off), so nothing can be written down here. What stood before is untouched. Open Vendicus in a normal window.',
  ],
  [
    /DatabaseClosed|VersionChange/,
    'The household was opened by a newer Vendicus in another tab. Reload this page; nothing is lost.',
  ],
];

/** Why something could not be stored, what was kept and what to do. */
export function storageProblem(error: unknown): string {
  const {
    name = '',
    message = String(error),
    inner,
  } = error as { name?: string; message?: string; inner?: { name?: string } };
  const names = `${name} ${inner?.name ?? ''} ${message}`;
  const known = SENTENCES.find(([pattern]) => pattern.test(names));
  return known?.[1] ?? `This was not written down: ${message}. What stood before is untouched; try again.`;
}
