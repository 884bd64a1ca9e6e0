import popover from '@primeuix/themes/aura/popover';
import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { Popover } from 'primeng/popover';
import { wears } from '../wears';
import { backCloses } from './back-closes';
import { fetchedWhenWanted } from './fetched';
import { STILL } from './still';

wears({ popover });

/** A button, and what is told beside it once it is pressed; a sheet from below on a phone. */
@Component({
  selector: 'v-popover-button',
  imports: [Popover],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <button
      #button
      type="button"
      aria-haspopup="dialog"
      [class]="look()"
      [attr.aria-label]="named() || null"
      [attr.aria-expanded]="isOpen()"
      (click)="press($event)"
    >
      <ng-content select="[face]" />
    </button>
    @defer (when fetched.isWanted()) {
      <p-popover
        #popover
        [motionOptions]="still"
        appendTo="body"
        [ariaLabel]="named() || 'What is told here'"
        (onShow)="isOpen.set(true)"
        (onHide)="isOpen.set(false)"
      >
        <ng-content />
      </p-popover>
    }
  `,
  styles: `
    .asks {
      background: none;
      border: 0;
      font: inherit;
      font-size: var(--small);
      color: var(--soft);
      cursor: pointer;
      min-height: 44px;
      padding: 0;
      text-align: start;
      text-decoration: underline dotted;
      text-underline-offset: 3px;
    }
    .bare {
      background: none;
      border: 0;
      padding: 0;
      font: inherit;
      color: inherit;
      cursor: pointer;
      min-width: 44px;
      min-height: 44px;
    }
  `,
})
export class PopoverButton {
  protected readonly still = STILL;
  readonly named = input('');
  readonly look = input<'asks' | 'bare' | 'icon'>('asks');
  readonly opened = output();
  protected readonly isOpen = signal(false);
  private readonly popover = viewChild<Popover>('popover');
  private readonly button = viewChild.required<ElementRef<HTMLButtonElement>>('button');
  protected readonly fetched = fetchedWhenWanted(this.popover, (popover) =>
    popover.show(null, this.button().nativeElement),
  );

  constructor() {
    backCloses(this.isOpen, () => this.popover()?.hide());
  }

  close(): void {
    this.popover()?.hide();
    this.button().nativeElement.focus();
  }

  protected press(event: Event): void {
    this.opened.emit();
    this.fetched.use((popover) => popover.toggle(event, this.button().nativeElement));
  }
}
