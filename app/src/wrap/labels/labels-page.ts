import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  Injector,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { lotName } from '@core/catalogue/lot-name';
import { countReader, lengthReader, readText } from '@core/format/readers';
import { SHEETS, usualSheet, type Sheet } from '@core/label/sheet';
import { shortNumber } from '@core/label/short-number';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { MAY_PRACTISE } from '../../household/may-practise';
import { HouseholdStore } from '../../household/household-store';
import { isLabelStale } from '@core/books/pack-label';
import { Colds } from '../../household/colds';
import { Notices } from '../../household/notices';
import { Check } from '../../ui/field/check';
import { asOptions, Choice, type Options } from '../../ui/field/choice';
import { Few } from '../../ui/field/few';
import { Field } from '../../ui/field/field';
import { saveText } from '../../ui/save-text';
import { LabelPreview } from './label-preview';
import type { Printing } from '@core/label/printing';
import { drawnLine } from './drawn-line';
import { LabelPrinting } from './label-printing';

const OWN = 'a grid of your own';
const SHOWN = 40;
/** So long after it went in a label is asked for anew. */
const STALE_DAYS = 7;
const COPIES = [
  [1, 'one'],
  [2, 'two: inner and outer bag'],
] as const;
const COUNTS = [
  ['rows', 'Rows'],
  ['columns', 'Columns'],
] as const;

interface Size {
  readonly key: 'labelMm' | 'marginMm' | 'gapMm';
  readonly side: 0 | 1;
  readonly label: string;
}
const SIZES: readonly Size[] = [
  { key: 'labelMm', side: 0, label: 'Label wide' },
  { key: 'labelMm', side: 1, label: 'Label high' },
  { key: 'marginMm', side: 0, label: 'Margin left' },
  { key: 'marginMm', side: 1, label: 'Margin top' },
  { key: 'gapMm', side: 0, label: 'Gap across' },
  { key: 'gapMm', side: 1, label: 'Gap down' },
];

