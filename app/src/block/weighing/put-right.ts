import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { lotName } from '@core/catalogue/lot-name';
import {
  callIt,
  correctCount,
  correctWeight,
  prepareAs,
  PREPARED_WORDS,
  renamePack,
  sendTo,
} from '@core/deeds/correct-cut';
import { Format } from '@core/format/format';
import { countReader, readText, typedMassReader } from '@core/format/readers';
import type { Prepared } from '@core/ledger/entry';
import { DESTINATION_IDS, type Destination } from '@core/ledger/destination';
import type { Lot } from '@core/ledger/lot';
import { typedAs } from '@core/ledger/typed-as';
import type { TypedMass } from '@core/units/parse-mass';
import { shortNumber } from '@core/label/short-number';
import { partOf } from '@core/catalogue/kinds';
import { HouseholdStore } from '../../household/household-store';
import { asOptions, Choice, type Options } from '../../ui/field/choice';
import { Field } from '../../ui/field/field';
import { BenchActs } from '../bench/bench-acts';
import { Board } from '../bench/board';

/** One weighing: its part, where it goes, its weight and how many it was, each put right by itself; or all of it taken out. */
@Component({
  selector: 'v-put-right',
  imports: [Choice, Field],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="pairs">
      <v-field
        label="Right weight"
        keys="decimal"
        [value]="typed()"
        [read]="readMass"
        (changed)="weigh($event)"
      />
      <v-field
        label="How many"
        keys="numeric"
        [value]="'' + cut().count"
        [read]="readCount"
        (changed)="count($event)"
      />
      <v-choice label="It is" [options]="parts()" [value]="cut().part ?? ''" (valueChange)="call($event)" />
      <v-choice
        label="It goes to"
        [options]="destinations"
        [value]="cut().destination"
        (valueChange)="send($event)"
      />
      <v-choice
        label="Prepared"
        [options]="prepared()"
        [value]="isPrepared()"
        (valueChange)="prepare($event)"
      />
    </div>
    @for (pack of packs(); track pack.id) {
      <v-field
        class="pack"
        [label]="'Written on its pack ' + signs(pack)"
        [most]="200"
        [value]="lotName(pack)"
        [read]="readText"
        (changed)="rename(pack, $event)"
      />
    }
    @if (cut().count > 1) {
      <p class="soft">Weighed together: {{ format.mass(cut().inDg / cut().count) }} each, more or less.</p>
    }
    <div class="acts">
      <button
        type="button"
        class="quiet"
        [attr.aria-label]="'Take out ' + name()"
        (click)="acts.takeOut(cut())"
      >
        Take it out
      </button>
      <button type="button" class="quiet" (click)="done.emit()">Done</button>
    </div>
  `,
  styles: `
    .pairs {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 14px;
    }
    .pack {
      margin-top: 14px;
    }
    .acts {
      display: flex;
      justify-content: space-between;
      gap: 10px;
      margin-top: 18px;
    }
    @media (max-width: 480px) {
      .pairs {
        grid-template-columns: 1fr;
      }
    }
  `,
})
export class PutRight {
  private readonly board = inject(Board);
  private readonly store = inject(HouseholdStore);
  protected readonly acts = inject(BenchActs);
  protected readonly format = inject(Format);
  readonly cut = input.required<Lot>();
  readonly done = output();
  protected readonly destinations = asOptions(DESTINATION_IDS);
  protected readonly readMass = typedMassReader(this.format, 'small');
  /** As it was typed; what a scale gave, as it is written here. */
  protected readonly typed = computed(
    () => typedAs(this.store.household().journal, this.cut()) ?? this.format.mass(this.cut().inDg),
  );
  protected readonly readCount = countReader(1, 1000);
  protected readonly name = computed(() => `${lotName(this.cut())}, ${this.format.mass(this.cut().inDg)}`);
  /** The parts of this way, and what it was called where that is none of them. */
  protected readonly parts = computed((): Options<string> => {
    const known = this.board.parts().map(({ id, name }) => [id, name] as const);
    const own = this.cut().part ?? '';
    return known.some(([id]) => id === own) ? known : [...known, [own, lotName(this.cut())]];
  });

  protected readonly isPrepared = computed((): Prepared | '' => this.cut().prepared ?? '');
  /** How long it keeps hangs on it: strips and dice a day or two, cutlets as steaks. */
  protected readonly prepared = computed((): Options<Prepared | ''> => [
    ...(this.cut().prepared === null ? ([['', 'as it goes']] as const) : []),
    ...(Object.keys(PREPARED_WORDS) as Prepared[]).map((each) => [each, PREPARED_WORDS[each]] as const),
  ]);

  protected readonly readText = readText;
  protected readonly lotName = lotName;
  /** The packs that it went into by itself. */
  protected readonly packs = computed(() =>
    this.cut().flows.flatMap(({ lot = '' }) => {
      const pack = this.store.state().lots.get(lot);
      return pack?.form === 'pack' && pack.sources.length === 1 ? [pack] : [];
    }),
  );

  protected signs(pack: Lot): string {
    return shortNumber(pack.id);
  }

  protected async rename(pack: Lot, name: string): Promise<void> {
    if (name !== lotName(pack)) await this.store.perform(renamePack(pack, name));
  }

  protected async call(id: string): Promise<void> {
    const part = partOf(this.board.kind(), id);
    if (part && id !== this.cut().part) await this.store.perform(callIt(this.cut(), part, this.format));
  }

  protected async send(destination: Destination): Promise<void> {
    if (destination !== this.cut().destination) await this.store.perform(sendTo(this.cut(), destination));
  }

  protected async prepare(as: Prepared | ''): Promise<void> {
    if (as !== '' && as !== this.cut().prepared) await this.store.perform(prepareAs(this.cut(), as));
  }

  protected async weigh(mass: TypedMass): Promise<void> {
    await this.store.perform(correctWeight(this.cut(), mass, this.format));
  }

  protected async count(count: number): Promise<void> {
    await this.store.perform(correctCount(this.cut(), count));
  }
}
