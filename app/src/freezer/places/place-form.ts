import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { USUAL_AIR_C, volumeQuestion } from '@core/cold/cold-places';
import type { Place } from '@core/cold/place';
import { convert } from '@core/units/convert';
import { typedTemperature, typedVolume } from '@core/format/typed';
import { Format } from '@core/format/format';
import { draftKey } from '../../household/draft-key';
import { Ask } from '../../ui/ask/ask';
import { Check } from '../../ui/field/check';
import { Choice, asOptions } from '../../ui/field/choice';
import { draftOf } from '../../ui/form/draft-of';
import { keepFormInTab } from '../../ui/form/keep-form-in-tab';
import { ReadableForm } from '../../ui/form/readable-form';
import { TextField } from '../../ui/field/text-field';
import { TakesFocus } from '../../ui/form/takes-focus';

/** A freezer or refrigerator, or a drawer of one: name, litres, air. */
@Component({
  selector: 'v-place-form',
  imports: [Check, Choice, FormsModule, ReadableForm, TakesFocus, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './place-form.html',
  styles: `
    form {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
      gap: 10px 14px;
      align-items: start;
      border: 1.5px solid var(--ink);
      background: var(--sheet);
      padding: 14px 16px;
      margin: 8px 0;
      border-radius: 3px;
    }
    v-check {
      margin-top: 27px;
    }
    .quiet {
      min-height: 48px;
      margin-top: 27px;
    }
  `,
})
export class PlaceForm {
  private readonly format = inject(Format);
  private readonly ask = inject(Ask);
  readonly place = input.required<Place>();
  readonly isNew = input(false);
  readonly saved = output<Place>();
  readonly closed = output();
  protected readonly title = computed(() =>
    this.isNew() ? (this.place().within ? 'A new drawer' : 'A new place') : `Change ${this.place().name}`,
  );
  protected readonly name = draftOf(() => this.place().name);
  protected readonly cold = draftOf(() => this.place().cold);
  protected readonly colds = asOptions(['freezer', 'refrigerator']);
  protected readonly litres = draftOf(() =>
    this.place().litres === undefined ? '' : this.format.plainVolume(this.place().litres ?? 0),
  );
  protected readonly air = draftOf(() =>
    this.place().airC === undefined ? '' : this.shown(this.place().airC ?? 0),
  );
  protected readonly frostFree = draftOf(() => this.place().frostFree ?? false);
  protected readonly volumeWord = computed(() => (this.isImperial() ? 'Cubic feet' : 'Litres'));
  private readonly isImperial = computed(() => this.format.smallUnit() === 'oz');
  protected readonly unit = computed(() => (this.isImperial() ? '°F' : '°C'));
  protected readonly usualAir = computed(() => this.shown(USUAL_AIR_C[this.cold()]));

  private readonly forget = this.keepTyped();

  /** What is typed waits in the tab, for this place as it was said. */
  private keepTyped(): () => void {
    const key = draftKey('place');
    return keepFormInTab(() => `${key()} ${JSON.stringify(this.place())}`, {
      name: this.name,
      cold: this.cold,
      litres: this.litres,
      air: this.air,
      frostFree: this.frostFree,
    });
  }

  /** Left as it is: what was typed is given up. */
  protected close(): void {
    this.forget();
    this.closed.emit();
  }

  protected readonly litresRead = computed(() =>
    read(this.litres(), (text) => typedVolume(text, this.format.style()), 0.5, 100_000),
  );
  protected readonly airRead = computed(() =>
    read(this.air(), (text) => typedTemperature(text, this.format.style()), -60, 30),
  );

  protected readonly volumeProblem = computed(
    () =>
      `“${this.litres()}” is no volume. Write it like ${this.isImperial() ? '7 cu ft' : '200 L'}; leave it empty where you do not know.`,
  );
  protected readonly airProblem = computed(
    () => `“${this.air()}” is no temperature of its air. Leave it empty for ${this.usualAir()}.`,
  );
  protected readonly tried = signal(false);

  protected async save(): Promise<void> {
    const [litres, airC] = [this.litresRead(), this.airRead()];
    this.tried.set(true);
    if (this.name().trim() === '' || litres === null || airC === null) return;
    // What was said yes to once is not asked again.
    const question =
      litres === undefined || litres === this.place().litres || this.place().within
        ? null
        : volumeQuestion(litres, (each) => this.format.volume(each));
    if (question && !(await this.ask.confirm('Is that right?', question, 'Save this size'))) return;
    const warm = this.cold() === 'freezer' && airC !== undefined && airC !== this.place().airC && airC > -12;
    if (
      warm &&
      !(await this.ask.confirm(
        'A warm freezer',
        `At ${this.format.air(airC)} meat does not keep as published: those times are for ${this.format.air(-17.8)} or below. ${airC > -2 ? 'It does not even freeze.' : ''}`,
        'Save it all the same',
      ))
    )
      return;
    this.forget();
    this.saved.emit({
      ...this.place(),
      name: this.name().trim(),
      cold: this.cold(),
      litres,
      airC,
      frostFree: this.frostFree() || undefined,
    });
  }

  private shown(celsius: number): string {
    return String(Math.round(this.isImperial() ? convert(celsius, 'C', 'F') : celsius)).replace('-', '−');
  }
}

/** Undefined where nothing is typed, null where it cannot be read. */
function read(
  text: string,
  parse: (text: string) => number | null,
  least: number,
  most: number,
): number | undefined | null {
  if (text.trim() === '') return undefined;
  const value = parse(text.trim());
  return value !== null && value >= least && value <= most ? value : null;
}
