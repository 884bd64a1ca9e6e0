/** A4 with the margins that a browser leaves. */
export const PAPER = { width: 718, height: 1017 };

/** Runs inside a page. What does not belong on paper: what is pressed or typed into, what lies beyond the edge, a box with nothing in it. */
export function misprints(): string[] {
  const name = (each: Element): string =>
    `${each.tagName.toLowerCase()}.${String(each.className)} “${(each.textContent ?? '').trim().slice(0, 40)}”`;
  const isSeen = (each: Element): boolean => {
    const { width, height } = each.getBoundingClientRect();
    return width > 1 && height > 1 && each.checkVisibility({ visibilityProperty: true });
  };
  const all = [...document.querySelectorAll('body *')].filter(isSeen);
  const pressed = all.filter((each) =>
    each.matches('.act, .quiet, .p-button, .p-select-dropdown, input[type=file], nav a'),
  );
  const wide = all.filter((each) => {
    const { right, left } = each.getBoundingClientRect();
    return right > innerWidth + 1 || left < -1;
  });
  const empty = all.filter((each) => {
    const { borderTopWidth, borderLeftWidth, borderTopStyle } = getComputedStyle(each);
    const isBox =
      parseFloat(borderTopWidth) > 0 && parseFloat(borderLeftWidth) > 0 && borderTopStyle !== 'none';
    // A gauge may stand at nothing.
    const holds = 'svg, canvas, img, input, .p-checkbox';
    const isMark = each.closest('svg, .p-checkbox, .bar, i') !== null || each.querySelector(holds) !== null;
    return isBox && !isMark && (each.textContent ?? '').trim() === '' && !each.matches('input, canvas, img');
  });
  const headless = [...document.querySelectorAll('thead tr')].filter(
    (each) => each.checkVisibility() && !(each as HTMLElement).innerText.trim(),
  );
  // Ink on paper, also where the screen is dim.
  const head = document.querySelector('h1');
  const [, r = 0, g = 0, b = 0] = /(\d+), (\d+), (\d+)/.exec(head ? getComputedStyle(head).color : '') ?? [];
  const pale = Number(r) + Number(g) + Number(b) > 240 ? ['the heading is pale'] : [];
  return [
    ...pressed.map((each) => `to press: ${name(each)}`),
    ...wide.slice(0, 3).map((each) => `cut: ${name(each)}`),
    ...headless.map((each) => `a table without heads: ${name(each)}`),
    ...empty.map((each) => `empty: ${name(each)}`),
    ...(document.querySelector('main')?.innerText.trim() ? [] : ['a blank sheet']),
    ...pale,
  ].slice(0, 6);
}
