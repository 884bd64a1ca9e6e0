import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { WHY_MISSING, type WhyMissing } from '@core/freeze/stock-take';
import { lotName } from '@core/catalogue/lot-name';
import { shortNumber } from '@core/label/short-number';
import { Count } from './count';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Swatch } from '../../ui/piece/swatch';
import { Field } from '../../ui/field/field';
import { Check } from '../../ui/field/check';
import { Choice } from '../../ui/field/choice';
import { TextField } from '../../ui/field/text-field';
import { massReader } from '@core/format/readers';

/** Walking through the drawers with a phone: what is there is ticked, the rest is put right. */
@Component({
  selector: 'v-count-page',
  imports: [Check, Choice, Field, RouterLink, Swatch, TextField],
  providers: [Count],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './count-page.html',
  styleUrl: './count-page.css',
})
export class CountPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly count = inject(Count);
  protected readonly lotName = lotName;
  protected readonly shortNumber = shortNumber;
  protected readonly number = signal('');
  protected readonly reasons = Object.entries(WHY_MISSING) as [WhyMissing, string][];
  protected readonly readMass = massReader(this.format, 'small');

  protected readonly whereOptions = computed(() =>
    this.count.places().map(({ id, name, count }) => [id, `${name} (${count})`] as const),
  );
}
