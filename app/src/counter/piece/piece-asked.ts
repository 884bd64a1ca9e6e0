import { isBird } from '@core/ledger/animal';
import { computed, inject, Injectable, linkedSignal, signal } from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import type { Dated } from '@core/ledger/entry';
import { Clock } from '../../household/clock';
import { draftKey } from '../../household/draft-key';
import { HouseholdStore } from '../../household/household-store';
import { draftOf } from '../../ui/form/draft-of';
import { keepInTab, type KeptInTab } from '../../ui/form/keep-in-tab';
import { LABEL_FIELDS, LabelDraft, type LabelText } from '../label/label-draft';

/** A label that waits while another piece is asked about. */
interface OtherLabel {
  readonly text: LabelText;
  readonly dated: Dated | '';
  readonly until: string;
}

/**
 * The piece that is asked about at the Counter, as far as it has been said. It waits, with its label,
 * while one looks at another page, and is forgotten once it is bought or left.
 */
@Injectable()
export class PieceAsked {
  readonly label = inject(LabelDraft);
  private readonly store = inject(HouseholdStore);
  private readonly kinds = this.store.kinds;

  private readonly kindId = signal('');
  /** Null while nobody has said which. */
  readonly kind = computed((): Kind | null => this.kinds().find(({ id }) => id === this.kindId()) ?? null);
  /** Whether one is looking for the kind. */
  private readonly chooses = draftOf(() => this.kind() === null);
  readonly isChoosing = this.chooses.asReadonly();
  /** As it was bought and cut the last time, where that was said; else as most do. */
  readonly wayId = draftOf(() => {
    const kind = this.kind();
    const wished = this.store.basis().wishes?.get(kind?.id ?? '')?.way;
    return (kind?.ways.find(({ id }) => id === wished) ?? kind?.ways[0])?.id ?? '';
  }, this.kindId);
  readonly marks = linkedSignal<string, readonly string[]>({ source: this.kindId, computation: () => [] });
  private readonly gradeTyped = draftOf(() => '', this.kindId);
  /** As it is being typed: with the space that the next word follows. */
  readonly gradeText = this.gradeTyped.asReadonly();
  /** Its grade or quality mark, as somebody calls it; null where none is said. */
  readonly grade = computed(() => this.gradeTyped().trim() || null);
  readonly dated = signal<Dated | ''>('');
  readonly until = signal('');
  readonly isBird = computed(() => isBird(this.kind()?.animal ?? 'beef'));
  readonly isCounted = computed(() => this.kind()?.severalAtOnce ?? false);
  /** The labels of other pieces that were asked about, by kind: each keeps its own price, weight and date. */
  private readonly otherLabels = signal<Readonly<Record<string, OtherLabel>>>({});
  /** Which piece was asked about before this one. */
  private readonly beforeId = signal('');
  /** The label of the piece before, while this one's is empty: its kind may only have been the wrong one. */
  readonly labelBefore = computed(() => {
    const [kind, other] = [
      this.kinds().find(({ id }) => id === this.beforeId()),
      this.otherLabels()[this.beforeId()],
    ];
    const isEmpty = this.label.price() === '' && this.label.weight() === '' && this.label.total() === '';
    const figures = other ? [other.text.price, other.text.weight].filter((text) => text !== '') : [];
    return kind && isEmpty && !this.isChoosing() && figures.length > 0
      ? { name: kind.name.toLowerCase(), figures: figures.join(' and ') }
      : null;
  });
  readonly pieces = computed(() => (this.isCounted() ? this.label.pieces() || 1 : 1));

  constructor() {
    const [key, { today }] = [draftKey('asked'), inject(Clock)];
    keepInTab(() => `${key()} ${today()}`, {
      kind: this.kindId,
      way: this.wayId,
      marks: this.marks,
      dated: this.dated,
      until: this.until,
      grade: this.gradeTyped,
      others: this.otherLabels,
      ...Object.fromEntries(LABEL_FIELDS.map((field) => [field, this.labelField(field)])),
    });
  }

  /** A field of the label, as it is kept while another page is looked at. */
  private labelField(field: keyof LabelText): KeptInTab {
    return Object.assign(() => this.label[field](), {
      set: (text: never) => this.label.type({ [field]: text }),
    });
  }

  /** Another piece is asked about: this one keeps its label, and that one has what was typed for it before. */
  change(id: string): void {
    const before = this.kindId();
    if (before !== '' && before !== id) {
      const text = Object.fromEntries(LABEL_FIELDS.map((field) => [field, this.label[field]()]));
      const label = { text: text as unknown as LabelText, dated: this.dated(), until: this.until() };
      const known = this.otherLabels()[id];
      this.beforeId.set(before);
      this.otherLabels.update((all) => ({ ...all, [before]: label }));
      this.label.clear();
      if (known) this.label.type(known.text);
      this.dated.set(known?.dated ?? '');
      this.until.set(known?.until ?? '');
    }
    this.choose(id);
  }

  /** The wrong kind was chosen: what was typed for it is this one's. */
  takeLabelBefore(): void {
    const { [this.beforeId()]: other, ...others } = this.otherLabels();
    if (!other) return;
    this.label.type(other.text);
    this.dated.set(other.dated);
    this.until.set(other.until);
    this.otherLabels.set(others);
  }

  /** Which kind the piece is that the label is of. */
  choose(id: string): void {
    this.kindId.set(id);
    this.chooses.set(false);
    // The field for the count is gone then, and must not go on counting.
    if (!this.isCounted()) this.label.type({ count: '1' });
  }

  /** What was seen on it elsewhere. */
  isSeenWith(marks: readonly string[]): void {
    this.marks.set(marks);
  }

  /** How it was bought, or is to be cut. */
  isCut(way: string): void {
    this.wayId.set(way);
  }

  /** Which piece is asked anew; until one is chosen nothing is forgotten. */
  chooseAnother(): void {
    this.chooses.set(true);
  }

  /** What a sticker says of the date; nothing where it says none. */
  takeDate(day: { readonly until: string; readonly dated: Dated } | null): void {
    this.dated.set(day?.dated ?? '');
    this.until.set(day?.until ?? '');
  }

  /** Under which grade or mark it lies there. */
  isOfGrade(text: string): void {
    this.gradeTyped.set(text);
  }

  /** A kind is asked for by name: what was typed of a piece that nobody named is not its label. */
  askFor(id: string): void {
    if (this.kindId() === '') this.label.clear();
    this.change(id);
  }

  forget(): void {
    const { [this.kindId()]: _, ...others } = this.otherLabels();
    this.otherLabels.set(others);
    this.kindId.set('');
    this.dated.set('');
    this.until.set('');
    this.label.clear();
  }
}
