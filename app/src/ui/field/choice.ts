import inputtext from '@primeuix/themes/aura/inputtext';
import select from '@primeuix/themes/aura/select';
import virtualscroller from '@primeuix/themes/aura/virtualscroller';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DOCUMENT,
  ElementRef,
  inject,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import type { OverlayListenerOptions } from 'primeng/api';
import { Select } from 'primeng/select';
import { newFieldId } from './field-id';
import { Labelled, type LabelLook } from './labelled';
import { showsWhatCounts } from './shows-what-counts';
import { backCloses } from '../over/back-closes';
import { closesList } from '../over/stays-open';
import { STILL } from '../over/still';
import { wears } from '../wears';

wears({ inputtext, select, virtualscroller });

/** One of several: each with the word that says it. */
export type Options<T> = readonly (readonly [T, string])[];

/** Choices that are called what they are. */
export const asOptions = <T extends string>(values: readonly T[]): Options<T> =>
  values.map((each) => [each, each] as const);

/** From so many on one types what one looks for. */
const MANY = 14;
/** So many pictures a long list may take until it has its height, however slow they come. */
const LAID_OUT_FRAMES = 60;
/** At the latest then it has opened. */
const OPENS_MS = 300;
/** What closes a list, by taking something from it or without. */
const CLOSES = ['Enter', 'Escape'];

/** One of several that are named: a list below it, and a sheet from below on a phone. */
@Component({
  selector: 'v-choice',
  imports: [Labelled, Select],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'field', '[class.beside]': "look() === 'beside'" },
  template: `
    <v-labelled [of]="id" [label]="label()" [look]="look()" [problem]="problem()" (click)="select.focus()">
      <p-select
        #select
        [motionOptions]="still"
        [inputId]="id"
        [options]="rows()"
        optionLabel="word"
        optionValue="at"
        appendTo="body"
        [overlayOptions]="over"
        [ariaLabel]="named() || undefined"
        [ariaLabelledBy]="named() ? undefined : id + '-label'"
        [disabled]="disabled()"
        [filter]="isLong()"
        [resetFilterOnHide]="true"
        ariaFilterLabel="Look for one"
        emptyFilterMessage="None is called so"
        [virtualScroll]="isLong()"
        [virtualScrollItemSize]="46"
        scrollHeight="min(50vh, 380px)"
        (onChange)="choose($event.value)"
        (onShow)="opened()"
        (onHide)="closed()"
      />
    </v-labelled>
  `,
})
export class Choice<T> {
  protected readonly still = STILL;
  readonly label = input.required<string>();
  /** What it is called where its label says too little. */
  readonly named = input('');
  readonly look = input<LabelLook>('above');
  readonly options = input.required<Options<T>>();
  readonly value = input.required<T>();
  readonly problem = input('');
  readonly disabled = input(false);
  readonly valueChange = output<T>();
  protected readonly id = newFieldId();
  private readonly select = viewChild.required(Select);

  /** By where it stands, for what is chosen may be nothing: an empty name, null. */
  protected readonly rows = computed(() => this.options().map(([, word], at) => ({ at, word })));
  protected readonly at = computed(() => {
    const at = this.options().findIndex(([id]) => id === this.value());
    return at < 0 ? null : at;
  });
  protected readonly isLong = computed(() => this.options().length >= MANY);

  private readonly shown = showsWhatCounts(this.select, this.at);
  private readonly page = inject(DOCUMENT);

  /** What was typed before the field in which one looks had the focus. */
  private early = '';
  private readonly isOpen = signal(false);
  protected readonly over = {
    responsive: undefined,
    listener: (_event: Event, options?: OverlayListenerOptions): boolean => closesList(options),
  };
  /** What closes the list, pressed while it was still opening: the library would open it all the same. */
  private closes: KeyboardEvent | null = null;

  constructor() {
    backCloses(this.isOpen, () => this.select().hide());
    const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    host.addEventListener('keydown', (event) => this.comesEarly(event), { capture: true });
  }

