/** Dark stretches of a row, so that no hairline of paper shows between dots. */
export function stretches(dots: readonly boolean[]): { readonly from: number; readonly length: number }[] {
  const found: { from: number; length: number }[] = [];
  for (const [at, isDark] of dots.entries()) {
    const last = found.at(-1);
    if (!isDark) continue;
    if (last && last.from + last.length === at) last.length += 1;
    else found.push({ from: at, length: 1 });
  }
  return found;
}
