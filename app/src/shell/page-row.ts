import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { HOUSEHOLD_NAME } from '../household/household-name';
import type { PageRow as Row, PageTab } from '../household/parts/place-pages';
import { MenuButton } from '../ui/over/menu-button';
import { pageItem } from './page-item';
import { Whereabouts } from './whereabouts';

/** The pages of a place in a row, the seldom ones behind its end. On a phone they stand behind the place’s name. */
@Component({
  selector: 'v-page-row',
  imports: [MenuButton, RouterLink, RouterLinkActive],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nav [attr.aria-label]="row().of">
      @for (tab of often(); track tab.name) {
        <a
          [routerLink]="['/', household, ...tab.path]"
          routerLinkActive="on"
          [routerLinkActiveOptions]="{ exact: true }"
          ariaCurrentWhenActive="page"
          >{{ tab.name }}</a
        >
      }
    </nav>
    @if (seldom().length > 0) {
      <v-menu-button [items]="seldomItems()" [named]="'More of the ' + row().of">
        More <i class="pi pi-chevron-down" aria-hidden="true"></i>
      </v-menu-button>
    }
  `,
  styleUrl: './page-row.css',
})
export class PageRow {
  private readonly here = inject(Whereabouts);
  protected readonly household = inject(HOUSEHOLD_NAME);
  readonly row = input.required<Row>();
  /** The one that is open is never behind the end of the row. */
  private readonly isShown = ({ path, isSeldom }: PageTab): boolean =>
    !isSeldom || this.here.isAt(['', this.household, ...path].join('/'));
  protected readonly often = computed(() => this.row().tabs.filter(this.isShown));
  protected readonly seldom = computed(() => this.row().tabs.filter((tab) => !this.isShown(tab)));
  protected readonly seldomItems = computed(() => this.seldom().map((tab) => pageItem(tab, this.household)));
}
