import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { askQuestion, type Question } from '@core/deeds/questions';
import type { SaidAtClosing } from '@core/deeds/work-on-piece';
import { Format } from '@core/format/format';
import type { Options } from '../../ui/field/choice';
import { Few } from '../../ui/field/few';
import { TextField } from '../../ui/field/text-field';

type Loss = SaidAtClosing['loss'];
type Bones = SaidAtClosing['bones'];

/** What is asked before a piece is closed with something odd about it: only what was really lost teaches. */
@Component({
  selector: 'v-closing-questions',
  imports: [Few, FormsModule, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form (ngSubmit)="answer()" autocomplete="off">
      @for (question of questions(); track question.code) {
        <p>{{ words(question) }}</p>
      }
      @if (asksLoss()) {
        <v-few label="What is missing" [options]="losses" [(value)]="loss" />
      }
      @if (asksBones()) {
        <v-few label="The bones" [options]="bonesAre" [(value)]="bones" />
      }
      @if (asksLoss()) {
        <v-text
          label="In a word, where it went"
          placeholder="the dog got a piece, a bone thrown away …"
          [(value)]="reason"
        />
      }
      @if (problem()) {
        <p class="bad" role="alert">{{ problem() }}</p>
      }
      <div class="acts">
        <button type="button" class="quiet" (click)="back.emit()">Keep weighing</button>
        <button type="submit" class="quiet">Finish</button>
      </div>
    </form>
  `,
  styles: `
    form {
      display: grid;
      gap: 12px;
    }
    p {
      margin: 0;
    }
    .acts {
      display: flex;
      justify-content: flex-end;
      gap: 12px;
      margin-top: 6px;
    }
  `,
})
export class ClosingQuestions {
  private readonly format = inject(Format);
  readonly questions = input.required<readonly Question[]>();
  readonly back = output();
  readonly answered = output<SaidAtClosing>();
  protected readonly loss = signal<Loss>(undefined);
  protected readonly bones = signal<Bones>(undefined);
  protected readonly reason = signal('');
  protected readonly problem = signal('');
  protected readonly losses: Options<Loss> = [
    ['not-weighed', 'A tray was not weighed'],
    ['lost', 'It is really lost'],
  ];
  protected readonly bonesAre: Options<Bones> = [
    ['meat-left', 'Meat is left on'],
    ['clean', 'Clean, only heavy'],
  ];
  protected readonly asksLoss = computed(() =>
    this.questions().some(({ code }) => code === 'much-unaccounted'),
  );
  protected readonly asksBones = computed(() => this.questions().some(({ code }) => code === 'much-bone'));

  protected words(question: Question): string {
    return askQuestion(question, (massDg) => this.format.mass(massDg));
  }

  protected answer(): void {
    const [loss, bones, reason] = [this.loss(), this.bones(), this.reason().trim()];
    if (this.asksLoss() && loss === undefined)
      return this.problem.set('Was a tray not weighed, or is it really lost? Choose one.');
    if (this.asksBones() && bones === undefined)
      return this.problem.set('Is meat left on the bones, or are they only heavy? Choose one.');
    this.answered.emit({ ...(reason ? { reason } : {}), loss, bones });
  }
}
