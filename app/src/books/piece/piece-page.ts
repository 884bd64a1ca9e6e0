import { sum } from 'd3-array';
import { correctMinutes, noteOnPiece } from '@core/deeds/work-on-piece';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { ActivatedRoute, RouterLink } from '@angular/router';
import { kindById, partOf } from '@core/catalogue/kinds';
import { carriersOf, platesFrom } from '@core/cost/carriers';
import { compareWithShop } from '@core/books/comparison';
import { costByPart } from '@core/cost/cost-by-part';
import { creditsOf } from '@core/cost/method';
import { ownPacks } from '@core/books/own-packs';
import { thrownAwayMinor } from '@core/books/thrown-away';
import type { Instead } from '@core/books/would-have';
import { wishOfKind } from '@core/deeds/wish-of-kind';
import { leavesOf, familyOf } from '@core/ledger/leaves';
import type { KindWish } from '@core/cost/kind-wish';
import { countOfTheYear, workingCosts } from '@core/cost/working-costs';
import { PART_COLUMNS } from '@core/exchange/books-csv';
import { figuresCsv, type FiguresStyle } from '@core/exchange/figures-csv';
import { packsOfPiece } from '@core/exchange/report';
import { lotName } from '@core/catalogue/lot-name';
import { NO_COSTS } from '@core/cost/cost-settings';
import { packState } from '@core/pack/pack-state';
import { unitPrice } from '@core/price/label-total';
import { paidAbroad } from '@core/price/paid-abroad';
import { formatMoney } from '@core/units/money';
import { usualMinutes } from '@core/yield/minutes';
import { yieldTest } from '@core/yield/yield-test';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { costsOfLots } from '../../household/costs';
import { HouseholdStore } from '../../household/household-store';
import { CorrectPiece } from '../../household/correction/correct-piece';
import { EditFigure } from '../../household/parts/edit-figure';
import { saveText } from '../../ui/save-text';
import { MethodSwitch } from './method-switch';
import { ShareBar } from '../../ui/piece/share-bar';
import { Swatch } from '../../ui/piece/swatch';
import { ToldFigure } from '../../ui/told/told-figure';
import { BoughtWith } from './bought-with';
import { practised, practisedWords } from '@core/books/practised';
import { MassFlow } from './mass-flow';
import { MethodsTable } from './methods-table';
import { ShopTable } from './shop/shop-table';
import { YieldStrip } from './yield-strip';
import { draftOf } from '../../ui/form/draft-of';
import { Choice, type Options } from '../../ui/field/choice';
import { TextField } from '../../ui/field/text-field';
import { Fold } from '../../ui/over/fold';
import { Slips } from '../../ui/told/slips';
import { BarePicture } from '../../ui/told/bare-picture';

/** What a sum is, that would have been paid without the piece. */
const WOULD_HAVE: Readonly<Record<Instead, string>> = {
  cut: 'bought cut',
  half: 'for half as much, cut',
  piece: 'for what you would have bought',
  nothing: 'without it',
};

