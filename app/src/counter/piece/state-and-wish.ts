import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Kind, Part } from '@core/catalogue/kind-schema';
import { partsOfWay } from '@core/catalogue/parts-of-way';
import { BOUGHT_SO, soldAs } from '@core/catalogue/sold-as';
import { otherSchool, waysByFamily } from '@core/catalogue/ways-by-family';
import type { KindWish } from '@core/cost/kind-wish';
import { saySkin } from '@core/deeds/change-settings';
import { wishOfKind } from '@core/deeds/wish-of-kind';
import type { Destination } from '@core/ledger/destination';
import { HouseholdStore } from '../../household/household-store';
import { Check } from '../../ui/field/check';
import { Choice, type Options } from '../../ui/field/choice';
import { Few } from '../../ui/field/few';
import { PieceAsked } from './piece-asked';

const WORDS: Readonly<Partial<Record<Destination, string>>> = {
  second: 'kept as it is',
  thin: 'stir-fry',
  stew: 'stew',
  grind: 'mince',
  stock: 'stock',
  render: 'melted',
  bin: 'thrown away',
};
/** Where lesser parts may go, by where they usually do; what is main stays it. */
const MAY_GO: Readonly<Partial<Record<Destination, readonly Destination[]>>> = {
  second: ['second', 'thin', 'stew', 'grind', 'stock', 'bin'],
  thin: ['thin', 'stew', 'grind', 'bin'],
  stew: ['stew', 'grind', 'stock', 'bin'],
  grind: ['grind', 'stew', 'stock', 'bin'],
  stock: ['stock', 'bin'],
  render: ['render', 'grind', 'bin'],
};

/** In which state the piece is sold, and where its lesser parts go: the answer follows, and it is kept for the next time. */
@Component({
  selector: 'v-state-and-wish',
  imports: [Check, Choice, Few],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (sold(); as state) {
      <v-few
        [label]="state.question"
        [options]="state.kinds"
        [value]="kind().id"
        (valueChange)="piece.choose($event)"
      />
    }
    @for (choice of questions(); track choice.question) {
      <v-few
        [label]="choice.question"
        [options]="choice.answers"
        [value]="choice.answer"
        (valueChange)="buys(choice.question, $event)"
      />
    }
    @for (mark of states(); track mark.id) {
      <v-check [value]="isSo(mark.id)" (valueChange)="isSold(mark.id, $event)">{{ mark.name }}</v-check>
    }
    @if (hasSkin()) {
      <v-check [value]="eatsSkin()" (valueChange)="eats($event)">You eat the skin</v-check>
    }
    <div class="goes">
      @for (part of lesser(); track part.id) {
        <v-choice
          [label]="part.name"
          [options]="mayGo(part)"
          [value]="goesTo(part)"
          (valueChange)="goes(part, $event)"
        />
      }
    </div>
    <p class="soft">Kept for the next {{ kind().name.toLowerCase() }}.</p>
  `,
  styles: `
    :host {
      display: grid;
      gap: 12px;
    }
    .goes {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(min(100%, 210px), 1fr));
      gap: 10px 16px;
    }
    p {
      margin: 0;
    }
  `,
})
export class StateAndWish {
  private readonly store = inject(HouseholdStore);
  protected readonly piece = inject(PieceAsked);
  readonly kind = input.required<Kind>();

  private readonly wish = computed((): KindWish => this.store.basis().wishes?.get(this.kind().id) ?? {});
  private readonly way = computed(() => {
    const { ways } = this.kind();
    return ways.find(({ id }) => id === this.piece.wayId()) ?? ways[0];
  });
  protected readonly sold = computed(() => soldAs(this.kind().id));
  private readonly family = computed(() => {
    const way = this.way();
    return waysByFamily(this.kind()).find(({ ways }) => ways.some(({ id }) => id === way?.id));
  });
  protected readonly questions = computed(() =>
    (this.family()?.choices ?? [])
      .filter(({ question }) => BOUGHT_SO.has(question))
      .map(({ question, answers }) => ({
        question,
        answers: answers.map((answer) => [answer, answer] as const),
        answer: this.way()?.schools?.[question] ?? '',
      })),
  );
  protected readonly states = computed(() => this.kind().marks.filter(({ state }) => state));
  protected readonly lesser = computed(() => {
    const way = this.way();
    return way
      ? partsOfWay(this.kind(), way).filter(
          ({ id, destination }) => way.shares[id] !== undefined && MAY_GO[destination] !== undefined,
        )
      : [];
  });

  protected readonly hasSkin = computed(() => {
    const way = this.way();
    return way !== undefined && partsOfWay(this.kind(), way).some(({ skin = 0 }) => skin > 0);
  });
  protected readonly eatsSkin = computed(() => this.store.settings().skin !== 'left');

  protected eats(skin: boolean): void {
    void this.store.perform(saySkin(skin ? 'eaten' : 'left'));
  }

  protected mayGo({ destination }: Part): Options<Destination> {
    return (MAY_GO[destination] ?? []).map((to) => [to, WORDS[to] ?? to] as const);
  }

  protected goesTo({ id, destination }: Part): Destination {
    return this.wish().goes?.[id] ?? destination;
  }

  protected isSo(state: string): boolean {
    return this.wish().states?.includes(state) ?? false;
  }

  protected buys(question: string, answer: string): void {
    const [family, way] = [this.family(), this.way()];
    if (!family || !way) return;
    const other = otherSchool(family, way, question, answer).id;
    this.piece.isCut(other);
    void this.keep({ way: other });
  }

  protected isSold(state: string, is: boolean): void {
    const others = (this.wish().states ?? []).filter((each) => each !== state);
    void this.keep({ states: is ? [...others, state] : others });
  }

  protected goes({ id, destination }: Part, to: Destination): void {
    const { [id]: _, ...others } = this.wish().goes ?? {};
    void this.keep({ goes: to === destination ? others : { ...others, [id]: to } });
  }

  private async keep(wish: KindWish): Promise<void> {
    await this.store.perform(wishOfKind(this.kind().id, wish));
  }
}
