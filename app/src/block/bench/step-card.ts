import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import { otherSchool, waysByFamily } from '@core/catalogue/ways-by-family';
import { Board } from './board';
import { Hand } from './hand';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { BenchActs } from './bench-acts';
import { slicedAs } from '@core/slice/first-request';
import { isLog } from '@core/slice/usual-log';
import { asOptions, Choice } from '../../ui/field/choice';

/** What to do now: the step, how the hand knows, and the caution where it matters. */
@Component({
  selector: 'v-step-card',
  imports: [Choice, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="step">
      <span class="n"
        ><span class="visually-hidden">step </span>{{ hand.step() + 1 }}<span aria-hidden="true">/</span
        ><span class="visually-hidden"> of </span>{{ board.steps().length }}</span
      >
      <h1>{{ format.told(hand.currentStep()?.title ?? '') }}</h1>
      <span class="turn">
        <button
          type="button"
          class="quiet"
          [disabled]="hand.step() === 0"
          (click)="hand.goStep(-1)"
          aria-label="Step before"
        >
          ‹
        </button>
        <button
          type="button"
          class="quiet"
          [disabled]="hand.step() >= board.steps().length - 1"
          (click)="hand.goStep(1)"
          aria-label="Next step"
        >
          ›
        </button>
      </span>
    </div>
    <div class="how">
      <p class="hint">
        {{ format.told(hand.currentStep()?.how ?? '') }}
        @if (hand.currentStep()?.feel; as feel) {
          <i>{{ format.told(feel) }}</i>
        }
      </p>
      @if (hand.currentStep()?.caution; as caution) {
        <p class="caution">{{ format.told(caution) }}</p>
      }
      @if (isChanging) {
        <div class="way">
          <v-choice
            label="Way to cut"
            [options]="familyNames()"
            [value]="family()?.name ?? ''"
            (valueChange)="chooseFamily($event)"
          />
          @for (choice of family()?.choices; track choice.question) {
            <v-choice
              [label]="choice.question"
              [options]="asOptions(choice.answers)"
              [value]="board.way()?.schools?.[choice.question] ?? ''"
              (valueChange)="chooseSchool(choice.question, $event)"
            />
          }
          <button type="button" class="quiet" (click)="isChanging = false">Done</button>
        </div>
      } @else {
        @if (isSliced() && nextSlice(); as next) {
          <p class="cut">
            <span
              >Next cut <b>{{ format.length(round(next.thicknessMm)) }}</b> from the end:
              <b>{{ format.mass(round(next.massG) * 10) }}</b><span class="soft">
                ({{ format.roughSpan(next.lowG * 10, next.highG * 10) }})</span
              ></span
            >
            <a [routerLink]="['/', household, 'block', board.piece()?.id, 'slices']">The plan</a>
          </p>
        }
        <p class="ways">
          <button type="button" class="waybutton" (click)="isChanging = true">
            {{ board.way()?.name }} · change the way
          </button>
          @if (board.canSplit()) {
            <button type="button" class="waybutton" (click)="splitting.emit()">Cut some another way</button>
          }
          @if (isSliced() && !nextSlice()) {
            <a class="way-on" [routerLink]="['/', household, 'block', board.piece()?.id, 'slices']"
              >Plan where to cut</a
            >
          }
          @if (hand.currentStep()?.aid === 'even-thickness') {
            <a [routerLink]="['/', household, 'craft', 'thickness']">How deep? Measure its thickness</a>
          }
        </p>
      }
    </div>
  `,
  styles: `
    /* Its two halves stand where the page puts them: the title above the drawing, the words where there is room. */
    :host {
      display: contents;
    }
    .how {
      grid-area: how;
      margin: var(--how-margin, 0);
    }
    .step {
      grid-area: title;
      margin: var(--how-margin, 0);
      padding-top: 8px;
      display: flex;
      gap: 14px;
      align-items: center;
    }
    .n {
      font-weight: 600;
      font-size: var(--small);
      color: var(--soft);
      white-space: nowrap;
    }
    h1 {
      flex: 1;
    }
    .turn {
      display: flex;
      gap: 6px;
    }
    .turn .quiet {
      width: 56px;
      padding: 0;
      font-size: var(--large);
    }
    .hint {
      margin: 4px 0 0;
      font-size: var(--text-size);
      max-width: 72ch;
      line-height: 1.34;
    }
    .hint i {
      color: var(--soft);
    }
    .caution {
      margin: 6px 0 0;
      max-width: 76ch;
      font-size: var(--text-size);
      line-height: 1.3;
    }
    .cut {
      margin: 6px 0 0;
      padding: 6px 12px;
      border: 1.5px solid var(--ink);
      background: var(--sheet);
      display: flex;
      justify-content: space-between;
      gap: 16px;
      font-size: var(--text-size);
      line-height: 1.2;
      max-width: none;
    }
    .cut b {
      font-size: var(--large);
    }
    .cut a {
      align-self: center;
      font-size: var(--text-size);
      font-weight: 600;
    }
    .ways {
      margin: 4px 0 0;
      display: flex;
      gap: 18px;
      flex-wrap: wrap;
      align-items: center;
      font-size: var(--small);
    }
    .ways a {
      font-weight: 600;
    }
    .waybutton {
      background: none;
      border: 0;
      padding: 0;
      min-height: 26px;
      font: inherit;
      font-size: var(--small);
      color: var(--soft);
      text-decoration: underline;
      text-underline-offset: 3px;
      cursor: pointer;
      text-align: left;
    }
    .way {
      display: flex;
      flex-wrap: wrap;
      gap: 10px;
      margin-top: 8px;
      align-items: end;
    }
    .way .field {
      flex: 1 1 180px;
    }
    @media (max-width: 699px) {
      .step {
        gap: 10px;
        padding-top: 4px;
      }
      h1 {
        font-size: var(--text-size);
      }
      .turn .quiet {
        width: 44px;
        min-height: 44px;
      }
      .waybutton {
        min-height: 44px;
      }
    }
  `,
})
export class StepCard {
  protected readonly board = inject(Board);
  protected readonly hand = inject(Hand);
  private readonly acts = inject(BenchActs);
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly format = inject(Format);
  protected readonly round = Math.round;
  protected readonly asOptions = asOptions;
  protected readonly familyNames = computed(() => asOptions(this.families().map(({ name }) => name)));
  /** A log is sliced into portions now. */
  protected readonly isSliced = computed(
    () =>
      this.hand.currentPart()?.portion !== undefined &&
      isLog(slicedAs(this.board.piece())) &&
      !this.board.mustDrain(),
  );
  /** Some of several are to be cut another way. */
  readonly splitting = output();
  protected isChanging = false;

  protected readonly nextSlice = this.hand.nextSlice;

  protected readonly families = computed(() => waysByFamily(this.board.kind() ?? { ways: [] }));
  protected readonly family = computed(() =>
    this.families().find(({ ways }) => ways.some(({ id }) => id === this.board.way()?.id)),
  );

  protected async chooseFamily(name: string): Promise<void> {
    const way = this.families().find((each) => each.name === name)?.ways[0];
    if (way) await this.acts.changeWay(way.id);
  }

  protected async chooseSchool(question: string, answer: string): Promise<void> {
    const [family, way] = [this.family(), this.board.way()];
    if (family && way) await this.acts.changeWay(otherSchool(family, way, question, answer).id);
  }
}
