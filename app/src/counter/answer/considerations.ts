import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { keepingOf, middleMonths, type Keeping } from '@core/cold/keeping';
import { roomOfAll } from '@core/freeze/room';
import { portionsWords } from '@core/format/candidate-words';
import { meanPlateDg } from '@core/pack/eater';
import { meatPerWeekDg } from '@core/pack/pace';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';
import { minutesHere } from '../../household/minutes-here';
import { PieceAsked } from '../piece/piece-asked';
import { AnswerNow } from './answer-now';

/** A question that a buyer has, and what is known of it. */
interface Consideration {
  readonly name: string;
  readonly value: string;
  readonly note: string;
}

/** What else one would think of before buying: dinners, weeks, the freezer, the work. */
@Component({
  selector: 'v-considerations',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <dl>
      @for (each of all(); track each.name) {
        <div>
          <dt>{{ each.name }}</dt>
          <dd>
            {{ each.value }}<small>{{ each.note }}</small>
          </dd>
        </div>
      }
    </dl>
  `,
  styles: `
    dl {
      margin: 0;
    }
    div {
      display: flex;
      justify-content: space-between;
      gap: 12px;
      align-items: baseline;
      padding: 5px 0;
    }
    dt {
      color: var(--soft);
      flex: none;
    }
    dd {
      margin: 0;
      text-align: right;
      font-weight: 650;
    }
    small {
      display: block;
      font: 400 var(--small) var(--text);
      color: var(--soft);
    }
  `,
})
export class Considerations {
  private readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly minutesOf = minutesHere();
  private readonly piece = inject(PieceAsked);
  private readonly answer = inject(AnswerNow);
  private readonly today = inject(Clock).today;

  /** Raw boneless meat that it is expected to give. */
  private readonly meatDg = computed(
    () => (this.answer.prediction()?.meat.share ?? 0) * this.answer.massDg(),
  );
  private readonly pace = computed(() =>
    meatPerWeekDg(this.store.state(), this.today(), this.store.settings().skin),
  );
  protected readonly all = computed(() =>
    [this.dinners(), this.weeks(), this.room(), this.work()].filter((each) => each !== null),
  );

  private dinners(): Consideration {
    const eaters = Math.max(1, this.store.settings().eaters.length);
    const portions = this.meatDg() / meanPlateDg(this.store.settings());
    const dinners = portions / eaters;
    const shown = this.format.number(dinners, dinners >= 10 ? 0 : 1);
    return {
      name: 'makes',
      value: `${shown} ${shown === this.format.number(1, 1) ? 'dinner' : 'dinners'} for ${eaters}`,
      note: portionsWords(portions, this.format),
    };
  }

  private weeks(): Consideration | null {
    if (this.pace() === 0) return null;
    const weeks = this.meatDg() / this.pace();
    const keeping = this.keeping();
    return {
      name: 'lasts',
      value: `${this.format.number(weeks, weeks < 3 ? 1 : 0)} weeks`,
      note: keeping
        ? `at your pace; best within about ${this.format.number(middleMonths(keeping), 0)} months`
        : 'at your pace',
    };
  }

  /** How its main cut keeps. */
  private keeping(): Keeping | null {
    const kind = this.piece.kind();
    if (!kind) return null;
    const part = kind.parts.find(({ destination }) => destination === 'main')?.id ?? null;
    return keepingOf({
      animal: kind.animal,
      destination: 'main',
      part,
      kind: kind.id,
      form: 'part',
      name: null,
      prepared: null,
    });
  }

  private room(): Consideration {
    const { store, format } = this;
    const room = roomOfAll(store.appliances(), store.stock(), store.settings().freezerL);
    if (!room) return { name: 'freezer', value: 'size unknown', note: 'set it in the Freezer, under Places' };
    const lost = this.answer.prediction()?.parts.at(-1)?.share ?? 0;
    const neededDg = this.answer.massDg() * (1 - lost);
    if (neededDg > room.freeDg && !room.atLeast)
      return {
        name: 'freezer',
        value: 'it does not fit',
        note: `room for ${format.roughMass(room.freeDg)} only`,
      };
    const days = Math.ceil(neededDg / room.perDayDg);
    const isLong = days - 1 > (this.keeping()?.days[1] ?? 2);
    const waits = isLong
      ? `; that would take ${days} days to freeze: longer than it keeps fresh`
      : `; freeze it over ${days} days, the rest in the refrigerator`;
    const isKnown = neededDg <= room.freeDg;
    return {
      name: 'freezer',
      value: isKnown ? 'it fits' : 'may not fit',
      note: `room for ${room.atLeast ? 'at least ' : ''}${format.roughMass(room.freeDg)}${isKnown && days > 1 ? waits : ''}`,
    };
  }

  private work(): Consideration | null {
    const asked = this.answer.asked();
    if (!asked) return null;
    return {
      name: 'work',
      value: `${this.minutesOf()(asked.kind, asked.way) * this.piece.pieces()} minutes`,
      note: asked.kind.knife.enough ? 'a knife is enough' : 'needs a saw: ask the shop',
    };
  }
}
