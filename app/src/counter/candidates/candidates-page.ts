import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Router } from '@angular/router';
import type { Kind } from '@core/catalogue/kind-schema';
import { askOfLying } from '@core/format/ask-of-lying';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { notePrices } from '@core/deeds/note-prices';
import { tellComparison } from '@core/format/candidate-words';
import { Format } from '@core/format/format';
import { asAsked } from '@core/price/as-asked';
import { goingPrice } from '@core/price/going-price';
import type { PriceNote } from '@core/price/price-note';
import { readLying } from '@core/price/read-lying';
import { toDg } from '@core/units/mass';
import { compareCandidates, type Candidate, type ComparedCandidate } from '@core/yield/candidates';
import { habitOfWay } from '@core/yield/prediction';
import { Clock } from '../../household/clock';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { minutesHere } from '../../household/minutes-here';
import { Notices } from '../../household/notices';
import { EnterGoesOn } from '../../ui/form/enter-goes-on';
import { oneAtATime } from '../../ui/form/one-at-a-time';
import { spanOf } from '../../ui/tape/tape-layout';
import { ReadyCut } from '../answer/ready-cut';
import { PieceAsked } from '../piece/piece-asked';
import { Compared, figuresOf, MOST, type Lying } from './compared';
import { LyingPiece } from './lying-piece';
import { PortionRuler } from './portion-ruler';

/** A piece that lies there with what is read of it. */
type Row = ReturnType<CandidatesPage['rows']>[number];

/** Up to four pieces of any kinds on one ruler of what a portion costs: which one, and what decides it. */
@Component({
  selector: 'v-candidates-page',
  imports: [EnterGoesOn, LyingPiece, PortionRuler],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './candidates-page.html',
  styleUrl: './candidates-page.css',
})
export class CandidatesPage {
  private readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly router = inject(Router);
  private readonly household = inject(HOUSEHOLD_NAME);
  private readonly readyCut = inject(ReadyCut);
  private readonly piece = inject(PieceAsked);
  private readonly minutesOf = minutesHere();
  protected readonly compared = inject(Compared);
  protected readonly most = MOST;

  /** As it is called here: two of one kind by their number. */
  readonly rows = computed(() => {
    const all = this.compared.all();
    return all.map((lying, at) => {
      const kind = this.store.kinds().find(({ id }) => id === lying.kind) ?? null;
      const isOne = all.filter((each) => each.kind === lying.kind).length === 1;
      const going = kind && this.goingOf(kind);
      return {
        lying,
        kind,
        number: at + 1,
        name: kind ? (isOne ? kind.name : `${kind.name} ${at + 1}`) : `Piece ${at + 1}`,
        going,
        read: kind && readLying(kind, lying, this.format.labelStyle(), going),
        asked: kind && lying.sureOf !== figuresOf(lying) ? askOfLying(kind, lying, going, this.format) : null,
      };
    });
  });

  private readonly ranked = computed((): ComparedCandidate[] => {
    const candidates = this.rows().flatMap(({ lying, kind, read, asked: doubt }): Candidate[] => {
      const way = kind && this.wayOf(kind, lying);
      if (!kind || !way || !read || doubt || read.perKgMinor === null || read.perKgMinor <= 0) return [];
      const { massDg, perKgMinor, asked } = read;
      const candidate = { id: String(lying.id), kind, way, massDg, perKgMinor, marks: lying.marks };
      return [{ ...candidate, asked: asked ?? undefined, grade: this.gradeOf(kind) }];
    });
    return compareCandidates(candidates, {
      habitOf: (asked) => habitOfWay(this.store.state(), asked),
      basis: this.readyCut.basis(),
      minutesOf: this.minutesOf(),
      on: this.clock.today(),
      slipDg: this.format.priceUnit() === 'lb' ? toDg(4, 'oz') : toDg(100, 'g'),
    });
  });