  /**
   * A key that comes before the field in which one looks has the focus is for that field: the library
   * would look for an option that begins so, and forget the letter.
   */
  private comesEarly(event: KeyboardEvent): void {
    const select = this.select();
    if (select.overlayVisible && !this.isOpen() && !this.isLong() && CLOSES.includes(event.key)) {
      event.preventDefault();
      event.stopPropagation();
      this.closes ??= event;
      // However the library comes to open it: no key is lost.
      setTimeout(() => this.closeIfAsked(), OPENS_MS);
      return;
    }
    const isLetter = event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey;
    const isMeant = isLetter && (event.key !== ' ' || this.early !== '');
    const takes = event.key === 'Enter' && this.early !== '';
    if (!this.isLong() || this.disabled() || event.isComposing || !(isMeant || takes)) return;
    event.preventDefault();
    event.stopPropagation();
    this.early += isMeant ? event.key : '\n';
    if (!select.overlayVisible) select.show();
    else this.lookForEarly();
  }

  /** Puts what came early into the field in which one looks, once it is there; a line that was ended takes what was found. */
  private lookForEarly(): void {
    const field = this.list()?.querySelector<HTMLInputElement>('.p-select-filter');
    if (!field || this.early === '') return;
    const [text = '', ended] = this.early.split('\n');
    this.early = '';
    field.value += text;
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.focus();
    if (ended !== undefined) this.takeFirst(new KeyboardEvent('keydown', { key: 'Enter' }));
  }

  private list(): HTMLElement | null {
    return this.page.querySelector<HTMLElement>('.p-select-overlay');
  }

  /** The list is there: keys do in it what one expects, and what is chosen is in sight. */
  protected opened(): void {
    this.list()?.addEventListener('keydown', (event) => this.answers(event), { capture: true });
    this.isOpen.set(true);
    this.lookForEarly();
    // The library says so before it has opened it.
    queueMicrotask(() => this.closeIfAsked());
    if (this.isLong()) this.showChosen(LAID_OUT_FRAMES);
  }

  private closeIfAsked(): void {
    const { closes } = this;
    this.closes = null;
    if (closes) this.select().onKeyDown(closes, false);
  }

  protected closed(): void {
    this.early = '';
    this.isOpen.set(false);
  }

  /**
   * The library scrolls before a long list has its height, and nothing moves: with each picture anew until
   * something has. Not once more: scrolled again it lays out too few.
   */
  private showChosen(frames: number): void {
    const [select, at] = [this.select(), this.at()];
    // The first is in sight as it is.
    if (frames === 0 || !at || !this.isOpen() || select.filterValue || this.isScrolled()) return;
    select.scroller?.scrollToIndex(at);
    requestAnimationFrame(() => this.showChosen(frames - 1));
  }

  private isScrolled(): boolean {
    return (this.list()?.querySelector('.p-virtualscroller')?.scrollTop ?? 0) > 0;
  }

  /**
   * Tab leaves where one looks for a choice, as it leaves any field: in the library it goes round in
   * there. Enter takes the first that was found, where no arrow has pointed at another.
   */
  private answers(event: KeyboardEvent): void {
    const select = this.select();
    if (event.key === 'Tab') {
      event.stopPropagation();
      select.hide(true);
    }
    if (event.key === 'Enter' && !event.isComposing && select.focusedOptionIndex() < 0) this.takeFirst(event);
  }

  private takeFirst(event: KeyboardEvent): void {
    const select = this.select();
    const found = (select.visibleOptions() as readonly { readonly at: number }[])[0];
    if (!select.filterValue || !found) return;
    event.stopPropagation();
    event.preventDefault();
    select.onOptionSelect(event, found);
  }

  protected choose(at: number): void {
    const option = this.options()[at];
    if (!option) return;
    this.valueChange.emit(option[0]);
    this.shown.showWhatCounts();
  }
}
