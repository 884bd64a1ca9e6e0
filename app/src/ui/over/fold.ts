import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, contentChild, input, model, TemplateRef } from '@angular/core';

/** Something that is one press away: it is made when it is first opened. Its content is a template. */
@Component({
  selector: 'v-fold',
  imports: [NgTemplateOutlet],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details #fold [open]="open()" (toggle)="open.set(fold.open)">
      <summary>
        <b>{{ title() }}</b> <span class="soft">{{ note() }}</span>
      </summary>
      @if (open()) {
        <ng-container [ngTemplateOutlet]="content()" />
      }
    </details>
  `,
  styles: `
    :host {
      display: block;
      border-top: 1px solid var(--line);
    }
    summary {
      cursor: pointer;
      min-height: 48px;
      padding: 12px 0;
    }
    b {
      font: 650 var(--large) var(--name);
      margin-inline-end: 8px;
    }
    details[open] {
      padding-bottom: 18px;
    }
  `,
})
export class Fold {
  readonly title = input.required<string>();
  /** What is in there, in a word or two. */
  readonly note = input('');
  readonly open = model(false);
  protected readonly content = contentChild.required(TemplateRef);
}
