import { lotName } from '../catalogue/lot-name';
import type { Lot } from '../ledger/lot';

/** One pack by its name, several by their number: "5 steaks", "3 packs". */
export function packNames(packs: readonly Lot[]): string {
  const [one] = packs;
  return packs.length === 1 && one ? lotName(one) : `${packs.length} packs`;
}

/** The same with the verb that goes with it: "Stew is", "5 steaks are", "3 packs are". */
export function packsAre(packs: readonly Lot[]): string {
  const names = packNames(packs);
  return `${names} ${/^(\d{2,}|[2-9]) /.test(names) ? 'are' : 'is'}`;
}
