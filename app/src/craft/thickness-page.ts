import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { evenThickness, type ZoneAct } from '@core/slice/even-thickness';
import { typedLength } from '@core/format/typed';
import { Format } from '@core/format/format';
import { TextField } from '../ui/field/text-field';

interface Row {
  readonly name: string;
  readonly text: string;
}
const MOST_ZONES = 6;
const SCALE = 1.6;

/** Which parts of a flat piece to open like a book, how deep, and which only to slash. */
@Component({
  selector: 'v-thickness-page',
  imports: [FormsModule, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './thickness-page.html',
  styleUrl: './thickness-page.css',
})
export class ThicknessPage {
  protected readonly format = inject(Format);
  protected readonly most = MOST_ZONES;
  protected readonly rows = signal<readonly Row[]>([
    { name: 'inside', text: '' },
    { name: 'outside', text: '' },
    { name: 'middle', text: '' },
  ]);
  protected readonly unit = computed(() => this.format.lengthUnit());

  private readonly zones = computed(() =>
    this.rows().flatMap(({ name, text }, index) => {
      const thicknessMm = this.millimetres(text);
      return thicknessMm === null ? [] : [{ name: name.trim() || `zone ${index + 1}`, thicknessMm }];
    }),
  );
  protected readonly plan = computed(() => evenThickness(this.zones()));
  protected readonly wrong = computed(() => {
    const bad = this.rows().find(({ text }) => text.trim() !== '' && this.millimetres(text) === null);
    return bad
      ? `“${bad.text}” is no thickness. Write it in ${this.unit()}, above 0 and under ${this.length(400)}.`
      : '';
  });
  protected readonly height = computed(
    () => Math.max(...this.zones().map(({ thicknessMm }) => thicknessMm), 20) * SCALE + 50,
  );
  protected readonly drawn = computed(() => {
    const zones = this.plan()?.zones ?? [];
    const width = 560 / zones.length;
    const floor = this.height() - 30;
    return zones.map(({ name, thicknessMm, act, cutAtMm, slashMm }, index) => {
      const [x, top] = [20 + index * width, floor - thicknessMm * SCALE];
      const level = (mm: number): string => `M${x + width * 0.12} ${floor - mm * SCALE}H${x + width}`;
      const slash = (part: number): string => `M${x + width * part} ${top}v${slashMm * SCALE}`;
      const cuts = [
        ...(cutAtMm === null ? [] : [level(cutAtMm)]),
        ...(act === 'open-twice' && cutAtMm !== null ? [level(cutAtMm * 2)] : []),
        ...(slashMm > 0 ? [0.3, 0.5, 0.7].map(slash) : []),
      ];
      return { name, x, y: top, width, height: thicknessMm * SCALE, cuts };
    });
  });
  protected readonly level = computed(
    () => `M10 ${this.height() - 30 - (this.plan()?.thicknessMm ?? 0) * SCALE}H590`,
  );
  protected readonly spoken = computed(() =>
    (this.plan()?.zones ?? []).map((zone) => `${zone.name}: ${this.words(zone)}`).join('; '),
  );

  protected millimetres(text: string): number | null {
    const mm = typedLength(text, this.format.style());
    return mm !== null && mm > 0 && mm < 400 ? mm : null;
  }

  protected length(mm: number): string {
    return this.format.length(Math.round(mm));
  }

  protected words({ act, cutAtMm, slashMm, thicknessMm, reachedMm }: ZoneAct): string {
    const slashes = slashMm > 0 ? `slashes ${this.length(slashMm)} deep, two fingers apart` : '';
    switch (act) {
      case 'leave':
        return `leave it, ${this.length(thicknessMm)}.`;
      case 'slash':
        return `${slashes}: ${this.length(reachedMm)} under them.`;
      case 'open':
        return `open it like a book, ${this.length(cutAtMm ?? 0)} above the board, and stop ${this.length(reachedMm)} before the far edge${slashes ? `; then ${slashes}` : ''}.`;
      case 'open-twice':
        return `open it twice, at ${this.length(cutAtMm ?? 0)} and ${this.length((cutAtMm ?? 0) * 2)} above the board, from opposite sides${slashes ? `; then ${slashes}` : ''}.`;
    }
  }

  protected set(index: number, change: Partial<Row>): void {
    this.rows.update((rows) => rows.map((row, at) => (at === index ? { ...row, ...change } : row)));
  }

  protected add(): void {
    this.rows.update((rows) =>
      rows.length < MOST_ZONES ? [...rows, { name: `zone ${rows.length + 1}`, text: '' }] : rows,
    );
  }

  protected remove(index: number): void {
    this.rows.update((rows) => rows.filter((_, at) => at !== index));
  }
}
