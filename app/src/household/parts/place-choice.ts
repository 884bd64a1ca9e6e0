import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { Choice, type Options } from '../../ui/field/choice';
import { HouseholdStore } from '../household-store';

/** Where something lies: a drawer, a shelf, or nowhere yet. */
@Component({
  selector: 'v-place-choice',
  imports: [Choice],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <v-choice
      [class]="look() === 'beside' ? 'small' : ''"
      [label]="label()"
      [look]="look()"
      [options]="options()"
      [value]="place() ?? ''"
      (valueChange)="$event && chosen.emit($event)"
    />
  `,
})
export class PlaceChoice {
  private readonly store = inject(HouseholdStore);
  readonly label = input.required<string>();
  readonly look = input<'above' | 'beside'>('above');
  readonly place = input<string | null>(null);
  /** What stands there while no place is chosen. */
  readonly none = input('no place');
  readonly chosen = output<string>();
  protected readonly options = computed((): Options<string> => {
    const shelves = this.store.shelves().map(({ id, name }) => [id, name] as const);
    return this.place() === null ? [['', this.none()], ...shelves] : shelves;
  });
}
