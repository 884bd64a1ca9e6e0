import { safeTemperature } from '../catalogue/safe-temperature';
import type { Cold } from '../freeze/cold-clock';
import { bestIfFrozen } from '../freeze/keeping';
import { isBird } from '../ledger/animal';
import type { Lot } from '../ledger/lot';
import { lotName } from '../catalogue/lot-name';
import type { PackLabel } from '../label/label-content';
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
 */
export function packLabel(
  pack: Lot,
  cold: Cold,
  costMinor: number | null,
  note: string,
  words: LabelWords,
): PackLabel {
  const number = shortNumber(pack.id);
  const title = lotName(pack);
  const plates = pack.plates ? `, ${pack.plates} ${pack.plates === 1 ? 'plate' : 'plates'}` : '';
  const each =
    pack.plates && pack.plates > 1 && costMinor !== null
      ? `, ${words.money(Math.round(costMinor / pack.plates))} a plate`
      : '';
  return {
    id: pack.id,
    number,
    title,
    amount: `${words.mass(pack.inDg)}${plates}`,
    dates: [`wrapped ${pack.on ? words.day(pack.on) : 'nobody knows when'}`, ...datesOf(pack, cold, words)],
    cost: costMinor === null || costMinor === 0 ? null : `${words.money(costMinor)}${each}`,
    hint: hintOf(pack, words),
    cautions: [
      ...(isBird(pack.animal) ? ['Raw poultry: wash board, knife, hands'] : []),
      ...(cold.refrozen ? ['Frozen again: cook it once it is thawed'] : []),
      VACUUM.test(pack.wrap ?? '')
        ? 'Thaw cold: refrigerator, or cold water in its bag'
        : 'Thaw in the refrigerator',
    ],
    note: note.trim(),
    qr: qrText({ id: pack.id, number, title, mass: words.mass(pack.inDg), on: pack.on }),
  };
}

/** Until when it is best once frozen, and until when it keeps while it is not. */
function datesOf(pack: Lot, cold: Cold, { day }: LabelWords): string[] {
  if (cold.overdue) return [`past its last day${cold.cookBy ? `, ${day(cold.cookBy)}` : ''}`];
  if (cold.state === 'frozen') return cold.bestBefore ? [`best before ${day(cold.bestBefore)}`] : [];
  const best = bestIfFrozen(pack, pack.on);
  return [
    ...(cold.cookBy ? [`fresh: cook or freeze by ${day(cold.cookBy)}`] : []),
    ...(best ? [`frozen: best before ${day(best)}`] : []),
  ];
}

/** What the middle must reach; nothing for bones and fat, and for meat of nobody knows which animal. */
function hintOf({ animal, destination }: Lot, words: LabelWords): string | null {
  if (animal === null || destination === 'stock' || destination === 'render') return null;
  const safe = safeTemperature(animal);
  if (destination === 'grind') return `Cook through, ${words.temperature(safe.groundCelsius)}`;
  return `Cook to ${words.temperature(safe.celsius)}${safe.rest ? ', rest 3 min' : ''}`;
}
