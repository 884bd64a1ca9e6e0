import { isBird } from '@core/ledger/animal';
import { computed, inject, Injectable, linkedSignal, signal } from '@angular/core';
import { KINDS } from '@core/catalogue/kinds';
import type { Kind } from '@core/catalogue/kind-schema';
import type { Dated, Kept } from '@core/ledger/entry';
import { Clock } from '../../household/clock';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { keepInTab, type KeptInTab } from '../../ui/form/keep-in-tab';
import { LABEL_FIELDS, LabelDraft, type LabelText } from '../label/label-draft';
import { draftOf } from '../../ui/form/draft-of';

/**
 * The piece that is asked about at the Counter, as far as it has been said. It waits, with its label,
 * while one looks at another page, and is forgotten once it is bought.
 */
@Injectable()
export class PieceAsked {
  readonly label = inject(LabelDraft);

  readonly kind = signal<Kind>(KINDS[0] as Kind);
  readonly wayId = draftOf(
    () => this.kind().ways[0]?.id ?? '',
    () => this.kind().id,
  );
  readonly marks = linkedSignal<Kind, readonly string[]>({ source: this.kind, computation: () => [] });
  readonly dated = signal<Dated | ''>('');
  readonly until = signal('');
  readonly isBird = computed(() => isBird(this.kind().animal));
  /** How it comes: that decides how long it keeps. A bird's wrapping is no packer's bag. */
  readonly kept = draftOf<Kept>(
    () => (this.isBird() ? 'open' : 'sealed'),
    () => this.kind().id,
  );

  constructor() {
    const kinds = inject(HouseholdStore).kinds;
    const kind = Object.assign(() => this.kind().id, {
      set: (id: string) => this.kind.update((now) => kinds().find((each) => each.id === id) ?? now),
    });
    const key = `vendicus-asked-${inject(HOUSEHOLD_NAME)}-${inject(Clock).today()}`;
    keepInTab(() => key, {
      kind,
      way: this.wayId,
      kept: this.kept,
      marks: this.marks,
      dated: this.dated,
      until: this.until,
      ...Object.fromEntries(LABEL_FIELDS.map((field) => [field, this.labelField(field)])),
    });
  }

  /** A field of the label, as it is kept while another page is looked at. */
  private labelField(field: keyof LabelText): KeptInTab {
    return Object.assign(() => this.label[field](), {
      set: (text: never) => this.label.type({ [field]: text }),
    });
  }

  forget(): void {
    this.kind.set(KINDS[0] as Kind);
    this.dated.set('');
    this.until.set('');
    this.label.clear();
  }
}
