import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { findKinds } from '@core/catalogue/find-kinds';
import { findWords } from '@core/catalogue/words';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { PageTabs } from '../kit/page-tabs';
import { CRAFT_PAGES } from './pages';

/** What things are called, here and elsewhere. */
@Component({
  selector: 'v-words-page',
  imports: [FormsModule, RouterLink, PageTabs],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Craft" [tabs]="pages" />
      <header>
        <h1>What it is called</h1>
        <p>Names differ from place to place. Here is what each means, and what to ask for elsewhere.</p>
      </header>
      <input
        class="text find no-print"
        type="search"
        aria-label="Find a word"
        placeholder="find: maryland, aitch bone, minced …"
        [(ngModel)]="search"
        name="search"
      />
      @if (kinds().length > 0) {
        <h2>Pieces</h2>
        <dl>
          @for (kind of kinds(); track kind.id) {
            <div>
              <dt>
                <a [routerLink]="['/', household, 'craft', kind.id]">{{ kind.name }}</a>
              </dt>
              <dd>
                {{ kind.synonyms.join(', ') || 'no other name' }}
                @if (kind.itemNumber) {
                  <span class="soft">; item {{ kind.itemNumber }}, from memory</span>
                }
              </dd>
            </div>
          }
        </dl>
      }
      <h2>Words</h2>
      <dl>
        @for (each of words(); track each.word) {
          <div>
            <dt>{{ each.word }}</dt>
            <dd>
              {{ each.meaning }}
              @if (each.alsoCalled.length > 0) {
                <span class="soft"> Also {{ each.alsoCalled.join(', ') }}.</span>
              }
            </dd>
          </div>
        } @empty {
          <p class="soft">No word for “{{ search() }}”.</p>
        }
      </dl>
    </div>
  `,
  styles: `
    .find {
      max-width: 380px;
      min-height: 56px;
    }
    h2 {
      margin: 26px 0 6px;
      border-top: 1.5px solid var(--ink);
      padding-top: 12px;
    }
    dl {
      margin: 0;
      max-width: 900px;
    }
    dl div {
      display: grid;
      grid-template-columns: 230px 1fr;
      gap: 4px 22px;
      padding: 9px 0;
      border-bottom: 1px solid var(--line);
      break-inside: avoid;
    }
    dt {
      font: 600 1.05rem var(--name);
    }
    dd {
      margin: 0;
      max-width: 62ch;
    }
    @media (max-width: 900px) {
      dl div {
        grid-template-columns: 1fr;
      }
    }
  `,
})
export class WordsPage {
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  protected readonly pages = CRAFT_PAGES;
  protected readonly search = signal('');
  protected readonly words = computed(() => findWords(this.search()));
  protected readonly kinds = computed(() => findKinds(this.store.kinds(), this.search()));
}
