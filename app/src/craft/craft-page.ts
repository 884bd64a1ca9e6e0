import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { findKinds } from '@core/catalogue/find-kinds';
import { OWN } from '@core/catalogue/own-kinds';
import { HOUSEHOLD_NAME } from '../household/household-name';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../household/household-store';
import { TextField } from '../ui/field/text-field';
import { PieceDrawing } from '../ui/piece/piece-drawing';

/** How each kind of piece is cut, what it is called elsewhere, and what is safe. */
@Component({
  selector: 'v-craft-page',
  imports: [RouterLink, PieceDrawing, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <header>
        <h1>How each piece is cut</h1>
      </header>
      <div class="tools">
        <v-text
          class="find"
          look="bare"
          type="search"
          label="Find a piece"
          placeholder="find: eye fillet, topside, 180 …"
          [(value)]="search"
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
              <p>{{ format.told(kind.about) }}</p>
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
  styleUrl: './craft-page.css',
})
export class CraftPage {
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly search = signal('');
  protected readonly found = computed(() => findKinds(this.store.kinds(), this.search()));
  protected readonly isOwn = (id: string): boolean => id.startsWith(OWN);
}
