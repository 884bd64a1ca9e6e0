import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { findKinds } from '@core/catalogue/find-kinds';
import { findWords } from '@core/catalogue/words';
import { HOUSEHOLD_NAME } from '../household/household-name';
import { HouseholdStore } from '../household/household-store';
import { TextField } from '../ui/field/text-field';

/** What things are called, here and elsewhere. */
@Component({
  selector: 'v-words-page',
  imports: [TextField, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './words-page.html',
  styleUrl: './words-page.css',
})
export class WordsPage {
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  protected readonly search = signal('');
  protected readonly words = computed(() => findWords(this.search()));
  protected readonly kinds = computed(() => findKinds(this.store.kinds(), this.search()));
}
