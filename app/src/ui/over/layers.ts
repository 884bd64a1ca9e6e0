import { Injectable } from '@angular/core';

/** What lies over the page: a sheet, a window with a question, a list, an opened pack. */
interface Layer {
  readonly close: () => void;
}

/** The mark of the place in the browser's history that stands for what lies over the page. */
const MARK = 'vendicusLayer';

/**
 * What lies over the page, the last above: Back, the phone's or the browser's, closes it first, and
 * the page stays where it is.
 *
 * One place in the history stands for all of it. It is not taken out when something is closed otherwise
 * (going back by itself would come upon a page that is just being opened); who comes to it later is
 * sent on.
 */
@Injectable({ providedIn: 'root' })
export class Layers {
  private readonly open: Layer[] = [];
  private isMarked = isMark(history.state);

  constructor() {
    addEventListener('popstate', (event) => this.popped(event), { capture: true });
  }

  /** @returns what says that it is closed */
  add(close: () => void): () => void {
    const layer = { close };
    this.open.push(layer);
    this.mark();
    return () => {
      const at = this.open.indexOf(layer);
      if (at >= 0) this.open.splice(at, 1);
    };
  }

  private mark(): void {
    if (isMark(history.state)) return;
    history.pushState({ ...(history.state as object | null), [MARK]: true }, '');
    this.isMarked = true;
  }

  /** No page is another while only what lies over it goes: the router hears of none of it. */
  private popped(event: PopStateEvent): void {
    const wasMarked = this.isMarked;
    this.isMarked = isMark(event.state);
    const top = wasMarked ? this.open.pop() : undefined;
    if (top) {
      event.stopImmediatePropagation();
      top.close();
      if (this.open.length > 0) this.mark();
    } else if (wasMarked || this.isMarked) {
      // The place stands for nothing any more.
      event.stopImmediatePropagation();
      history.back();
    }
  }
}

const isMark = (state: unknown): boolean =>
  typeof state === 'object' && state !== null && (state as Record<string, unknown>)[MARK] === true;
