import toggleswitch from '@primeuix/themes/aura/toggleswitch';
import { ChangeDetectionStrategy, Component, input, output, viewChild } from '@angular/core';
import { ToggleSwitch } from 'primeng/toggleswitch';
import { wears } from '../wears';
import { newFieldId } from './field-id';
import { showsWhatCounts } from './shows-what-counts';

const [sheet, line, ink] = ['var(--sheet)', 'var(--field-line)', 'var(--ink)'];
// Off, it is a field with its lever at the left: to be seen on the paper, and by its place, not by a tint.
const lever = {
  root: { background: sheet, hoverBackground: sheet, checkedBackground: ink, checkedHoverBackground: ink },
  handle: { background: line, hoverBackground: ink, checkedBackground: sheet, checkedHoverBackground: sheet },
};
wears({
  toggleswitch: {
    ...toggleswitch,
    root: {
      ...toggleswitch.root,
      borderRadius: '2px',
      borderColor: line,
      hoverBorderColor: ink,
      checkedBorderColor: ink,
      checkedHoverBorderColor: ink,
    },
    handle: { ...toggleswitch.handle, borderRadius: '1px' },
    colorScheme: { light: lever, dark: lever },
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
