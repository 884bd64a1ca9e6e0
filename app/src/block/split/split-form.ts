import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { kindById } from '@core/catalogue/kinds';
import { splitPiece, type SplitSaid } from '@core/deeds/split-piece';
import { readSplit, staysOf, type SomeTyped, type SplitProblem } from '@core/deeds/split-said';
import { Format } from '@core/format/format';
import type { Lot } from '@core/ledger/lot';
import { Clock } from '../../household/clock';
import { draftKey } from '../../household/draft-key';
import { HouseholdStore } from '../../household/household-store';
import { Ask } from '../../ui/ask/ask';
import { Choice, type Options } from '../../ui/field/choice';
import { TextField } from '../../ui/field/text-field';
import { draftOf } from '../../ui/form/draft-of';
import { keepFormInTab } from '../../ui/form/keep-form-in-tab';
import { oneAtATime } from '../../ui/form/one-at-a-time';

type Missing = SplitSaid['missing'] | '';

/** Several pieces that came as one, some to be cut another way. */
@Component({
  selector: 'v-split-form',
  imports: [Choice, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './split-form.html',
  styleUrl: './split-form.css',
})
export class SplitForm {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly ask = inject(Ask);
  protected readonly format = inject(Format);
  readonly piece = input.required<Lot>();
  readonly done = output();
  protected readonly alone = oneAtATime();

  protected readonly ways = computed((): Options<string> =>
    (kindById(this.piece().kind)?.ways ?? []).map(({ id, name }) => [id, name] as const),
  );
  protected readonly rows = draftOf<readonly SomeTyped[]>(
    () => this.atFirst(),
    () => this.piece().id,
  );
  protected readonly missing = signal<Missing>('');
  /** Whether what is wrong is said at the fields: not before somebody wanted to go on. */
  protected readonly says = signal(false);
  protected readonly missings: Options<Missing> = [
    ['', 'not said yet'],
    ['liquid', 'liquid that ran out'],
    ['shared', 'the scale: share it by weight'],
  ];
  protected readonly read = computed(() => readSplit(this.piece(), this.rows(), this.format));
  protected readonly missingDg = computed(() => this.read().value?.missingDg ?? 0);
  protected readonly stays = computed(() => Math.max(0, staysOf(this.piece(), this.rows())));
  protected readonly deed = computed(() => {
    const { value } = this.read();
    return value ? `Split ${value.groups.map(({ count }) => count).join(' and ')}` : 'Split them';
  });
  private readonly household = draftKey('split');
  private readonly forget = keepFormInTab(() => `${this.household()} ${this.piece().id}`, {
    rows: this.rows,
    missing: this.missing,
  });

  protected type(row: number, part: Partial<SomeTyped>): void {
    this.rows.update((rows) => rows.map((each, at) => (at === row ? { ...each, ...part } : each)));
  }

  protected more(): void {
    this.rows.update((rows) => [
      ...rows,
      { count: '1', way: this.otherWay(rows.map(({ way }) => way)), weight: '' },
    ]);
  }

  /** A field says what is wrong with what is typed in it; of an empty one once somebody wants to go on. */
  protected problem(row: number, field: SplitProblem['field']): string {
    const { problem } = this.read();
    if (!problem || problem.row !== row || problem.field !== field) return '';
    return this.says() || this.rows()[row]?.[field] ? problem.says : '';
  }

  /** What was probably meant by a weight that cannot be theirs. */
  protected meant(row: number): SplitProblem['meant'] {
    const { problem } = this.read();
    return problem?.row === row ? problem.meant : undefined;
  }

  protected those(isFirst: boolean): string {
    return isFirst ? 'stay' : 'go another way';
  }

  protected shareOf(row: number): string {
    const group = this.read().value?.groups[row];
    return group && group.typed === null ? `not weighed: about ${this.format.mass(group.massDg)}` : '';
  }

  protected readonly split = async (): Promise<void> => {
    this.says.set(true);
    const [{ value }, missing] = [this.read(), this.missing()];
    if (!value || (value.missingDg > 0 && missing === '')) return;
    const each = value.groups.map(({ massDg, count }) => `${this.format.mass(massDg / count)} each`);
    if (
      value.isUnlikely &&
      !(await this.ask.confirm(
        'Is this right?',
        `That makes ${each.join(' and ')}: one is more than twice another.`,
        this.deed(),
      ))
    )
      return;
    const said = {
      on: this.clock.today(),
      newId: () => this.clock.newId(),
      missing: missing === '' ? ('liquid' as const) : missing,
      note: this.store.pieceNotes().get(this.piece().id),
    };
    if (!(await this.store.perform(splitPiece(this.piece(), value.groups, said))).ok) return;
    this.forget();
    this.done.emit();
  };

  private atFirst(): SomeTyped[] {
    const way = this.piece().way ?? this.ways()[0]?.[0] ?? '';
    const others = Math.floor(this.piece().count / 2);
    return [
      { count: '', way, weight: '' },
      { count: String(others), way: this.otherWay([way]), weight: '' },
    ];
  }

  private otherWay(taken: readonly string[]): string {
    const [other] = this.ways().find(([id]) => !taken.includes(id)) ?? this.ways()[0] ?? [''];
    return other;
  }
}