  /** All of them lie on one scale, or they could not be compared. */
  protected readonly span = computed(() => {
    const marks = this.ranked().flatMap(({ portionRange, shopPortionMinor }) => [
      ...portionRange,
      ...(shopPortionMinor === null ? [] : [shopPortionMinor]),
    ]);
    return marks.length === 0 ? null : spanOf(marks);
  });
  protected readonly say = (minor: number): string => this.format.money(Math.round(minor));
  protected readonly told = computed(() =>
    tellComparison(this.ranked(), (id) => this.rowOf(id)?.name ?? '', this.format),
  );
  protected readonly best = computed(() => this.rowOf(this.told()?.best ?? '') ?? null);

  private rowOf(id: string): Row | undefined {
    return this.rows().find(({ lying }) => String(lying.id) === id);
  }

  /** Prices of the grade that was said of this kind at the Counter, and of no other. */
  private gradeOf({ id }: Kind): string | null {
    return id === this.piece.kind()?.id ? this.piece.grade() : null;
  }

  private goingOf(kind: Kind): number | null {
    const { book } = this.readyCut.basis().pricing;
    const item = wholePieceItem(kind.id);
    return goingPrice(book, item, this.clock.today(), this.gradeOf(kind))?.perKgMinor ?? null;
  }

  /** As it is cut here, unless it was said otherwise. */
  private wayOf(kind: Kind, { way }: Lying): Kind['ways'][number] | undefined {
    const wished = this.store.basis().wishes?.get(kind.id)?.way;
    const byId = (id: string | undefined) => kind.ways.find((each) => each.id === id);
    return byId(way) ?? byId(wished) ?? kind.ways[0];
  }

  protected resultOf({ id }: Lying): ComparedCandidate | undefined {
    return this.ranked().find(({ candidate }) => candidate.id === String(id));
  }

  protected isBest({ id }: Lying): boolean {
    return this.ranked().length > 1 && this.told()?.deed === 'take' && this.told()?.best === String(id);
  }

  protected readonly alone = oneAtATime();

  /** It is the piece that is asked about, with all that was said of it: to be bought where that is done. */
  protected take({ lying, kind }: Row): void {
    if (!kind) return;
    this.piece.change(kind.id);
    this.piece.isCut(this.wayOf(kind, lying)?.id ?? '');
    this.piece.isSeenWith(lying.marks);
    const { price, weight, pricedBy } = lying;
    this.piece.label.type({ price, weight, pricedBy });
    void this.router.navigate(['/', this.household, 'counter']);
  }

  /** What is asked for them goes into the price book, and they are forgotten. */
  protected readonly takeNone = async (): Promise<void> => {
    const refused = this.rows().find(({ read }) => read && (read.wrong.price || read.wrong.weight));
    if (refused?.read)
      return this.notices.problem(
        `${refused.name}: ${refused.read.wrong.price || refused.read.wrong.weight}`,
      );
    const doubted = this.rows().find(({ asked }) => asked);
    if (doubted?.asked) return this.notices.problem(`${doubted.name}: ${doubted.asked.says}`);
    const notes = await this.readyCut.sure(this.rows().flatMap((row) => this.noteOf(row)));
    if (!notes) return;
    const count = notes.length === 0 ? '' : ` ${this.format.count(notes.length, 'price')} noted.`;
    const say = `None taken.${count}`;
    if (notes.length === 0) this.notices.done(say);
    else if (!(await this.store.perform(notePrices(notes, say, () => this.clock.newId()))).ok) return;
    this.readyCut.forget();
    this.compared.forget();
  };

  /** What was typed, but no price by the piece of a guessed weight. */
  private noteOf({ kind, read, asked: doubt }: Row): PriceNote[] {
    const isGuessed = read?.isUsualWeight && read.asked?.unit === 'piece';
    const price = read?.asked && !isGuessed ? asAsked(read.asked) : null;
    if (!kind || !price || doubt) return [];
    const grade = this.gradeOf(kind);
    return [
      {
        item: wholePieceItem(kind.id),
        shop: this.readyCut.shopName(),
        ...price,
        on: this.readyCut.date() || this.clock.today(),
        ...(grade === null ? {} : { grade }),
      },
    ];
  }
}
