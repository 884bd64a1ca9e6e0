/**
 * Runs inside a page. What lies beyond the edge of the screen and cannot be scrolled to, what is too small for
 * a finger, and words that are torn in two for want of room.
 */
export function misfits(screen: number): { wide: string[]; small: string[]; torn: string[] } {
  const name = (each: Element): string =>
    `${each.tagName.toLowerCase()}.${String(each.className)} “${(each.textContent ?? '').trim().slice(0, 30)}”`;
  const scrolls = (each: Element | null): boolean =>
    each !== null &&
    each !== document.body &&
    (getComputedStyle(each).overflowX !== 'visible' || scrolls(each.parentElement));
  const wide = [...document.querySelectorAll('main *, header *')].filter((each) => {
    const { right, left, width } = each.getBoundingClientRect();
    // Slips are there so that nothing has to be scrolled sideways.
    const areSlips = each.matches('.slips') && getComputedStyle(each).display === 'block';
    const isOff = right > screen + 1 || left < -1;
    return width > 1 && isOff && (areSlips || !scrolls(each.parentElement));
  });
  const TARGETS =
    'button, summary, [role=combobox], [role=button], [role=radio], input:not([type=checkbox], [type=radio], [type=file]), a';
  const small =
    screen > 390
      ? []
      : [...document.querySelectorAll(TARGETS)].filter((each) => {
          // A list of choices is one target, with its arrow.
          const { width, height } = (each.closest('.p-select') ?? each).getBoundingClientRect();
          const style = getComputedStyle(each);
          const isInText = each.tagName === 'A' && style.display === 'inline';
          const isHidden =
            width <= 1 || style.visibility === 'hidden' || each.closest('.visually-hidden, .skip');
          return !isHidden && !isInText && (height < 43.5 || width < 43.5);
        });
  // A name without a space may be; nothing that fits a line.
  const WORD = /(?<![\p{L}\p{N}])[\p{L}\p{N}]{2,14}(?![\p{L}\p{N}])/gu;
  const torn: string[] = [];
  const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  const range = document.createRange();
  while (texts.nextNode()) {
    const text = texts.currentNode as Text;
    const around = text.parentElement?.getBoundingClientRect();
    // What is there for the ear alone is a dot.
    if (!around || around.width < 4 || text.parentElement?.closest('svg')) continue;
    for (const { 0: word, index } of text.data.matchAll(WORD)) {
      range.setStart(text, index);
      range.setEnd(text, index + word.length);
      const lines = new Set(
        [...range.getClientRects()].filter(({ width }) => width > 1).map(({ top }) => top),
      );
      if (lines.size > 1) torn.push(`${word} in “${text.data.trim().slice(0, 40)}”`);
    }
  }
  const { scrollWidth } = document.documentElement;
  return {
    wide: [...(scrollWidth > screen ? [`the page is ${scrollWidth}`] : []), ...wide.map(name).slice(0, 4)],
    small: small
      .map(
        (each) =>
          `${name(each)} ${Math.round(each.getBoundingClientRect().width)}×${Math.round(each.getBoundingClientRect().height)}`,
      )
      .slice(0, 8),
    torn: torn.slice(0, 8),
  };
}
