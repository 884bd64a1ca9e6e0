import type { PartPrice } from '../cost/part-price';
import type { Format } from './format';

type Known = PartPrice & { readonly state: 'known' };

/** What a shop item holds beside what we keep, as its own name says it. */
function leftBy(name: string): string {
  const bone = /bone-in|shank/i.test(name);
  const skin = /skin on/i.test(name);
  if (bone && skin) return 'bone and skin';
  if (bone) return 'bone';
  return skin ? 'skin' : 'trimmed off';
}

/**
 * Why a part counts at another price than was typed, in one line beside that price; empty where it
 * counts just as typed.
 *
 * @param nameOf what a part is called
 * @example “Chicken breast, bone-in, skin on” at 6.90 for a boneless breast: “counted as €10.00/kg: 31 % of it is bone and skin”
 */
export function whyCounted(price: Known, nameOf: (part: string) => string, format: Format): string {
  const { counted, item, going, perKgMinor } = price;
  const counts = `counted as ${format.perUnit(perKgMinor)}`;
  if (counted.how === 'as-asked') return '';
  if (counted.how === 'without') {
    const share = format.percent(counted.share, 0);
    if (counted.why === 'more-fat') return `${counts}: ${share} more fat on the shop’s`;
    return counted.why === 'own'
      ? `${counts}: you throw ${share} of it away`
      : `${counts}: ${share} of it is ${leftBy(item.name)}`;
  }
  if (Math.abs(perKgMinor / going.perKgMinor - 1) < 0.0005) return '';
  const others = counted.others.map((part) => nameOf(part).toLowerCase());
  return others.length === 0
    ? `${counts}: all of it is paid for, not all is kept`
    : `${counts}: what remains of it after ${LIST.format(others)}`;
}

const LIST = new Intl.ListFormat('en-GB');
