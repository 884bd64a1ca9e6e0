import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { findKinds } from '@core/catalogue/find-kinds';
import { OWN } from '@core/catalogue/own-kinds';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { PageTabs } from '../kit/page-tabs';
import { PieceDrawing } from '../kit/piece-drawing';
import { CRAFT_PAGES } from './pages';

/** How each kind of piece is cut, what it is called elsewhere, and what is safe. */
@Component({
  selector: 'v-craft-page',
  imports: [RouterLink, FormsModule, PageTabs, PieceDrawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Craft" [tabs]="pages" />
      <header>
        <h1>How each piece is cut</h1>
      </header>
      <div class="tools">
        <input
          class="text find"
          type="search"
          aria-label="Find a piece"
          placeholder="find: eye fillet, topside, 180 …"
          [(ngModel)]="search"
          name="search"
        />
        <a class="quiet" [routerLink]="['/', household, 'craft', 'own', 'new']">Add a kind of your own</a>
      </div>
      <ul>
        @for (kind of found(); track kind.id) {
          <li>
            <a [routerLink]="['/', household, 'craft', kind.id]">
              <v-piece-drawing [kind]="kind" [labelled]="false" [turnable]="false" aria-hidden="true" />
              <h2>{{ kind.name }}</h2>
              <p class="soft">
                {{ isOwn(kind.id) ? 'your own kind' : kind.synonyms.slice(0, 3).join(', ') }}
              </p>
              <p>{{ figures.told(kind.about) }}</p>
            </a>
          </li>
        } @empty {
          <li class="soft">
            Nothing is called “{{ search() }}” here. Another name? Or
            <a class="inline" [routerLink]="['/', household, 'craft', 'own', 'new']">add it</a>.
          </li>
        }
      </ul>
    </div>
  `,
  styles: `
    .tools {
      display: flex;
      gap: 14px;
      flex-wrap: wrap;
      margin-bottom: 22px;
    }
    .find {
      max-width: 380px;
      min-height: 56px;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(248px, 1fr));
      gap: 26px 30px;
    }
    li > a:not(.inline) {
      text-decoration: none;
      display: block;
      border-top: 1.5px solid var(--ink);
      padding-top: 12px;
    }
    a:hover h2 {
      text-decoration: underline;
      text-underline-offset: 4px;
    }
    h2 {
      margin-top: 6px;
      font-size: 1.2rem;
    }
    p {
      margin: 3px 0;
      line-height: 1.3;
    }
    v-piece-drawing {
      display: block;
      height: 126px;
      pointer-events: none;
      overflow: hidden;
      --drawing-height: 126px;
    }
  `,
})
export class CraftPage {
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly pages = CRAFT_PAGES;
  protected readonly search = signal('');
  protected readonly found = computed(() => findKinds(this.store.kinds(), this.search()));
  protected readonly isOwn = (id: string): boolean => id.startsWith(OWN);
}
