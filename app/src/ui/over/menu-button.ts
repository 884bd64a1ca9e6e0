import menu from '@primeuix/themes/aura/menu';
import { ChangeDetectionStrategy, Component, type ElementRef, input, signal, viewChild } from '@angular/core';
import type { MenuItem } from 'primeng/api';
import { Menu } from 'primeng/menu';
import { wears } from '../wears';
import { backCloses } from './back-closes';
import { fetchedWhenWanted } from './fetched';
import { STILL } from './still';

wears({ menu });

/** A button, and the list of what can be done or gone to from there; fetched when it is first wanted. */
@Component({
  selector: 'v-menu-button',
  imports: [Menu],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <button
      #button
      type="button"
      aria-haspopup="menu"
      [class]="look()"
      [attr.aria-label]="named() || null"
      [attr.aria-expanded]="isOpen()"
      (click)="press()"
    >
      <ng-content />
    </button>
    @defer (when fetched.isWanted()) {
      <p-menu
        #menu
        [motionOptions]="still"
        appendTo="body"
        [popup]="true"
        [model]="items()"
        [ariaLabel]="named()"
        (onShow)="isOpen.set(true)"
        (onHide)="isOpen.set(false)"
      />
    }
  `,
  styles: `
    .plain {
      background: none;
      border: 0;
      font: inherit;
      color: inherit;
      cursor: pointer;
      min-width: 44px;
      min-height: 44px;
      display: inline-flex;
      align-items: center;
      gap: 8px;
      padding: 0 10px;
    }
  `,
})
export class MenuButton {
  protected readonly still = STILL;
  readonly items = input.required<MenuItem[]>();
  /** For a screen reader, where the button shows a sign only. */
  readonly named = input('');
  readonly look = input<'plain' | 'quiet small'>('plain');
  protected readonly isOpen = signal(false);
  private readonly button = viewChild.required<ElementRef<HTMLButtonElement>>('button');
  private readonly menu = viewChild<Menu>('menu');
  protected readonly fetched = fetchedWhenWanted(this.menu, (menu) => this.show(menu));

  constructor() {
    backCloses(this.isOpen, () => this.menu()?.hide());
  }

  protected press(): void {
    this.fetched.use((menu) => (this.isOpen() ? menu.hide() : this.show(menu)));
  }

  private show(menu: Menu): void {
    menu.show({ currentTarget: this.button().nativeElement });
  }
}
