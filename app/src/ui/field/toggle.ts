import toggleswitch from '@primeuix/themes/aura/toggleswitch';
import { ChangeDetectionStrategy, Component, input, output, viewChild } from '@angular/core';
import { ToggleSwitch } from 'primeng/toggleswitch';
import { wears } from '../wears';
import { newFieldId } from './field-id';
import { showsWhatCounts } from './shows-what-counts';

const square = { borderRadius: '2px' };
wears({
  toggleswitch: {
    ...toggleswitch,
    root: { ...toggleswitch.root, ...square },
    handle: { ...toggleswitch.handle, ...square },
  },
});

/** What is so or not, and takes effect as it is pressed; what waits for a button is a `v-check`. */
@Component({
  selector: 'v-toggle',
  imports: [ToggleSwitch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'with-words' },
  template: `
    <p-toggleswitch [inputId]="id" (onChange)="tell($event.checked)" />
    <label [for]="id"><ng-content /></label>
  `,
})
export class Toggle {
  readonly value = input.required<boolean>();
  readonly valueChange = output<boolean>();
  protected readonly id = newFieldId();
  private readonly lever = viewChild.required(ToggleSwitch);
  private readonly shown = showsWhatCounts(this.lever, this.value);

  protected tell(isOn: boolean): void {
    this.valueChange.emit(isOn);
    this.shown.showWhatCounts();
  }
}
