import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { KINDS } from '@core/catalogue/kinds';
import { findKinds } from '@core/catalogue/find-kinds';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { PieceDrawing } from '../kit/piece-drawing';

/** How each kind of piece is cut, what it is called elsewhere, and what is safe. */
@Component({
  selector: 'v-craft-page',
  imports: [RouterLink, FormsModule, PieceDrawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <header>
        <h1>Craft</h1>
        <p>How each piece is cut, what it is called elsewhere, what is safe.</p>
      </header>
      <input class="text find" type="search" aria-label="Find a piece" placeholder="find: eye fillet, sirloin, 180 …" [(ngModel)]="search" name="search" />
      <ul>
        @for (kind of found(); track kind.id) {
          <li>
            <a [routerLink]="['/', household, 'craft', kind.id]">
              <v-piece-drawing [kind]="kind" [labelled]="false" [turnable]="false" aria-hidden="true" />
              <h2>{{ kind.name }}</h2>
              <p class="soft">{{ kind.synonyms.slice(0, 4).join(', ') }}</p>
              <p>{{ kind.about }}</p>
            </a>
          </li>
        } @empty {
          <li class="soft">Nothing is called “{{ search() }}” here.</li>
        }
      </ul>
    </div>
  `,
  styles: `
    .find { max-width: 420px; margin-bottom: 22px; }
    ul { list-style: none; margin: 0; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(270px, 1fr)); gap: 30px 34px; }
    a { text-decoration: none; display: block; border-top: 1.5px solid var(--ink); padding-top: 14px; }
    a:hover h2 { text-decoration: underline; text-underline-offset: 4px; }
    h2 { margin-top: 10px; } p { margin: 4px 0; }
    v-piece-drawing { display: block; height: 150px; pointer-events: none; overflow: hidden; }
  `,
})
export class CraftPage {
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly search = signal('');
  protected readonly found = computed(() => findKinds(KINDS, this.search()));
}