/** One piece: its yield test, what its parts and packs cost, and whether it beat the shop. */
@Component({
  selector: 'v-piece-page',
  imports: [
    BarePicture,
    BoughtWith,
    Choice,
    CorrectPiece,
    Fold,
    Slips,
    TextField,
    RouterLink,
    EditFigure,
    MassFlow,
    MethodsTable,
    MethodSwitch,
    ShareBar,
    ShopTable,
    Swatch,
    ToldFigure,
    YieldStrip,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './piece-page.html',
  styleUrl: './piece-page.css',
})
export class PiecePage {
  protected readonly store = inject(HouseholdStore);
  private readonly costOf = costsOfLots();
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  readonly lot = input.required<string>();

  /** Whether what was bought is being put right: from the Block one comes for that. */
  protected readonly corrects = signal(inject(ActivatedRoute).snapshot.queryParamMap.has('correct'));
  protected readonly lotName = lotName;
  protected readonly packState = packState;
  protected readonly piece = computed(() => {
    const lot = this.store.state().lots.get(this.lot());
    return lot?.form === 'piece' ? lot : undefined;
  });
  private readonly kind = computed(() => kindById(this.piece()?.kind ?? null));
  protected readonly practised = computed(() => {
    const [piece, { journal }] = [this.piece(), this.store.household()];
    const family = piece ? familyOf(journal.state, piece).map(({ id }) => id) : [];
    return practisedWords(practised(journal, new Set(family)));
  });
  protected readonly paid = computed(() => this.piece()?.paidMinor ?? 0);
  protected readonly test = computed(() => yieldTest(this.store.state(), this.lot()));
  protected readonly shop = computed(() =>
    compareWithShop(this.store.state(), this.lot(), this.store.basis()),
  );
  /** What the label said where it was in another currency. */
  protected readonly abroad = computed(() => {
    const piece = this.piece();
    const { currency: own, decimal } = this.store.settings();
    const abroad = piece && paidAbroad(this.store.household().journal, piece, own);
    if (!abroad) return '';
    const { currency, minor, rate } = abroad;
    return `The label said ${formatMoney(minor, currency, decimal)}; one ${currency} was ${this.format.rate(rate)} ${own}.`;
  });
  protected readonly paidPerKg = computed(() => unitPrice(this.piece()?.inDg ?? 1, this.paid()));
  protected readonly costs = computed(() => costByPart(this.store.state(), this.lot(), this.store.basis()));
  protected readonly surplus = computed(
    () => creditsOf(carriersOf(this.store.state(), this.lot(), this.store.basis()), this.paid()).surplusMinor,
  );
  protected readonly moneyShares = computed(() =>
    this.costs().map(({ part, destination, minor }) => ({
      where: destination,
      name: this.nameOf(part),
      size: minor[this.store.costMethod()],
      figure: this.format.money(minor[this.store.costMethod()]),
    })),
  );
  protected readonly mainCost = computed(() => {
    const mains = this.costs().filter(({ destination }) => destination === 'main');
    const massDg = sum(mains, (each) => each.massDg);
    const minor = sum(mains, (each) => each.minor[this.store.costMethod()]);
    return massDg > 0 ? (minor * 10_000) / massDg : null;
  });

  protected readonly packs = computed(() => {
    const piece = this.piece();
    if (!piece) return [];
    return packsOfPiece(this.store.state(), piece).map((lot) => {
      const cost = this.costOf().get(lot.id);
      const minor = cost?.complete ? cost.minor : null;
      return { lot, minor, perPlate: minor !== null && lot.plates ? minor / lot.plates : null };
    });
  });
  protected readonly plates = computed(() => platesFrom(this.store.state(), this.lot(), this.store.basis()));
  private readonly eaters = computed(() => Math.max(1, this.store.settings().eaters.length));
  /** A dinner of this household from it, and the same dinner bought cut. */
  protected readonly dinner = computed(() => {
    const plates = this.plates();
    if (plates === 0) return null;
    return {
      ours: (this.paid() / plates) * this.eaters(),
      shop: ((this.shop().insteadMinor ?? 0) / plates) * this.eaters(),
      eaters: this.eaters(),
    };
  });

  private readonly noted = computed(() => this.store.pieceNotes().get(this.lot()));
  protected readonly minutes = computed(() => {
    const [kind, way] = [this.kind(), this.kind()?.ways.find(({ id }) => id === this.piece()?.way)];
    const measured = this.store.minutes().get(this.lot());
    const minutes =
      this.noted()?.minutes ??
      measured ??
      (kind && way ? usualMinutes(kind, way) * (this.piece()?.count ?? 1) : 0);
    return {
      minutes: Math.round(minutes),
      from: this.noted()?.minutes ? 'as you set it' : measured ? 'from the weighings' : 'as the guide has it',
    };
  });
  /** Those of which it pays bag and label. */
  protected readonly ownPacks = computed(() =>
    ownPacks(
      this.store.state(),
      this.lot(),
      this.packs().map(({ lot }) => lot),
    ),
  );
  protected readonly work = computed(() => {
    const days = this.store.pieces().flatMap(({ on }) => on ?? []);
    const piece = this.piece();
    const piecesOfTheYear = countOfTheYear(days, piece?.on ?? '9999-12-31');
    return workingCosts(
      {
        savedMinor: this.shop().savedMinor,
        packs: this.ownPacks().length,
        minutes: this.minutes().minutes,
        piecesOfTheYear,
        piecesOfTheTrip: this.store
          .pieces()
          .filter(({ on, shop }) => on === piece?.on && shop === piece?.shop).length,
        thrownAwayMinor: thrownAwayMinor(this.store.state(), this.lot(), this.store.basis()),
      },
      this.store.settings().costs ?? NO_COSTS,
    );
  });
  /** What would really have been bought for these plates, kept for the kind. */
  private readonly wish = computed(() => this.store.basis().wishes?.get(this.piece()?.kind ?? '') ?? {});
  protected readonly instead = computed(() => this.wish().instead ?? 'cut');
  protected readonly insteadItem = computed(() => this.wish().insteadItem ?? '');
  protected readonly insteads: Options<Instead> = [
    ['cut', 'the same, cut'],
    ['half', 'half as much of it, cut'],
    ['piece', 'something else'],
    ['nothing', 'nothing'],
  ];
  /** What has a price, and what was chosen. */
  protected readonly insteadItems = computed((): Options<string> => {
    const { book } = this.store.basis().pricing;
    const items = this.store.shopItems().filter(({ id }) => book.byItem.has(id) || id === this.insteadItem());
    return [['', 'choose what'], ...items.map(({ id, name }) => [id, name] as const)];
  });

  protected async wishFor(wish: KindWish): Promise<void> {
    const kind = this.piece()?.kind;
    if (kind) await this.store.perform(wishOfKind(kind, wish));
  }

  /** Everything that came off it by itself, with what it cost. */
  protected readonly portions = computed(() =>
    leavesOf(this.store.state(), this.lot()).flatMap(({ lot, massDg, destination }) => {
      const cost = this.costOf().get(lot.id);
      return lot.form === 'part' && cost && destination !== 'bin' && destination !== 'liquid'
        ? [{ lot, massDg, minor: cost.minor, each: lot.count > 1 ? cost.minor / lot.count : null }]
        : [];
    }),
  );

  private readonly notedText = computed(() => this.noted()?.text ?? '');
  /** What is being typed; only another text from elsewhere takes its place. */
  protected readonly note = draftOf(this.notedText, this.lot);
  protected readonly marks = computed(() =>
    (this.noted()?.marks ?? []).flatMap(
      (id) => this.kind()?.marks.find((mark) => mark.id === id)?.name ?? [],
    ),
  );

  protected readonly nameOf = (part: string | null): string => {
    if (part === null) return this.piece()?.closed ? 'Whole' : 'Still on the board';
    return partOf(this.kind(), part)?.name ?? part;
  };

  protected readonly atLeast = computed(() => (this.shop().complete ? '' : 'at least '));
  /** What would have been bought without it, and for how much. */
  protected readonly wouldHave = computed(() => {
    const { instead, insteadMinor } = this.shop();
    return `${this.atLeast()}${this.format.money(insteadMinor ?? 0)} ${WOULD_HAVE[instead]}`;
  });
  /** Against what it is held: bought cut, or what would have been bought instead. */
  protected readonly against = computed(() => {
    const isCut = this.instead() === 'cut';
    if (this.shop().savedMinor < 0 && this.hasWorth())
      return isCut ? 'dearer than the shop by' : 'dearer than what you would have bought by';
    return isCut ? 'saved against the shop' : 'saved against what you would have bought';
  });
  protected readonly hasWorth = computed(() => this.shop().isKnown);
  /** What is saved, as far as the shop's prices are known and all is weighed. */
  protected asFarAsKnown(minor: number): string {
    if (!this.hasWorth()) return 'unknown';
    return `${this.format.money(minor)} ${this.format.bound(minor, this.shop().complete)}`.trimEnd();
  }

  protected readonly how = computed(() => {
    const { format } = this;
    const { usableDg, weighings, receivedDg } = this.test();
    const [paid, received, usable] = [
      format.money(this.paid()),
      format.mass(receivedDg),
      format.mass(usableDg),
    ];
    return {
      usable: `${paid} paid ÷ ${usable} usable, which is main, second, thin, stew and grind, from ${weighings} weighings.`,
      yield: `${usable} usable ÷ ${received} on the label, the liquid included.`,
      saved: `${this.wouldHave()} − ${paid} paid, before supplies and time.`,
      even: `${this.wouldHave()} ÷ ${received}. At this price a ${format.priceUnit()} both come out the same.`,
      hour: `${format.money(this.shop().savedMinor)} saved − ${format.money(this.shop().savedMinor - this.work().netSavedMinor)} supplies, tools and the rest, for ${this.minutes().minutes} minutes.`,
      dinner: this.dinner()
        ? `${paid} ÷ ${format.number(this.plates(), 1)} plates × ${format.count(this.eaters(), 'eater')}; ${this.wouldHave()} ÷ the same. Plates are as packed, and of what is not, boneless meat by the plate of your eaters.`
        : '',
    };
  });

  protected bare(perKgMinor: number): string {
    return this.format.perUnit(perKgMinor).split('/')[0] ?? '';
  }

  protected async setMinutes(minutes: number): Promise<void> {
    const piece = this.piece();
    if (piece && minutes > 0) await this.store.perform(correctMinutes(piece, minutes));
  }

  protected async saveNote(): Promise<void> {
    const text = this.note().trim();
    const piece = this.piece();
    if (piece && text !== (this.noted()?.text ?? '')) await this.store.perform(noteOnPiece(piece, text));
  }

  protected print(): void {
    globalThis.print();
  }

  protected saveCsv(units: FiguresStyle['units']): void {
    const piece = this.piece();
    if (!piece) return;
    const { lines } = this.shop();
    const rows = this.costs().map((cost) => ({
      ...cost,
      name: this.nameOf(cost.part),
      line: lines.find((each) => each.part === cost.part && each.destination === cost.destination) ?? null,
    }));
    const text = figuresCsv(PART_COLUMNS, rows, { units, ...this.store.settings() });
    saveText(`vendicus-${piece.kind}-${piece.on}.csv`, text, 'text/csv');
  }
}
