import autocomplete from '@primeuix/themes/aura/autocomplete';
import inputtext from '@primeuix/themes/aura/inputtext';
import virtualscroller from '@primeuix/themes/aura/virtualscroller';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  Injector,
  input,
  model,
  signal,
  viewChild,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { OverlayListenerOptions } from 'primeng/api';
import { AutoComplete, type AutoCompleteCompleteEvent } from 'primeng/autocomplete';
import { plainLetters } from '@core/units/plain-letters';
import { newFieldId } from './field-id';
import { Labelled } from './labelled';
import { backCloses } from '../over/back-closes';
import { closesList } from '../over/stays-open';
import { STILL } from '../over/still';
import { wears } from '../wears';

wears({ autocomplete, inputtext, virtualscroller });

/** As many as one looks through; who wants another types on. */
const SHOWN = 60;

/**
 * Words of one's own, with what is known offered while typing: a shop, an item, a currency. Thousands
 * of them are looked through at every key, and the best are shown.
 */
@Component({
  selector: 'v-pick',
  imports: [AutoComplete, FormsModule, Labelled],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'field' },
  template: `
    <v-labelled [of]="id" [label]="label()" [problem]="problem()" [hint]="hint()">
      <p-autocomplete
        [motionOptions]="still"
        [inputId]="id"
        appendTo="body"
        [overlayOptions]="over"
        [suggestions]="found()"
        [dropdown]="known().length > 0"
        dropdownMode="blank"
        [dropdownAriaLabel]="'All of: ' + label()"
        [completeOnFocus]="false"
        [delay]="0"
        [minQueryLength]="1"
        [maxlength]="most()"
        [placeholder]="placeholder()"
        [inputStyleClass]="problem() ? 'wrong' : ''"
        [showEmptyMessage]="false"
        [autoOptionFocus]="false"
        scrollHeight="min(40vh, 320px)"
        (completeMethod)="look($event)"
        (onShow)="isOpen.set(true)"
        (onHide)="isOpen.set(false); opensAgain()"
        (keydown.escape)="isTyping = false"
        (keydown.enter)="isTyping = false"
        (onSelect)="isTyping = false"
        (onBlur)="isTyping = false"
        [ngModel]="value()"
        (ngModelChange)="value.set($event ?? '')"
      />
    </v-labelled>
  `,
})
export class Pick {
  protected readonly still = STILL;
  readonly label = input.required<string>();
  readonly value = model.required<string>();
  readonly known = input.required<readonly string[]>();
  readonly placeholder = input('');
  readonly hint = input('');
  readonly problem = input('');
  readonly most = input(200);
  protected readonly id = newFieldId();

  /** A new one for each look, as the list waits for an answer also where the same is sought again. */
  private readonly sought = signal({ query: '' });
  private readonly index = computed(() => this.known().map((word) => ({ word, plain: plainLetters(word) })));
  /** What begins so first, then what has it within. */
  protected readonly found = computed(() => {
    const sought = plainLetters(this.sought().query).trim();
    const has = this.index().filter((each) => each.plain.includes(sought));
    const begins = has.filter((each) => each.plain.startsWith(sought));
    const within = has.filter((each) => !each.plain.startsWith(sought));
    return [...begins, ...within].slice(0, SHOWN).map(({ word }) => word);
  });

  private readonly injector = inject(Injector);
  private readonly list = viewChild.required(AutoComplete);
  /** Whether what was done last is typing, so that the list is wanted. */
  protected isTyping = false;
  protected readonly over = {
    responsive: undefined,
    // Pressed elsewhere, or scrolled away in what it lies in: it is not wanted then.
    listener: (_event: Event, options?: OverlayListenerOptions): boolean => {
      const closes = closesList(options);
      if (closes) this.isTyping = false;
      return closes;
    },
  };
  protected readonly isOpen = signal(false);

  constructor() {
    backCloses(this.isOpen, () => {
      this.isTyping = false;
      this.list().hide();
    });
  }

  protected look({ query }: AutoCompleteCompleteEvent): void {
    // Who has gone on by now wants no list.
    const isHere = this.list().focused;
    this.isTyping = isHere;
    this.sought.set({ query });
    if (!isHere) afterNextRender(() => this.list().hide(), { injector: this.injector });
  }

  /** The control closes its list a moment after the field was emptied, also where one has typed on by then. */
  protected opensAgain(): void {
    const isWanted = (): boolean => this.isTyping && this.value() !== '' && this.found().length > 0;
    // Once it is seen to be closed: else nothing has changed for what is open below.
    if (isWanted()) afterNextRender(() => isWanted() && this.list().show(), { injector: this.injector });
  }
}
