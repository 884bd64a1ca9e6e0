import { heatWords, leastHeat, type HeatRules } from '../catalogue/safe-temperature';
import { isInFreezer, type Cold } from '../cold/cold';
import { bestIfFrozen } from '../cold/keeping';
import { isBird } from '../ledger/animal';
import type { Lot } from '../ledger/lot';
import { lotName } from '../catalogue/lot-name';
import type { LabelDay, PackLabel } from '../label/label-content';
import { qrText } from '../label/qr-text';
import { shortNumber } from '../label/short-number';

/** How figures are written for this household. */
export interface LabelWords {
  readonly mass: (massDg: number) => string;
  readonly day: (on: string) => string;
  readonly temperature: (celsius: number) => string;
  readonly money: (minor: number) => string;
}

const VACUUM = /vacuum/i;

/**
 * The label of a pack: what, how much, since when and until when it is best, what it cost, how to
 * cook it safely, and what to watch.
 *
 * @param note what someone wants on it, as it is
 * @param rules for heat, where the household's are stricter
 */
export function packLabel(
  pack: Lot,
  cold: Cold,
  costMinor: number | null,
  { note, rules }: { readonly note: string; readonly rules: HeatRules },
  words: LabelWords,
): PackLabel {
  const number = shortNumber(pack.id);
  const title = lotName(pack);
  const each =
    pack.plates && pack.plates > 1 && costMinor !== null
      ? `, ${words.money(Math.round(costMinor / pack.plates))} a plate`
      : '';
  return {
    id: pack.id,
    number,
    title,
    mass: words.mass(pack.inDg),
    beside: besideOf(pack),
    days: daysOf(pack, cold, words),
    destination: pack.destination,
    frozen: frozenWords(pack, cold, words),
    cost: costMinor === null || costMinor === 0 ? null : `${words.money(costMinor)}${each}`,
    hint: hintOf(pack, rules, words),
    cautions: [
      ...(isBird(pack.animal) ? ['Raw poultry: wash board, knife, hands'] : []),
      ...(pack.prepared === 'tenderised' ? ['Tenderised: cook it through'] : []),
      ...(cold.refrozen ? ['Frozen again: cook it once it is thawed'] : []),
      VACUUM.test(pack.wrap ?? '')
        ? 'Thaw cold: refrigerator, or cold water in its bag'
        : 'Thaw in the refrigerator',
    ],
    note: note.trim(),
    qr: qrText({ id: pack.id, number, title, mass: words.mass(pack.inDg), on: pack.on }),
  };
}

/** When it went into the freezer; printed while wrapping, the day of wrapping, which is meant to be the same. */
function frozenWords({ on }: Lot, { state, frozenOn }: Cold, { day }: LabelWords): string {
  if (frozenOn !== null) return `frozen ${day(frozenOn)}`;
  if (on === null) return 'nobody knows when';
  return state === 'frozen' ? `wrapped ${day(on)}` : `frozen ${day(on)}`;
}

/**
 * Whether what was printed while wrapping is not true any more: it went into the freezer on a later day.
 * What was made of frozen bags has had the right one from the start.
 */
export function isLabelStale(
  { on, sources, madeAt }: Pick<Lot, 'on' | 'sources' | 'madeAt'>,
  { frozenOn }: Pick<Cold, 'frozenOn'>,
): boolean {
  if (sources.length === 0 || on === null || frozenOn === null) return false;
  return frozenOn > on && frozenOn >= madeAt.slice(0, 10);
}

/** Of which animal it is, where its name does not say so, and how many plates. */
function besideOf({ animal, plates, name }: Lot): string {
  const isNamed = animal === null || (name ?? '').toLowerCase().includes(animal);
  return [
    ...(isNamed ? [] : [animal]),
    ...(plates ? [`${plates} ${plates === 1 ? 'plate' : 'plates'}`] : []),
  ].join(', ');
}

/** Until when it is best once frozen, and until when it keeps while it is not. */
function daysOf(pack: Lot, cold: Cold, { day }: LabelWords): LabelDay[] {
  if (cold.overdue) return [{ word: 'past its last day', day: cold.cookBy ? day(cold.cookBy) : '' }];
  if (isInFreezer(cold)) return cold.bestBefore ? [{ word: 'best before', day: day(cold.bestBefore) }] : [];
  const best = bestIfFrozen(cold.keeping, pack.on);
  return [
    ...(cold.cookBy ? [{ word: 'fresh: cook or freeze by', day: day(cold.cookBy) }] : []),
    ...(best ? [{ word: 'frozen: best before', day: day(best) }] : []),
  ];
}

/** What the middle must reach; nothing for bones and fat, and for meat of nobody knows which animal. */
function hintOf({ animal, destination, prepared }: Lot, rules: HeatRules, words: LabelWords): string | null {
  if (animal === null || destination === 'stock' || destination === 'render') return null;
  const heat = heatWords(leastHeat({ animal, destination, prepared }, rules), words.temperature);
  return destination === 'grind' ? `Cook through, ${heat}` : `Cook to ${heat}`;
}
