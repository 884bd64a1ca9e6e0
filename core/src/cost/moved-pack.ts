import type { LotId } from '../ledger/lot';
import type { Minor } from '../units/money';

/** A pack that costs something else once a price is put right. */
export interface MovedPack {
  readonly lot: LotId;
  readonly name: string;
  readonly wasMinor: Minor;
  readonly becomesMinor: Minor;
}
