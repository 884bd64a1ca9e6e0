import button from '@primeuix/themes/aura/button';
import dialog from '@primeuix/themes/aura/dialog';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Dialog } from 'primeng/dialog';
import { backCloses } from '../over/back-closes';
import { Ask } from './ask';
import { wears } from '../wears';

wears({ button, dialog });

/** The question that is being asked. Loaded when the first one is. */
@Component({
  selector: 'v-question',
  imports: [Dialog],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (ask.asked(); as asked) {
      <p-dialog
        closeAriaLabel="Close"
        [header]="asked.header"
        [visible]="true"
        (visibleChange)="asked.answer(false)"
        [modal]="true"
        [draggable]="false"
        [role]="'alertdialog'"
        [style]="{ width: '31rem' }"
      >
        <p>{{ asked.message }}</p>
        <div class="acts">
          <button type="button" class="quiet" (click)="asked.answer(false)">Keep as it is</button>
          <button type="button" class="quiet yes" (click)="asked.answer(true)">{{ asked.accept }}</button>
        </div>
      </p-dialog>
    }
  `,
  styles: `
    .acts {
      display: flex;
      gap: 10px;
      justify-content: flex-end;
      flex-wrap: wrap;
      margin-top: 18px;
    }
    .yes {
      background: var(--act);
      color: var(--act-ink);
      border-color: var(--act);
    }
  `,
})
export class QuestionDialog {
  protected readonly ask = inject(Ask);

  constructor() {
    backCloses(
      () => this.ask.asked() !== null,
      () => this.ask.asked()?.answer(false),
    );
  }
}
