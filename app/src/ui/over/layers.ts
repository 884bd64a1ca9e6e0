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
  /** The page over which the place in the history stands that one is at; null where it is none. */
  private markedAt = isMark(history.state) ? location.href : null;
  /** Sent on from a place that stands for nothing any more: the next is a page again. */
  private isPassing = false;

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
    if (!isMark(history.state)) history.pushState({ ...(history.state as object | null), [MARK]: true }, '');
    this.markedAt = location.href;
  }

  /** No page is another while only what lies over it goes: the router hears of none of it. */
  private popped(event: PopStateEvent): void {
    const isNow = isMark(event.state);
    // Off the place, onto the page that it was laid over.
    const isLeft = !isNow && this.markedAt === location.href;
    this.markedAt = isNow ? location.href : null;
    if (this.isPassing) {
      this.isPassing = false;
      return;
    }
    const top = isLeft ? this.open.pop() : undefined;
    if (top) {
      event.stopImmediatePropagation();
      top.close();
      if (this.open.length > 0) this.mark();
      return;
    }
    if (!isLeft && (!isNow || this.open.length > 0)) return;
    event.stopImmediatePropagation();
    // Come upon from a later page, it leads to its own page; left without anything to close, to the one before.
    this.isPassing = isNow;
    history.back();
  }
}

const isMark = (state: unknown): boolean =>
  typeof state === 'object' && state !== null && (state as Record<string, unknown>)[MARK] === true;
