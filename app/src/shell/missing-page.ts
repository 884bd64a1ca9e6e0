import { DOCUMENT, ErrorHandler, inject } from '@angular/core';
import type { NavigationError } from '@angular/router';
import { Clock } from '../household/clock';
import { Notices } from '../household/notices';

/** How browsers call a module that did not come: Chromium, Firefox, Safari. */
const DID_NOT_COME =
  /dynamically imported module|error loading dynamically|importing a module script failed/i;

const KEY = 'vendicus-page-asked-again';
/** Lost again after so long, the page was there in between. */
const LATELY_MS = 60_000;

/** Whether a page was loaded whole just now, and still did not come: once is enough. */
function wasAskedAgain(url: string, now: number): boolean {
  try {
    const key = `${KEY} ${url}`;
    const before = Number(sessionStorage.getItem(key) ?? 0);
    sessionStorage.setItem(key, String(now));
    return now - before < LATELY_MS;
  } catch {
    // Where nothing can be kept nobody knows: better to say it than to load for ever.
    return true;
  }
}

/**
 * A page that could not be fetched. A browser does not ask twice for a module that failed once, so
 * the page is loaded whole, where anybody answers; else it is said, and what is on the screen stays.
 */
export async function missingPage({ error, url }: NavigationError): Promise<void> {
  const [page, notices, errors] = [inject(DOCUMENT), inject(Notices), inject(ErrorHandler)];
  const now = Date.parse(inject(Clock).instant());
  if (!(error instanceof Error && DID_NOT_COME.test(error.message))) return errors.handleError(error);
  const answers = await fetch(page.baseURI, { method: 'HEAD' }).then(
    ({ ok }) => ok,
    () => false,
  );
  if (answers && !wasAskedAgain(url, now)) return page.location.assign(url);
  notices.problem(
    'That page could not be fetched: nobody answers where Vendicus came from. What you see here goes on working; reload it once the server runs.',
  );
}
