import { lotName } from '../catalogue/lot-name';
import type { Wrap } from '../cold/usual-wrap';
import type { Format } from '../format/format';
import type { Dated } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import type { Deed } from './deed';

/** What the date on a sealed piece's label is: a use-by, a best-before. */
export function sayKindOfDate(piece: Lot, dated: Dated): Deed {
  return {
    facts: [{ type: 'corrected', entry: piece.came, set: { dated } }],
    say: `${lotName(piece)}: what its date is`,
  };
}

/** How a piece lay when it came: in its packer's sealed bag, or in a tray or paper. */
export function sayWrap(piece: Lot, kept: Wrap): Deed {
  return {
    facts: [{ type: 'corrected', entry: piece.came, set: { kept } }],
    say: `${lotName(piece)}: ${kept === 'sealed' ? 'in its sealed bag' : 'in a tray or paper'}`,
  };
}

/** The date on a sealed piece's label. */
export function setLabelDate(piece: Lot, until: IsoDate, dated: Dated, format: Format): Deed {
  return {
    facts: [{ type: 'corrected', entry: piece.came, set: { until, dated } }],
    say: `${lotName(piece)}: ${format.dayAndYear(until)} on its label`,
  };
}
