import selectbutton from '@primeuix/themes/aura/selectbutton';
import togglebutton from '@primeuix/themes/aura/togglebutton';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  input,
  output,
  viewChild,
} from '@angular/core';
import { SelectButton } from 'primeng/selectbutton';
import type { Options } from './choice';
import { newFieldId } from './field-id';
import { showsWhatCounts } from './shows-what-counts';
import { wears } from '../wears';

wears({ selectbutton, togglebutton });

const STEP: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** One of a few, all of them in sight. The arrow keys go from one to the next, as among radio buttons. */
@Component({
  selector: 'v-few',
  imports: [SelectButton],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'field', '(keydown)': 'goOn($event)' },
  template: `
    <span class="label" [id]="id" [class.visually-hidden]="look() === 'bare'">{{ label() }}</span>
    <p-selectbutton
      [options]="rows()"
      optionLabel="word"
      optionValue="at"
      [allowEmpty]="false"
      [ariaLabelledBy]="id"
      (onChange)="choose($event.value)"
    />
  `,
})
export class Few<T> {
  readonly label = input.required<string>();
  readonly look = input<'above' | 'bare'>('above');
  readonly options = input.required<Options<T>>();
  readonly value = input.required<T>();
  readonly valueChange = output<T>();
  protected readonly id = newFieldId();
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);

  protected readonly rows = computed(() => this.options().map(([, word], at) => ({ at, word })));
  protected readonly at = computed(() => this.options().findIndex(([id]) => id === this.value()));

  private readonly row = viewChild.required(SelectButton);
  private readonly shown = showsWhatCounts(this.row, this.at);

  protected choose(at: number): void {
    const option = this.options()[at];
    if (option) this.valueChange.emit(option[0]);
    this.shown.showWhatCounts();
  }

  protected goOn(event: KeyboardEvent): void {
    const step = STEP[event.key];
    if (step === undefined) return;
    event.preventDefault();
    const buttons = [...this.host.nativeElement.querySelectorAll<HTMLElement>('[role=button]')];
    const from = buttons.indexOf(document.activeElement as HTMLElement);
    const next = (from + step + buttons.length) % buttons.length;
    this.choose(next);
    buttons[next]?.focus();
  }
}
