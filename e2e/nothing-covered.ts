/**
 * Watches in the page, from its first moment: a notice that has come to rest covers neither what changed nor
 * the deed that can be done next, where there is room for it anywhere. What is covered is complained of, so that
 * every test of the pages looks for it.
 */
export function complainsOfCovered(): void {
  const [RESTS_MS, AGAIN_MS, EDGE] = [900, 600, 8];
  /** No notice takes more of the screen's height. */
  const MOST = 0.4;
  const boxOf = (element: Element): DOMRect => element.getBoundingClientRect();
  const overlap = (a: DOMRect, b: DOMRect): number =>
    Math.max(0, Math.min(a.right, b.right) - Math.max(a.left, b.left)) *
    Math.max(0, Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top));
  const isSeen = (element: Element): boolean => {
    const { width, height, top, bottom } = boxOf(element);
    return width > 0 && height > 0 && bottom > 0 && top < innerHeight;
  };
  /** Whether something of its size would stand clear of all of these on some line of the screen. */
  const isRoom = ({ width, height }: DOMRect, all: readonly Element[]): boolean => {
    const lefts = [EDGE, (innerWidth - width) / 2, innerWidth - EDGE - width];
    for (let top = EDGE; top + height + EDGE <= innerHeight; top += EDGE)
      for (const left of lefts)
        if (all.every((each) => overlap(new DOMRect(left, top, width, height), boxOf(each)) === 0))
          return true;
    return false;
  };
  const covered = (notice: Element): string[] => {
    const about = new Set((notice.getAttribute('data-about') ?? '').split(' '));
    const changed = [...document.querySelectorAll('[data-of]')].filter((each) =>
      (each.getAttribute('data-of') ?? '').split(' ').some((name) => about.has(name)),
    );
    const next = [...document.querySelectorAll('.act')].filter((each) => !notice.contains(each));
    const seen = [...changed, ...next].filter(isSeen);
    if (boxOf(notice).height > innerHeight * MOST) return ['a large part of the screen'];
    if (!isRoom(boxOf(notice), seen)) return [];
    return seen
      .filter((each) => overlap(boxOf(notice), boxOf(each)) > 0.5)
      .map((each) => (each as HTMLElement).innerText.slice(0, 60));
  };
  const looked = new WeakSet<Element>();
  const look = (): void => {
    const notice = document.querySelector('.said:not(.unplaced) .notice');
    if (!notice || looked.has(notice)) return;
    looked.add(notice);
    setTimeout(() => {
      if (!notice.isConnected || notice.closest('.unplaced')) return;
      if (covered(notice).length === 0) return notice.setAttribute('data-looked-at', '');
      // A busy machine may have drawn something just now: what is covered for good is covered still.
      setTimeout(() => {
        const over = notice.isConnected ? covered(notice) : [];
        notice.setAttribute('data-looked-at', '');
        if (over.length > 0)
          console.error(
            `“${(notice as HTMLElement).innerText}” covers at ${innerWidth}: ${over.join(' | ')}`,
          );
      }, AGAIN_MS);
    }, RESTS_MS);
  };
  new MutationObserver(look).observe(document, {
    subtree: true,
    childList: true,
    attributes: true,
    attributeFilter: ['class'],
  });
}
