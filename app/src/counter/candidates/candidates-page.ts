import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { whichToTake } from '@core/format/candidate-words';
import { Format } from '@core/format/format';
import { goingPrice } from '@core/price/going-price';
import { rankCandidates, type Candidate, type RankedCandidate } from '@core/yield/candidates';
import { habitOfWay, kindAndWay } from '@core/yield/prediction';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';
import { Choice, type Options } from '../../ui/field/choice';
import { EnterGoesOn } from '../../ui/form/enter-goes-on';
import { spanOf } from '../../ui/tape/tape-layout';
import { ReadyCut } from '../answer/ready-cut';
import { PieceAsked } from '../piece/piece-asked';
import { Compared, MOST, type Lying } from './compared';
import { LyingPiece } from './lying-piece';

/** Up to four actual pieces side by side, on one tape each with one scale: which one, and what decides it. */
@Component({
  selector: 'v-candidates-page',
  imports: [Choice, EnterGoesOn, LyingPiece],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page" vEnterGoesOn>
      <header>
        <h1>Side by side</h1>
        <p>Ask for two or three to choose from; it is fine to say no to all of them.</p>
      </header>
      <div class="choice">
        <v-choice
          label="Kind"
          [options]="kinds()"
          [value]="compared.kind().id"
          (valueChange)="compared.choose($event)"
        />
        <v-choice
          label="Cut how"
          [options]="ways()"
          [value]="compared.wayId()"
          (valueChange)="compared.wayId.set($event)"
        />
      </div>
      <p class="decision" role="status" [class.none]="!decision()">{{ decision() }}</p>
      <div class="side">
        @for (each of compared.all(); track each.id; let index = $index) {
          <v-lying-piece
            [kind]="compared.kind()"
            [letter]="letter(index)"
            [lying]="each"
            [result]="resultOf(each)"
            [place]="placeOf(each)"
            [isBest]="ranked().length > 1 && ranked()[0] === resultOf(each)"
            [canGo]="compared.all().length > 2"
            [goingPerKg]="going()"
            [scale]="scale()"
            (changed)="compared.set(each.id, $event)"
            (gone)="compared.remove(each.id)"
          />
        }
        @if (compared.all().length < most) {
          <button type="button" class="quiet more" (click)="compared.add()">Add another</button>
        }
      </div>
    </div>
  `,
  styles: `
    .choice {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(150px, 280px));
      gap: 10px 16px;
      margin-bottom: 16px;
    }
    .decision {
      font: 650 var(--large)/1.3 var(--name);
      border-left: 5px solid var(--good);
      padding-left: 14px;
      margin: 0 0 18px;
      max-width: 60ch;
    }
    .none {
      display: none;
    }
    .side {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(min(100%, 270px), 1fr));
      gap: 14px;
      align-items: start;
    }
    .more {
      min-height: 120px;
      border-style: dashed;
    }
  `,
})
export class CandidatesPage {
  private readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly readyCut = inject(ReadyCut);
  private readonly piece = inject(PieceAsked);
  private readonly today = inject(Clock).today;
  protected readonly compared = inject(Compared);
  protected readonly most = MOST;

  protected readonly kinds = computed((): Options<string> =>
    this.store.kinds().map(({ id, name }) => [id, name] as const),
  );
  protected readonly ways = computed((): Options<string> =>
    this.compared.kind().ways.map(({ id, name }) => [id, name] as const),
  );
  private readonly asked = computed(() => {
    const kind = this.compared.kind();
    return kindAndWay(kind.id, this.compared.wayId()) ?? { kind, way: kind.ways[0]! };
  });
  private readonly habit = computed(() => habitOfWay(this.store.state(), this.asked()));
  /** Prices of the grade that was said of this kind at the Counter, and of no other. */
  private readonly basis = computed(() => {
    const basis = this.readyCut.basis();
    const isSame = this.compared.kind().id === this.piece.kind()?.id;
    return { ...basis, pricing: { ...basis.pricing, grade: isSame ? basis.pricing.grade : null } };
  });
  protected readonly going = computed(() => {
    const { book, grade } = this.basis().pricing;
    return goingPrice(book, wholePieceItem(this.compared.kind().id), this.today(), grade)?.perKgMinor ?? null;
  });

  protected readonly ranked = computed(() => {
    const candidates = this.compared.all().flatMap((each): Candidate[] => {
      const massDg = this.format.parseMass(each.weight, 'large')?.massDg ?? 0;
      const asked = this.format.parseAsked(each.price) ?? undefined;
      const perKgMinor = each.price.trim() === '' ? this.going() : this.format.parsePerUnit(each.price);
      return massDg > 0 && perKgMinor !== null && perKgMinor > 0
        ? [{ id: String(each.id), massDg, perKgMinor, marks: each.marks, asked }]
        : [];
    });
    return rankCandidates(this.asked(), this.habit(), this.basis(), candidates, this.today());
  });
  /** All of them lie on one scale, or they could not be compared. */
  protected readonly scale = computed(() => {
    const perKg = this.ranked().flatMap(({ candidate, evenPerKgMinor }) => [
      candidate.perKgMinor,
      ...(evenPerKgMinor === null ? [] : [evenPerKgMinor]),
    ]);
    return perKg.length === 0 ? null : spanOf(perKg.map((minor) => minor * this.format.kgPerUnit()));
  });
  protected readonly decision = computed(() => {
    const nameOf = (id: string): string =>
      this.letter(this.compared.all().findIndex((each) => String(each.id) === id));
    return whichToTake(this.ranked(), nameOf, this.format) ?? '';
  });

  protected letter(index: number): string {
    return 'ABCD'[index] ?? '';
  }

  protected resultOf({ id }: Lying): RankedCandidate | undefined {
    return this.ranked().find(({ candidate }) => candidate.id === String(id));
  }

  protected placeOf({ id }: Lying): string {
    const rank = this.ranked().findIndex(({ candidate }) => candidate.id === String(id)) + 1;
    if (rank > 1) return `no. ${rank}`;
    if (rank === 0 || this.ranked().length < 2) return '';
    return (this.ranked()[0]?.savingMinor ?? 0) < 0 ? 'the best of them' : 'take this one';
  }
}
