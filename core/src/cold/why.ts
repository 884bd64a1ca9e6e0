import { isUsable } from '../ledger/destination';
import type { Lot } from '../ledger/lot';
import type { Cold } from './cold-clock';
import type { Basis, Running } from './running';
import { THAWED } from './thawing-time';

/** Where the dates of what is not frozen come from, by what they go by. */
const WHY: Readonly<Record<Basis, (running: Running) => string>> = {
  chart: ({ boughtOn }) =>
    boughtOn === null
      ? 'The published days.'
      : 'The published days, counted from the purchase through cutting and wrapping.',
  'chart-bag-unsaid': () =>
    'The published days from the purchase, as in a tray or paper: nobody said that it came in its packer’s sealed bag.',
  'chart-date-unbelieved': () =>
    'The published days from the purchase: the date on its label is later than fresh meat keeps, so it is left out.',
  'use-by': () => 'Unopened: the use-by date on its label.',
  opened: ({ useBy, lastOn }) =>
    useBy !== null && useBy === lastOn
      ? 'Opened: the published days from opening, never past its last day unopened.'
      : 'Opened: the published days from opening.',
  bag: () =>
    'In its packer’s sealed bag, without the packer’s date. Nobody publishes days for that: our own caution, counted from your purchase, because its age is unknown. Ask the shop for the packer’s date.',
  'bag-sell-by': () =>
    'In its packer’s sealed bag: up to the sell-by on its label, or the published days where those are longer (our own caution).',
  'bag-packed-on': () =>
    'In its packer’s sealed bag: our own caution, counted from your purchase and from the day it was packed; nobody publishes days for that. Ask the shop for the packer’s date.',
  'thawed-for-sale': () =>
    'Frozen before and thawed for sale: the published days from the purchase. Where its label says not to freeze it again, do not.',
  thawed: () =>
    'Thawed in the refrigerator: the published days from when it is through, less those that it was thawed before.',
  water: ({ thaw }) =>
    `Thawed ${THAWED[thaw?.way ?? 'cold-water'].name}: cook it when it is through. Its time runs from when it may first be soft. Frozen again only cooked.`,
  'never-frozen': () =>
    'Out to thaw, and nobody wrote down that it was frozen: the days from the purchase go on.',
};

/** One sentence that says where the dates of a lot come from, or what is wrong. */
export function whyOf(lot: Lot, running: Running, cold: Omit<Cold, 'why'>): string {
  const { fault, lastOn, basis } = running;
  if (fault) return fault;
  if (cold.state === 'freezing')
    return 'It freezes. Until it is frozen through, the days of the refrigerator go on.';
  if (cold.state === 'frozen') return whyFrozen(cold);
  if (lastOn === null) return 'Nobody knows since when it lies there.';
  if (basis.startsWith('chart') && !isUsable(lot.destination) && running.keeping === null)
    return 'Nothing is published for raw bones and fat: as short as the shortest.';
  return WHY[basis](running);
}

function whyFrozen({ refrozen, bestBefore }: Omit<Cold, 'why'>): string {
  if (bestBefore === null)
    return `Frozen${refrozen ? ' again' : ''}; held at −18 °C (0 °F) it stays safe. How long it stays good nobody can say: it is not known since when, or of what, or nothing is published.`;
  return refrozen
    ? 'Frozen again: half of the quality time that was left (ours; nothing is published).'
    : 'Frozen; the date is for quality only, the middle of the published range. Held at −18 °C (0 °F) it stays safe.';
}
