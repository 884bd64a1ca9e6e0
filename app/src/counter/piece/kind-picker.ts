import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { findKinds } from '@core/catalogue/find-kinds';
import type { Kind } from '@core/catalogue/kind-schema';
import { Format } from '@core/format/format';
import { worthAskingWords } from '@core/format/which-words';
import type { Lot } from '@core/ledger/lot';
import { offersTogether } from '@core/price/offers-together';
import { evenMoney } from '@core/yield/even-money';
import { RouterLink } from '@angular/router';
import { rollup } from 'd3-array';
import { Clock } from '../../household/clock';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { TextField } from '../../ui/field/text-field';
import { PieceDrawing } from '../../ui/piece/piece-drawing';
import { ReadyCut } from '../answer/ready-cut';
import { PieceAsked } from './piece-asked';

/** How many kinds are offered before one searches. */
const SHOWN_KINDS = 6;
const SHOWN_OFFERS = 2;

/** Which piece? The kinds bought most often, each with the price up to which it is worth it; any other by name. */
@Component({
  selector: 'v-kind-picker',
  imports: [PieceDrawing, RouterLink, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <v-text
      label="Search by any name"
      type="search"
      [(value)]="search"
      placeholder="eye fillet, New York strip, bird, 180 …"
      (keydown.enter)="chooseFound($event)"
    />
    <div class="kinds" role="group" aria-label="Kind of piece">
      @for (each of shown(); track each.kind.id) {
        <button
          type="button"
          class="kind"
          [class.on]="each.kind.id === piece.kind()?.id"
          (click)="choose(each.kind)"
        >
          <v-piece-drawing [kind]="each.kind" [labelled]="false" [turnable]="false" aria-hidden="true" />
          <span
            ><b>{{ each.kind.name }}</b
            ><small>{{ each.note }}</small></span
          >
        </button>
      } @empty {
        <p class="soft none">Nothing is called “{{ search() }}” here. Try a shorter word.</p>
      }
    </div>
    @if (ownName(); as name) {
      <p>
        <a class="quiet small" [routerLink]="['/', household, 'craft', 'own', 'new']" [queryParams]="{ name }"
          >Your own cut: {{ name }}</a
        >
      </p>
    }
    @if (shown().length < found().length) {
      <button type="button" class="quiet small" (click)="showsAll.set(true)">
        {{ format.count(found().length - shown().length, 'more kind') }}
      </button>
    }
    @for (each of offers(); track each.id) {
      <p class="offer">
        <button type="button" class="link" (click)="chooseById(each.id)">{{ each.says }}</button>
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
      padding-bottom: 10px;
    }
    v-text {
      max-width: 760px;
    }
    .kinds {
      display: grid;
      margin-top: 8px;
      grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
      gap: 8px;
      margin-bottom: 8px;
    }
    .kind {
      display: grid;
      grid-template-columns: 46px minmax(0, 1fr);
      align-items: center;
      gap: 8px;
      min-height: 64px;
      padding: 6px 8px;
      text-align: left;
      font: inherit;
      color: inherit;
      background: var(--sheet);
      border: 1px solid var(--field-line);
      border-radius: 2px;
      cursor: pointer;
    }
    .kind.on {
      box-shadow: inset 0 -4px 0 var(--ink);
    }
    v-piece-drawing {
      --drawing-height: 48px;
      --drawing-lines: non-scaling-stroke;
      --drawing-contour: 2.2;
      --drawing-line: 0.7;
      --drawing-marks: none;
    }
    b {
      display: block;
      font: 650 var(--text-size)/1.15 var(--name);
    }
    small {
      color: var(--soft);
      font-size: var(--small);
    }
    .offer {
      margin: 6px 0 0;
      border-inline-start: 5px solid var(--twine);
      padding-inline-start: 10px;
    }
    .link {
      padding: 6px 0;
      text-align: left;
      text-decoration: none;
      min-height: 44px;
    }
    .none {
      grid-column: 1 / -1;
      margin: 0;
    }
  `,
})
export class KindPicker {
  private readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly piece = inject(PieceAsked);
  private readonly readyCut = inject(ReadyCut);
  private readonly today = inject(Clock).today;
  /** A kind was chosen; still within the press. */
  readonly chosen = output();

  protected readonly search = signal('');
  protected readonly household = inject(HOUSEHOLD_NAME);
  /** What is searched and is no kind's own name may be one of the household's own. */
  protected readonly ownName = computed(() => {
    const name = this.search().trim();
    const isOne = this.found().some((kind) => kind.name.toLowerCase() === name.toLowerCase());
    return name.length > 1 && !isOne && (this.found().length === 0 || /\s/.test(name))
      ? name.charAt(0).toUpperCase() + name.slice(1)
      : '';
  });
  protected readonly showsAll = signal(false);
  protected readonly found = computed(() => findKinds(this.store.kinds(), this.search()));
  protected readonly shown = computed(() => {
    const isFew = this.search().trim() === '' && !this.showsAll();
    const found = this.search().trim() === '' ? mostBought(this.found(), this.store.pieces()) : this.found();
    return found.slice(0, isFew ? SHOWN_KINDS : undefined).map((kind) => ({ kind, note: this.noteOf(kind) }));
  });

  /** Whole pieces to ask for since something of them is on offer; the first few. */
  protected readonly offers = computed(() =>
    offersTogether(this.readyCut.basis().pricing.book, this.store.kinds(), this.today())
      .slice(0, SHOWN_OFFERS)
      .map((offer) => ({ id: offer.kinds[0].id, says: worthAskingWords(offer, this.format) })),
  );

  /** Up to which price it is worth it; what else it is called where that is not known. */
  private noteOf(kind: Kind): string {
    const even = evenMoney(this.store.state(), kind.id, this.readyCut.basis(), this.today());
    if (!even) return kind.synonyms.slice(0, 2).join(', ');
    return `to ${this.format.perUnit(even.perKgMinor)}`;
  }

  /** Enter takes what was found first, and stays in no field that is gone. */
  protected chooseFound(event: Event): void {
    const [first] = this.found();
    event.stopPropagation();
    event.preventDefault();
    if (this.search().trim() !== '' && first) this.choose(first);
  }

  protected chooseById(id: string): void {
    this.piece.change(id);
    this.chosen.emit();
  }

  protected choose(kind: Kind): void {
    this.chooseById(kind.id);
  }
}

/** Those bought most often first; of two bought as often, the order of the catalogue. */
function mostBought(kinds: readonly Kind[], pieces: readonly Pick<Lot, 'kind'>[]): Kind[] {
  const count = rollup(
    pieces,
    (all) => all.length,
    ({ kind }) => kind,
  );
  return [...kinds].sort((a, b) => (count.get(b.id) ?? 0) - (count.get(a.id) ?? 0));
}
