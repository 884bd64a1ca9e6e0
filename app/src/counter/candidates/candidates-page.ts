import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { KINDS } from '@core/catalogue/kinds';
import type { Kind } from '@core/catalogue/kind-schema';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { goingPrice } from '@core/price/going-price';
import { rankCandidates, type Candidate } from '@core/yield/candidates';
import { habitOfWay, kindAndWay } from '@core/yield/prediction';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { MarksSeen } from '../label/marks-seen';
import { ReadyCut } from '../answer/ready-cut';
import { draftOf } from '../../ui/form/draft-of';

interface Typed {
  readonly id: number;
  readonly weight: string;
  readonly price: string;
  readonly marks: readonly string[];
}

const MOST = 4;

/** Up to four actual pieces side by side: which one, and what decides it. */
@Component({
  selector: 'v-candidates-page',
  imports: [FormsModule, MarksSeen],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <header>
        <h1>Side by side</h1>
        <p>Ask for two or three to choose from; it is fine to say no to all of them.</p>
      </header>
      <div class="choice">
        <div class="field">
          <label for="kind">Kind</label>
          <select id="kind" class="text" [ngModel]="kind().id" (ngModelChange)="choose($event)">
            @for (each of kinds(); track each.id) {
              <option [value]="each.id">{{ each.name }}</option>
            }
          </select>
        </div>
        <div class="field">
          <label for="way">Cut how</label>
          <select id="way" class="text" [(ngModel)]="wayId">
            @for (each of kind().ways; track each.id) {
              <option [value]="each.id">{{ each.name }}</option>
            }
          </select>
        </div>
      </div>
      @if (decision(); as text) {
        <p class="decision" role="status">{{ text }}</p>
      }
      <div class="side">
        @for (each of typed(); track each.id; let index = $index) {
          <section
            [class.best]="rankOf(each.id) === 1 && ranked().length > 1"
            [attr.aria-label]="'Piece ' + letter(index)"
          >
            <header class="top">
              <h2>{{ letter(index) }}</h2>
              @if (rankOf(each.id); as rank) {
                <span>{{ rank === 1 ? (ranked().length > 1 ? 'take this one' : '') : 'no. ' + rank }}</span>
              }
              @if (typed().length > 2) {
                <button type="button" class="link" (click)="remove(each.id)">
                  take out<span class="visually-hidden"> piece {{ letter(index) }}</span>
                </button>
              }
            </header>
            <div class="pair">
              <div class="field">
                <label [for]="'w' + each.id">Weight</label
                ><input
                  [id]="'w' + each.id"
                  class="text"
                  [placeholder]="'in ' + format.priceUnit()"
                  [ngModel]="each.weight"
                  (ngModelChange)="set(each.id, { weight: $event })"
                />
              </div>
              <div class="field">
                <label [for]="'p' + each.id">For a {{ format.priceUnit() }}</label
                ><input
                  [id]="'p' + each.id"
                  class="text"
                  inputmode="decimal"
                  [placeholder]="goingText()"
                  [ngModel]="each.price"
                  (ngModelChange)="set(each.id, { price: $event })"
                />
              </div>
            </div>
            @if (problemOf(each); as problem) {
              <p class="bad">{{ problem }}</p>
            }
            @if (resultOf(each.id); as result) {
              <dl>
                <div class="loud">
                  <dt>a usable {{ format.priceUnit() }}</dt>
                  <dd>{{ format.perUnit(result.perUsableKgMinor).split('/')[0] }}</dd>
                </div>
                <div>
                  <dt>usable</dt>
                  <dd>
                    {{ format.mass(result.usableDg) }}
                    <small class="soft">{{ format.percent(result.usableShare, 0) }}</small>
                  </dd>
                </div>
                <div>
                  <dt>main cut</dt>
                  <dd>{{ format.mass(result.mainDg) }}</dd>
                </div>
                <div>
                  <dt>you pay</dt>
                  <dd>{{ format.money(result.paidMinor) }}</dd>
                </div>
                <div>
                  <dt>would save</dt>
                  <dd [class.bad]="result.savingMinor !== null && result.savingMinor < 0">
                    {{ result.savingMinor === null ? 'open' : format.wholeMoney(result.savingMinor) }}
                    @if (result.savingMinor === null) {
                      <small class="soft">prices ready cut are missing: see Worth it?</small>
                    }
                  </dd>
                </div>
              </dl>
            }
            <v-marks-seen
              [kind]="kind()"
              legend="Seen on it"
              [seen]="each.marks"
              (seenChange)="set(each.id, { marks: $event })"
            />
          </section>
        }
        @if (typed().length < most) {
          <button type="button" class="quiet more" (click)="add()">Add another</button>
        }
      </div>
    </div>
  `,
  styles: `
    .choice {
      display: flex;
      gap: 16px;
      flex-wrap: wrap;
      margin-bottom: 16px;
    }
    .choice .field {
      min-width: 220px;
    }
    .decision {
      font: 650 var(--large)/1.3 var(--name);
      border-left: 5px solid var(--good);
      padding-left: 14px;
      margin: 0 0 18px;
      max-width: 60ch;
    }
    .side {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(min(100%, 240px), 1fr));
      gap: 14px;
      align-items: start;
    }
    section {
      background: var(--sheet);
      border: 1.5px solid var(--line);
      border-radius: 3px;
      padding: 14px 16px;
      min-width: 0;
    }
    section.best {
      border-color: var(--ink);
      box-shadow: inset 0 6px 0 var(--good);
    }
    .top {
      display: flex;
      align-items: baseline;
      gap: 10px;
    }
    .top span {
      font-weight: 650;
    }
    .top .link {
      margin-left: auto;
    }
    .link {
      background: none;
      border: 0;
      font: inherit;
      color: var(--soft);
      text-decoration: underline;
      cursor: pointer;
      min-height: 34px;
    }
    .pair {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 10px;
      margin-bottom: 12px;
    }
    dl {
      margin: 0 0 14px;
      border-top: 1px solid var(--line);
      border-bottom: 1px solid var(--line);
      padding: 8px 0;
    }
    dl div {
      display: flex;
      justify-content: space-between;
      gap: 8px;
      align-items: baseline;
      line-height: 1.7;
    }
    dt {
      color: var(--soft);
    }
    dd {
      margin: 0;
      font-weight: 600;
    }
    .loud dd {
      font-size: var(--head);
      letter-spacing: -0.02em;
      line-height: 1.2;
    }
    .more {
      min-height: 120px;
      border-style: dashed;
    }
  `,
})
export class CandidatesPage {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly readyCut = inject(ReadyCut);
  private readonly clock = inject(Clock);
  protected readonly kinds = this.store.kinds;
  protected readonly most = MOST;

  protected readonly kind = signal<Kind>(KINDS[0] as Kind);
  protected readonly wayId = draftOf(
    () => this.kind().ways[0]?.id ?? '',
    () => this.kind().id,
  );
  protected readonly typed = linkedSignal<Kind, readonly Typed[]>({
    source: this.kind,
    computation: () => [blank(1), blank(2)],
  });

  private readonly asked = computed(
    () => kindAndWay(this.kind().id, this.wayId()) ?? { kind: this.kind(), way: this.kind().ways[0]! },
  );
  private readonly habit = computed(() => habitOfWay(this.store.state(), this.asked()));
  private readonly going = computed(
    () =>
      goingPrice(this.readyCut.basis().pricing.book, wholePieceItem(this.kind().id), this.clock.today())
        ?.perKgMinor ?? null,
  );
  protected readonly goingText = computed(() =>
    this.going() === null ? this.format.currencySign() : `going ${this.format.plainPerUnit(this.going()!)}`,
  );

  protected readonly ranked = computed(() => {
    const candidates = this.typed().flatMap((each): Candidate[] => {
      const massDg = this.format.parseMass(each.weight, 'large')?.massDg ?? 0;
      const perKgMinor = each.price.trim() === '' ? this.going() : this.format.parsePerUnit(each.price);
      return massDg > 0 && perKgMinor !== null && perKgMinor > 0
        ? [{ id: String(each.id), massDg, perKgMinor, marks: each.marks }]
        : [];
    });
    return rankCandidates(this.asked(), this.habit(), this.readyCut.basis(), candidates, this.clock.today());
  });

  protected readonly decision = computed(() => {
    const [first, second] = this.ranked();
    if (!first || !second) return null;
    const name = (id: string): string =>
      this.letter(this.typed().findIndex((each) => String(each.id) === id));
    const difference = second.perUsableKgMinor - first.perUsableKgMinor;
    if (Math.abs(difference) < first.perUsableKgMinor * 0.005) {
      const gain =
        ((first.savingMinor ?? 0) / first.candidate.massDg -
          (second.savingMinor ?? 0) / second.candidate.massDg) *
        10_000;
      if (gain < first.perUsableKgMinor * 0.005)
        return `${name(first.candidate.id)} and ${name(second.candidate.id)} come to the same. Take the one that you like to look at.`;
      return `${name(first.candidate.id)}: a usable ${this.format.priceUnit()} costs the same as of ${name(second.candidate.id)}, but more of it is the main cut, worth ${this.format.perUnit(gain)} more.`;
    }
    const yields = first.usableShare - second.usableShare;
    const price = second.candidate.perKgMinor - first.candidate.perKgMinor;
    const by = `a usable ${this.format.priceUnit()} comes ${this.format.money(Math.round(difference * this.format.kgPerUnit()))} cheaper`;
    if (price > 0 && yields >= -0.0005)
      return `${name(first.candidate.id)}: ${by} than of ${name(second.candidate.id)}. ${yields > 0.0005 ? 'Both its price and what it yields decide it.' : 'Its price decides it.'}`;
    if (price <= 0 && yields > 0)
      return `${name(first.candidate.id)}: ${by} than of ${name(second.candidate.id)}, ${price < 0 ? 'though it is dearer: ' : ''}${this.format.percent(yields, 1)} more of it is usable.`;
    return `${name(first.candidate.id)}: ${by} than of ${name(second.candidate.id)}, though ${this.format.percent(-yields, 1)} less of it is usable. Its price decides it.`;
  });

  protected choose(id: string): void {
    const kind = this.kinds().find((each) => each.id === id);
    if (kind) this.kind.set(kind);
  }

  protected set(id: number, part: Partial<Typed>): void {
    this.typed.update((typed) => typed.map((each) => (each.id === id ? { ...each, ...part } : each)));
  }

  protected add(): void {
    this.typed.update((typed) => [...typed, blank(Math.max(...typed.map(({ id }) => id)) + 1)]);
  }

  protected remove(id: number): void {
    this.typed.update((typed) => typed.filter((each) => each.id !== id));
  }

  protected letter(index: number): string {
    return 'ABCD'[index] ?? '';
  }

  protected rankOf(id: number): number {
    return this.ranked().findIndex(({ candidate }) => candidate.id === String(id)) + 1;
  }

  protected resultOf(id: number) {
    return this.ranked().find(({ candidate }) => candidate.id === String(id));
  }

  protected problemOf({ weight, price }: Typed): string {
    if (weight.trim() !== '' && !((this.format.parseMass(weight, 'large')?.massDg ?? 0) > 0))
      return 'That is not a weight.';
    if (price.trim() !== '' && !((this.format.parsePerUnit(price) ?? 0) > 0)) return 'That is not a price.';
    return weight.trim() !== '' && price.trim() === '' && this.going() === null
      ? 'Type its price: none is known.'
      : '';
  }
}

const blank = (id: number): Typed => ({ id, weight: '', price: '', marks: [] });
