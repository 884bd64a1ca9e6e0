import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  Injector,
  input,
  type OnInit,
  runInInjectionContext,
} from '@angular/core';
import { Router } from '@angular/router';
import { sum } from 'd3-array';
import { afterCorrection, type PieceFigures } from '@core/books/after-correction';
import { kindById } from '@core/catalogue/kinds';
import { correctionOf, correctPiece, pieceBought } from '@core/deeds/correct-piece';
import { Format } from '@core/format/format';
import { boughtTogether } from '@core/ledger/bought-together';
import { drainedDg, type Lot } from '@core/ledger/lot';
import { typedAs } from '@core/ledger/typed-as';
import { explainRefusal } from '@core/ledger/refusal';
import { gradesOf } from '@core/price/of-grade';
import { lotName } from '@core/catalogue/lot-name';
import { Choice, type Options } from '../../ui/field/choice';
import { Day } from '../../ui/field/day';
import { Pick } from '../../ui/field/pick';
import { TextField } from '../../ui/field/text-field';
import { draftOf } from '../../ui/form/draft-of';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { Clock } from '../clock';
import { HOUSEHOLD_NAME } from '../household-name';
import { TakePurchaseBack } from './take-purchase-back';
import { draftKey } from '../draft-key';
import { HouseholdStore } from '../household-store';
import { readCorrection, textOf, type CorrectionText } from './correction-text';

/** What was written down when a piece was bought, put right at any time, with what that changes shown before. */
@Component({
  selector: 'v-correct-piece',
  imports: [Choice, Day, Pick, TakePurchaseBack, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './correct-piece.html',
  styleUrl: './correct-piece.css',
})
export class CorrectPiece implements OnInit {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly today = inject(Clock).today;
  readonly piece = input.required<Lot>();

  /** Of what was split since, the purchase is put right. */
  protected readonly together = computed(() => boughtTogether(this.store.state(), this.piece()));
  private readonly was = computed(() => {
    const typed = typedAs(this.store.household().journal, { made: this.piece().came });
    return pieceBought(this.piece(), typed ?? '', this.together());
  });
  protected readonly text = draftOf<CorrectionText>(
    () => textOf(this.was(), this.format),
    () => this.piece().id,
  );
  protected readonly ways = computed((): Options<string> =>
    (kindById(this.piece().kind)?.ways ?? []).map(({ id, name }) => [id, name] as const),
  );
  protected readonly grades = computed(() => gradesOf(this.store.basis().pricing.book));
  private readonly injector = inject(Injector);
  private readonly router = inject(Router);
  private readonly name = inject(HOUSEHOLD_NAME);
  private readonly household = draftKey('correct');
  private readonly read = computed(() => readCorrection(this.text(), this.was(), this.format));
  private readonly facts = computed(() => {
    const read = this.read();
    return read.ok ? correctionOf(this.piece(), read.value, this.together()) : null;
  });
  /** The figures as they are and as they would be, or why it would not fit. */
  private readonly after = computed(() => {
    const [facts, { journal }] = [this.facts(), this.store.household()];
    return facts?.ok ? afterCorrection(journal, this.piece().id, facts.value, this.store.basis()) : null;
  });
  protected readonly obstacle = computed(() => {
    const after = this.after();
    if (!after || after.ok) return '';
    const [read, drained] = [this.read(), sum(this.together(), drainedDg)];
    if (read.ok && read.value.mass.massDg < drained)
      return `It weighed ${this.format.mass(drained)} once drained: it cannot have been less before.`;
    const lot = (id: string): string => {
      const known = this.store.state().lots.get(id);
      return known ? lotName(known).toLowerCase() : 'the piece';
    };
    return explainRefusal(after.problem, { mass: (massDg) => this.format.mass(massDg), lot });
  });
  protected readonly changes = computed(() => {
    const after = this.after();
    return after?.ok ? this.told(after.value.was, after.value.becomes) : [];
  });
  protected readonly canDo = computed(() => this.facts()?.ok === true && this.after()?.ok === true);

  /** What is typed outlives a reload, and never hides what was written down meanwhile. */
  ngOnInit(): void {
    const key = (): string => `${this.household()} ${this.piece().id} ${JSON.stringify(this.was())}`;
    runInInjectionContext(this.injector, () => keepInTab(key, { text: this.text }));
  }

  protected problem(field: keyof CorrectionText): string {
    const read = this.read();
    return !read.ok && read.problem.field === field ? read.problem.says : '';
  }

  protected type(part: Partial<CorrectionText>): void {
    this.text.update((text) => ({ ...text, ...part }));
  }

  /** Every figure that becomes another one. */
  private told(
    was: PieceFigures,
    becomes: PieceFigures,
  ): { readonly name: string; readonly from: string; readonly to: string }[] {
    const { format } = this;
    const money = (minor: number | null): string => (minor === null ? '–' : format.money(Math.round(minor)));
    const perUnit = (minor: number | null): string => (minor === null ? '–' : format.perUnit(minor));
    const lines: readonly (readonly [string, (of: PieceFigures) => string])[] = [
      ['weight bought', (of) => format.mass(of.massDg)],
      ['paid', (of) => money(of.paidMinor)],
      [`a ${format.priceUnit()} as bought`, (of) => perUnit(of.perKgMinor)],
      ['liquid', (of) => format.mass(of.liquidDg)],
      ['not found again', (of) => format.mass(of.unaccountedDg)],
      ['yield', (of) => format.percent(of.yield)],
      [`a usable ${format.priceUnit()}`, (of) => perUnit(of.perUsableKgMinor)],
      ['saved', (of) => money(of.savedMinor)],
    ];
    return lines
      .map(([name, tell]) => ({ name, from: tell(was), to: tell(becomes) }))
      .filter(({ from, to }) => from !== to);
  }

  /** The piece is gone, and its page with it. */
  protected leave(): void {
    void this.router.navigate(['/', this.name, 'counter']);
  }

  protected async correct(): Promise<void> {
    const read = this.read();
    if (read.ok) await this.store.perform(correctPiece(this.piece(), read.value, this.together()));
  }
}
