import { ChangeDetectionStrategy, Component, input } from '@angular/core';

export type LabelLook = 'above' | 'beside' | 'bare';

/** What a control is called, what is wrong with it, and what helps. The control stands inside. */
@Component({
  selector: 'v-labelled',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label [id]="of() + '-label'" [attr.for]="of()" [class.visually-hidden]="look() === 'bare'">{{
      label()
    }}</label>
    <ng-content />
    @if (problem(); as why) {
      <small class="wrong" role="alert" [id]="of() + '-why'"
        ><i class="pi pi-exclamation-triangle" aria-hidden="true"></i> {{ why }}</small
      >
    } @else if (hint(); as told) {
      <small [id]="of() + '-why'">{{ told }}</small>
    }
  `,
  styles: `
    :host {
      display: contents;
    }
  `,
})
export class Labelled {
  /** The id of the control. */
  readonly of = input.required<string>();
  readonly label = input.required<string>();
  readonly look = input<LabelLook>('above');
  readonly problem = input('');
  readonly hint = input('');
}
