import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { USUAL_AIR_C, volumeQuestion } from '@core/freeze/cold-places';
import type { Place } from '@core/freeze/place';
import { convert } from '@core/units/convert';
import { Format } from '@core/format/format';
import { Notices } from '../../household/notices';
import { Ask } from '../../ui/ask/ask';
import { draftOf } from '../../ui/field/draft-of';

/** A freezer or refrigerator, or a drawer of one: name, litres, air. */
@Component({
  selector: 'v-place-form',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './place-form.html',
  styles: `
    form {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
      gap: 10px 14px;
      align-items: end;
      border: 1.5px solid var(--ink);
      background: var(--sheet);
      padding: 14px 16px;
      margin: 8px 0;
      border-radius: 3px;
    }
    .check {
      display: flex;
      gap: 8px;
      align-items: center;
      min-height: 48px;
    }
    .check input {
      width: 22px;
      height: 22px;
      accent-color: var(--act);
    }
    .quiet {
      min-height: 48px;
    }
  `,
})
export class PlaceForm {
  private readonly format = inject(Format);
  private readonly notices = inject(Notices);
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

  protected readonly litresRead = computed(() =>
    read(this.litres(), (text) => this.format.parseVolume(text), 0.5, 100_000),
  );
  protected readonly airRead = computed(() =>
    read(this.air(), (text) => this.format.parseTemperature(text), -60, 30),
  );

  protected async save(): Promise<void> {
    const [litres, airC] = [this.litresRead(), this.airRead()];
    if (this.name().trim() === '') return this.notices.problem('Give it a name. Nothing was changed.');
    if (litres === null)
      return this.notices.problem(
        `“${this.litres()}” is no volume. Write it like ${this.isImperial() ? '7 cu ft' : '200 L'}; leave it empty where you do not know. Nothing was changed.`,
      );
    if (airC === null)
      return this.notices.problem(
        `“${this.air()}” is no temperature of its air. Leave it empty for ${this.usualAir()}. Nothing was changed.`,
      );
    // What was said yes to once is not asked again.
    const question =
      litres === undefined || litres === this.place().litres || this.place().within
        ? null
        : volumeQuestion(litres, (each) => this.format.volume(each));
    if (question && !(await this.ask.confirm('Is that right?', question, 'Yes, save it'))) return;
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
