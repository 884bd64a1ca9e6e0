import type { Because, Cold } from './cold';

/** Where the dates of a lot come from, or what is wrong: a sentence for each. */
const WHY: Readonly<Record<Because, string>> = {
  chart: 'The published days, counted from the purchase through cutting and wrapping.',
  'chart-day-unknown': 'The published days.',
  'chart-bag-unsaid':
    'The published days from the purchase, as in a tray or paper: nobody said that it came in its packer’s sealed bag.',
  'chart-date-unbelieved':
    'The published days from the purchase: the date on its label is later than fresh meat keeps, so it is left out.',
  'bones-and-fat': 'Nothing is published for raw bones and fat: as short as the shortest.',
  'use-by': 'Unopened: the use-by date on its label.',
  opened: 'Opened: the published days from opening.',
  'opened-to-its-last-day': 'Opened: the published days from opening, never past its last day unopened.',
  bag: 'In its packer’s sealed bag, without the packer’s date. Nobody publishes days for that: our own caution, counted from your purchase, because its age is unknown. Ask the shop for the packer’s date.',
  'bag-sell-by':
    'In its packer’s sealed bag: up to the sell-by on its label, or the published days where those are longer (our own caution).',
  'bag-packed-on':
    'In its packer’s sealed bag: our own caution, counted from your purchase and from the day it was packed; nobody publishes days for that. Ask the shop for the packer’s date.',
  'thawed-for-sale':
    'Frozen before and thawed for sale: the published days from the purchase. Where its label says not to freeze it again, do not.',
  thawed:
    'Thawed in the refrigerator: the published days from when it is through, less those that it was thawed before.',
  water:
    'Thawed in cold water: cook it when it is through. Its time runs from when it may first be soft. Frozen again only cooked.',
  microwave: 'Thawed in the microwave: cook it at once. Frozen again only cooked.',
  'never-frozen': 'Out to thaw, and nobody wrote down that it was frozen: the days from the purchase go on.',
  unchecked:
    'The power was out for over 4 hours, and nobody has looked at it since. With ice in it, or at 4 °C (40 °F) or below, it stays; else throw it away.',
  unknown: 'Nobody knows since when it lies there.',
  freezing: 'It freezes. Until it is frozen through, the days of the refrigerator go on.',
  frozen:
    'Frozen; the date is for quality only, the middle of the published range. Held at −18 °C (0 °F) it stays safe.',
  'frozen-again': 'Frozen again: half of the quality time that was left (ours; nothing is published).',
  'frozen-unknown':
    'Frozen; held at −18 °C (0 °F) it stays safe. How long it stays good nobody can say: it is not known since when, or of what, or nothing is published.',
  late: 'It went into the freezer after its last day.',
  leaked:
    'Its bag leaked, was blown or hung loose: nobody knows since when it has had air. It is thrown away.',
  warm: 'It was warmer than 4 °C (40 °F) for over 2 hours, or nobody knows how long. It is thrown away.',
  'wet-again': 'It was thawed in cold water or the microwave and frozen again raw.',
};

/** One sentence that says where the dates of a lot come from, or what is wrong. */
export function whyOf({ because }: Pick<Cold, 'because'>): string {
  return WHY[because];
}

/** Why it does not go into a freezer, raw. */
export function whyNotToFreeze({
  overdue,
  faulty,
  because,
}: Pick<Cold, 'overdue' | 'faulty' | 'because'>): string {
  return overdue && !faulty ? `It is past its last day. ${WHY[because]}` : WHY[because];
}
