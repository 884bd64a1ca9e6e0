import { basisOf } from '../books/basis-of';
import type { PartPrice } from '../cost/part-price';
import { partPrice } from '../cost/pile-prices';
import { asAsked } from '../price/as-asked';
import type { ItemChoice } from '../price/item-choice';
import { JournalBuilder } from '../testing/journal-builder';
import { Format } from './format';
import { whyCounted } from './why-counted';

const on = '2026-01-01';
const formatIn = (system: 'metric' | 'imperial', decimal: '.' | ','): Format =>
  new Format({
    settings: () => ({ system, decimal, currency: system === 'metric' ? 'EUR' : 'USD' }),
    today: () => on,
    zone: () => 'UTC',
  });

/** What a part would cost with one price known, and what is thought of that item. */
function price(
  kind: string,
  part: string,
  item: string,
  minor: number,
  unit: 'kg' | 'lb' = 'kg',
  choice: ItemChoice = {},
): PartPrice & { state: 'known' } {
  const asked = { minor, unit };
  const builder = new JournalBuilder().price(item, asAsked(asked)!.perKgMinor, on, asked);
  const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 9 };
  builder.records.push({ type: 'item', key: item, stamp, value: choice });
  const animal = kind.includes('chicken') ? 'chicken' : kind.includes('lamb') ? 'lamb' : 'beef';
  const found = partPrice(basisOf(builder.household()).pricing, { kind, part, animal }, 'main', on);
  if (found.state !== 'known') throw new Error('no price');
  return found;
}

describe('why a price counts at another figure than was typed', () => {
  const nameOf = (part: string): string => (part === 'shank' ? 'Shank, bone-in' : part);
  const [euros, dollars] = [formatIn('metric', ','), formatIn('imperial', '.')];

  it.each<[PartPrice & { state: 'known' }, Format, string]>([
    [price('strip-loin', 'steaks', 'strip-steak', 1499, 'lb'), dollars, ''],
    [
      price('strip-loin', 'steaks', 'strip-steak', 1499, 'lb', { moreFat: true }),
      dollars,
      'counted as $16.66/lb: 10 % more fat on the shop’s',
    ],
    [
      price('strip-loin', 'steaks', 'strip-steak', 1800, 'kg', { leftOn: 0.2 }),
      euros,
      'counted as €22,50/kg: you throw 20 % of it away',
    ],
    // What somebody set to nothing counts as it was typed.
    [price('strip-loin', 'steaks', 'strip-steak', 1800, 'kg', { leftOn: 0, moreFat: true }), euros, ''],
    [
      price('whole-chicken', 'breast-boneless', 'chicken-breast-bone-in', 690),
      euros,
      'counted as €10,00/kg: 31 % of it is bone and skin',
    ],
    [
      price('lamb-leg', 'boneless-leg', 'lamb-leg-bone-in', 1690),
      euros,
      'counted as €22,24/kg: all of it is paid for, not all is kept',
    ],
  ])('%#', (known, format, words) => expect(whyCounted(known, nameOf, format)).toBe(words));
});
