import { inject, Injectable } from '@angular/core';
import type { Kept } from '@core/ledger/entry';
import { usualWrap } from '@core/cold/usual-wrap';
import { Clock } from '../../household/clock';
import { draftKey } from '../../household/draft-key';
import { HouseholdStore } from '../../household/household-store';
import { draftOf } from '../../ui/form/draft-of';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { ReadyCut } from '../answer/ready-cut';
import { PieceAsked } from './piece-asked';

/** How the piece that is asked about comes: that decides how long it keeps. */
@Injectable()
export class AsWrapped {
  private readonly store = inject(HouseholdStore);
  private readonly piece = inject(PieceAsked);
  private readonly readyCut = inject(ReadyCut);

  /** Nothing until it is said; as it lay in that shop the last time, where it was said then. */
  readonly kept = draftOf<Kept | ''>(
    () => {
      const kind = this.piece.kind();
      return kind === null ? '' : (usualWrap(this.store.pieces(), kind, this.readyCut.shop().trim()) ?? '');
    },
    () => this.piece.kind()?.id,
  );

  constructor() {
    const [key, { today }] = [draftKey('wrapped'), inject(Clock)];
    keepInTab(() => `${key()} ${today()}`, { kept: this.kept });
  }
}
