/** Runs inside a page. What lies beyond the edge of the screen and cannot be scrolled to, and what is too small for a finger. */
export function misfits(screen: number): { wide: string[]; small: string[] } {
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
  const { scrollWidth } = document.documentElement;
  return {
    wide: [...(scrollWidth > screen ? [`the page is ${scrollWidth}`] : []), ...wide.map(name).slice(0, 4)],
    small: small
      .map(
        (each) =>
          `${name(each)} ${Math.round(each.getBoundingClientRect().width)}×${Math.round(each.getBoundingClientRect().height)}`,
      )
      .slice(0, 8),
  };
}
