/** Something that stands in the way of every deed, and is said for as long as it does. */
export interface Trouble {
  readonly text: string;
  /**
   * What can be saved to a file: what this page shows, what is on the disk though it cannot be read
   * here, or nothing.
   */
  readonly saves: 'shown' | 'stored' | null;
}

/** The browser opens no newer base while an older one is in use. */
export const HELD_BY_ANOTHER: Trouble = {
  text: 'Another tab or window still has an older Vendicus open, and what is stored is in use there. Close it, or reload it: then this page goes on by itself. Nothing is lost.',
  saves: null,
};

interface Known {
  readonly pattern: RegExp;
  readonly sentence: string;
  readonly saves: Trouble['saves'];
  /** Whether the next deed meets it too. */
  readonly stays?: true;
}

const KNOWN: readonly Known[] = [
  {
    pattern: /QuotaExceeded/,
    sentence:
      'The browser’s storage for this page is full, so this was not written down. Nothing that stood before is lost. Make room on the machine, or export the household’s file, then try again.',
    saves: 'shown',
  },
  {
    pattern: /NewerBase/,
    sentence:
      'This household was written by a newer Vendicus than this one, so nothing is read or written here. Reload this page to get the newer one. Where there is none, save the household’s file here and open it there.',
    saves: 'stored',
    stays: true,
  },
  {
    pattern: /Supplanted/,
    sentence:
      'What this page shows was cleared away, and another household is stored in its place. Nothing can be written here. Save the file of what this page shows, then reload: there it can be merged.',
    saves: 'shown',
    stays: true,
  },
  {
    pattern: /DatabaseClosed|VersionChange/,
    sentence:
      'The browser has closed what this page has stored; a newer Vendicus in another tab does that. Reload this page; nothing is lost.',
    saves: 'shown',
    stays: true,
  },
  {
    pattern: /DemoUntold/,
    sentence:
      'The demo household did not come: the connection may be gone. Reload this page to try again. A household of your own needs no connection.',
    saves: null,
  },
  {
    pattern: /MissingAPI|OpenFailed|InvalidState|Security|NotAllowed|Unknown/,
    sentence:
      'This browser does not let the page store anything (a private window, or storage switched off), so nothing can be written down here. What stood before is untouched. Open Vendicus in a normal window.',
    saves: null,
  },
];

function knownOf(error: unknown): Known | undefined {
  const {
    name = '',
    message = String(error),
    inner,
  } = (error ?? {}) as { name?: string; message?: string; inner?: { name?: string } };
  const names = `${name} ${inner?.name ?? ''} ${message}`;
  return KNOWN.find(({ pattern }) => pattern.test(names));
}

/** Why something could not be stored, what was kept and what to do. */
export function storageProblem(error: unknown): string {
  const message = error instanceof Error ? error.message : String(error);
  return (
    knownProblem(error) ?? `This was not written down: ${message}. What stood before is untouched; try again.`
  );
}

/** The sentence of what is known to stand in the way of a deed. */
export const knownProblem = (error: unknown): string | undefined => knownOf(error)?.sentence;

/** The same, with what can be saved. */
export function troubleOf(error: unknown): Trouble {
  return { text: storageProblem(error), saves: knownOf(error)?.saves ?? null };
}

/** What the next deed will meet as well; null where it may go well. */
export function troubleThatStays(error: unknown): Trouble | null {
  return knownOf(error)?.stays ? troubleOf(error) : null;
}