/** What goes on the packs: on a sheet of labels, a roll, or plain paper. */
@Component({
  selector: 'v-labels-page',
  imports: [Check, Choice, Few, Field, RouterLink, LabelPreview],
  providers: [LabelPrinting],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './labels-page.html',
  styleUrl: './labels-page.css',
})
export class LabelsPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly printing = inject(LabelPrinting);
  protected readonly mayPractise = inject(MAY_PRACTISE);
  private readonly injector = inject(Injector);
  private readonly notices = inject(Notices);
  private readonly colds = inject(Colds);
  private readonly paper = viewChild<ElementRef<HTMLCanvasElement>>('paper');
  /** Ids of the packs to print at first, with commas between. */
  readonly packs = input<string>();

  protected readonly sheets = computed(() => {
    const { paper } = usualSheet(this.store.settings().system);
    const sorted = SHEETS.toSorted((a, b) => Number(b.paper === paper) - Number(a.paper === paper));
    return asOptions([...sorted.map(({ name }) => name), OWN]);
  });
  protected readonly papers = asOptions<Sheet['paper']>(['A4', 'Letter', 'roll']);
  protected readonly copies = COPIES;
  protected readonly counts = COUNTS;
  /** A roll has one label after the other: no margins and no gaps. */
  protected readonly sizes = computed(() =>
    SIZES.filter(({ key }) => key === 'labelMm' || this.sheet().paper !== 'roll'),
  );
  protected readonly readCount = countReader(1, 60);
  protected readonly readSize = lengthReader(this.format, { most: 1000 });
  protected readonly readGap = lengthReader(this.format, { zero: true, most: 1000 });
  protected readonly readNote = readText;
  protected readonly own = OWN;
  protected readonly lotName = lotName;
  protected readonly number = shortNumber;
  protected readonly first = signal(1);
  protected readonly isOut = signal(false);
  private readonly changes = signal<ReadonlyMap<string, boolean>>(new Map());
  protected readonly sheet = computed(() => this.printing.settings().sheet);
  protected readonly isOwnSheet = computed(() => !SHEETS.some(({ name }) => name === this.sheet().name));
  protected readonly spots = computed(() =>
    Array.from(
      { length: this.sheet().paper === 'roll' ? 0 : this.sheet().rows * this.sheet().columns },
      (_, k) => k + 1,
    ),
  );
  private readonly asked = computed(() => new Set((this.packs() ?? '').split(',').filter(Boolean)));
  /** Packs in the cold, the newest first; those that were asked for before them. */
  protected readonly stock = computed(() => {
    const packs = this.store
      .stock()
      .filter(({ form }) => form === 'pack')
      .reverse();
    const isAsked = (id: string): number => (this.asked().has(id) ? 0 : 1);
    return packs.sort((a, b) => isAsked(a.id) - isAsked(b.id)).slice(0, Math.max(SHOWN, this.asked().size));
  });
  protected readonly chosen = computed(() => this.stock().filter(({ id }) => this.isChosen(id)));
  protected readonly laid = computed(() => {
    const fonts = this.printing.fonts();
    if (!fonts) return [];
    return this.chosen().flatMap((pack) => {
      const label = this.printing.lay(pack, fonts);
      return label ? [{ pack, label }] : [];
    });
  });
  /** Labels that cannot be made: the others are printed all the same. */
  protected readonly unmade = computed(() => {
    if (!this.printing.fonts()) return '';
    const made = new Set(this.laid().map(({ pack }) => pack.id));
    const names = this.chosen().flatMap((pack) => (made.has(pack.id) ? [] : [lotName(pack)]));
    return names.length === 0
      ? ''
      : `${this.format.count(names.length, 'label')} cannot be made: ${names.slice(0, 3).join(', ')}. Call ${names.length === 1 ? 'it' : 'them'} something else, or write on tape.`;
  });
  /** What is printed otherwise than it was written. */
  protected readonly lacking = computed(() => {
    const fonts = this.printing.fonts();
    if (!fonts) return '';
    const missing = [
      ...new Set(
        this.chosen()
          .flatMap((pack) => fonts.missing(lotName(pack)))
          .concat(fonts.missing(this.printing.settings().note)),
      ),
    ];
    return missing.length === 0
      ? ''
      : `${missing.slice(0, 12).join(' ')} ${missing.length === 1 ? 'is' : 'are'} not among the label’s own letters: lines with ${missing.length === 1 ? 'it' : 'them'} are drawn as this device shows them. Look at the picture here before you print.`;
  });
  protected readonly dropped = computed(() =>
    [...new Set(this.laid().flatMap(({ label }) => label.dropped))].join('; '),
  );

  protected readonly modes: Options<boolean> = [
    [false, 'printed'],
    [true, 'written by hand'],
  ];
  /** Only the four signs and the day, large, to copy onto tape with a marker. */
  protected readonly isByHand = signal(false);
  protected readonly byHand = computed(() =>
    this.chosen().map((pack) => ({
      id: pack.id,
      signs: shortNumber(pack.id),
      day: pack.on ? this.format.dayAndYear(pack.on) : 'nobody knows when',
      name: lotName(pack),
      mass: this.format.mass(pack.inDg),
    })),
  );

  /** What went in on another day than was printed while wrapping, this week: its label is asked for anew. */
  protected readonly stale = computed(() => {
    const [clockOf, since] = [this.colds.of(), this.format.dayFromToday(-STALE_DAYS)];
    return this.stock().filter((pack) => {
      const cold = clockOf(pack);
      return isLabelStale(pack, cold) && (cold.frozenOn ?? '') >= since && !this.isChosen(pack.id);
    });
  });

  protected chooseStale(): void {
    this.changes.update(
      (changes) => new Map([...changes, ...this.stale().map(({ id }) => [id, true] as const)]),
    );
  }

  protected isChosen(id: string): boolean {
    return this.changes().get(id) ?? this.asked().has(id);
  }

  protected toggle(id: string): void {
    this.changes.update((changes) => new Map(changes).set(id, !this.isChosen(id)));
  }

  protected choose(name: string): void {
    this.first.set(1);
    const known = SHEETS.find((sheet) => sheet.name === name);
    void this.printing.set(({ sheet }) => ({ sheet: known ?? { ...sheet, name: OWN } }));
  }

  protected setNumber(key: 'rows' | 'columns', value: number): void {
    this.setSheet(() => ({ [key]: value }));
  }

  protected setSize(key: Size['key'], side: 0 | 1, mm: number): void {
    this.setSheet(({ [key]: [x, y] }) => ({ [key]: side === 0 ? [mm, y] : [x, mm] }));
  }

  protected set(change: Partial<Printing>): void {
    void this.printing.set(() => change);
  }

  protected setPaper(paper: Sheet['paper']): void {
    this.setSheet(() => ({ name: OWN, paper }));
  }

  private setSheet(change: (now: Sheet) => Partial<Sheet>): void {
    void this.printing.set(({ sheet }) => ({ sheet: { ...sheet, ...change(sheet) } }));
  }

  protected async savePdf(): Promise<void> {
    const fonts = this.printing.fonts();
    const problem =
      this.printing.sheetProblem() ?? (this.laid().length === 0 ? 'Choose a pack first.' : null);
    if (problem || !fonts) return this.notices.problem(problem ?? 'The letters are still being loaded.');
    const { labelPdf } = await import('@core/label/label-pdf');
    saveText(
      'labels.pdf',
      await labelPdf(
        this.laid().map(({ label }) => label),
        this.sheet(),
        fonts,
        this.first(),
        this.printing.settings().copies,
        drawnLine,
      ),
      'application/pdf',
    );
    this.notices.done(
      `${this.laid().length * this.printing.settings().copies} labels in labels.pdf. Print at 100 %, without fitting to the page.`,
    );
  }

  protected print(): void {
    if (this.laid().length === 0) return this.notices.problem('Choose a pack first.');
    window.print();
  }

  /** What a printer with 203 dots to the inch would let out. */
  protected async printNowhere(): Promise<void> {
    if (this.laid().length === 0) return this.notices.problem('Choose a pack first.');
    const { printRoll } = await import('../../devices/practice-printer');
    if (!this.isOut()) {
      this.isOut.set(true);
      // Its paper is there once the page is drawn, however long that takes.
      await new Promise<void>((done) => afterNextRender(() => done(), { injector: this.injector }));
    }
    const canvas = this.paper()?.nativeElement;
    if (canvas)
      await printRoll(
        canvas,
        this.laid().flatMap(({ label }) =>
          Array.from({ length: this.printing.settings().copies }, () => label),
        ),
        this.sheet().labelMm,
      );
  }
}
