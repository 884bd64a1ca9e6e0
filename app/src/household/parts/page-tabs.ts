import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { HOUSEHOLD_NAME } from '../household-name';
import { PAGE_ROW } from './place-pages';

/** The pages of one place. */
@Component({
  selector: 'v-page-tabs',
  imports: [RouterLink, RouterLinkActive],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nav class="no-print" [attr.aria-label]="row.of">
      @for (tab of row.tabs; track tab.name) {
        <a
          [routerLink]="['/', household, ...tab.path]"
          routerLinkActive="on"
          [routerLinkActiveOptions]="{ exact: true }"
          ariaCurrentWhenActive="page"
          >{{ tab.name }}</a
        >
      }
    </nav>
  `,
  styles: `
    nav {
      display: flex;
      gap: 22px;
      margin-bottom: 14px;
      overflow-x: auto;
    }
    a {
      text-decoration: none;
      color: var(--soft);
      padding: 4px 0;
      min-height: 34px;
      white-space: nowrap;
      border-bottom: 3px solid transparent;
    }
    a.on {
      color: var(--ink);
      font-weight: 650;
      border-bottom-color: var(--act);
    }
    @media (max-width: 900px) {
      nav {
        gap: 18px;
      }
      a {
        min-height: 40px;
      }
    }
  `,
})
export class PageTabs {
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly row = inject(PAGE_ROW);
}
