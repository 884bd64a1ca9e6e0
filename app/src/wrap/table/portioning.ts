import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { lotName } from '@core/catalogue/lot-name';
import { Format } from '@core/format/format';
import { countReader, lengthReader, massReader, orEmpty } from '@core/format/readers';
import { isCarved } from '@core/pack/packs-wanted';
import { isPlateful, partKey } from '@core/pack/table';
import type { PortionedBy } from '@core/pack/wrapping';
import { Check } from '../../ui/field/check';
import { Choice, type Options } from '../../ui/field/choice';
import { Field } from '../../ui/field/field';
import { Wrapping } from './wrapping';

type Way = 'eaters' | 'carved' | 'each' | 'mass';

const WAYS: Options<Way> = [
  ['eaters', 'by who eats'],
  ['carved', 'whole, carved at the table'],
  ['each', 'so many a pack'],
  ['mass', 'so much a pack'],
];
/** What stands there before somebody says how many, or how much. */
const [USUAL_EACH, USUAL_DG] = [4, 5000];

/** How each part on the table is portioned: by who eats, as one piece, so many or so much a pack. */
@Component({
  selector: 'v-portioning',
  imports: [Check, Choice, Field],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>How it is portioned</h2>
    @for (part of parts(); track part.key) {
      <div class="row">
        <v-choice
          class="small"
          look="beside"
          [label]="part.name"
          [options]="part.ways"
          [value]="part.way"
          (valueChange)="say(part.key, $event)"
        />
        @if (part.by; as by) {
          @if ('each' in by) {
            <v-field
              class="small"
              look="bare"
              keys="numeric"
              [label]="part.name + ' in a pack'"
              [value]="'' + by.each"
              [read]="readCount"
              (changed)="set(part.key, { each: $event })"
            />
          } @else if ('massDg' in by) {
            <v-field
              keys="decimal"
              class="small"
              look="bare"
              [label]="part.name + ', weight of a pack'"
              [value]="format.mass(by.massDg)"
              [read]="readMass"
              (changed)="set(part.key, { massDg: $event })"
            />
          }
        }
        @if (part.mayBeSingle) {
          <v-check
            class="single"
            [named]="part.name + ': each wrapped by itself'"
            [value]="part.isSingle"
            (valueChange)="setSingle(part.key, $event)"
            >each wrapped by itself</v-check
          >
        }
      </div>
    }
    <v-field
      class="small"
      look="beside"
      label="Heaps are pressed flat to"
      [value]="flatMm() === undefined ? '' : format.length(flatMm()!)"
      [placeholder]="format.lengthUnit()"
      [read]="readFlat"
      (changed)="setFlat($event)"
    />
  `,
  styles: `
    h2 {
      font-size: var(--large);
      margin: 4px 0 8px;
    }
    .single {
      grid-column: 1 / -1;
    }
    .row {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 110px;
      gap: 8px;
      align-items: center;
      margin-bottom: 8px;
    }
  `,
})
export class Portioning {
  private readonly wrapping = inject(Wrapping);
  protected readonly format = inject(Format);
  protected readonly readCount = countReader(1, 100);
  protected readonly readMass = massReader(this.format, 'small', { most: 100_000 });

  protected readonly readFlat = orEmpty(
    undefined,
    lengthReader(this.format, { most: 500, what: 'thickness of a pack' }),
  );
  protected readonly flatMm = computed(() => this.wrapping.settings().flatMm);

  protected readonly parts = computed(() => {
    const { ways = {}, singly = [] } = this.wrapping.settings();
    const tokens = new Map(
      this.wrapping
        .tokens()
        .filter(isPlateful)
        .map((token) => [partKey(token), token] as const),
    );
    return [...tokens].map(([key, token]) => {
      const by = ways[key];
      const way: Way =
        by && 'each' in by
          ? 'each'
          : by && 'massDg' in by
            ? 'mass'
            : isCarved(token, ways) && !token.isHeap
              ? 'carved'
              : 'eaters';
      // A heap has no portions to count, and is shared in any case.
      const possible = WAYS.filter(([id]) => !token.isHeap || id === 'eaters' || id === 'mass');
      return {
        key,
        name: lotName(token.lot),
        by,
        way,
        ways: possible,
        mayBeSingle: !token.isHeap && way !== 'carved',
        isSingle: singly.includes(key),
      };
    });
  });

  protected say(key: string, way: Way): void {
    if (way === 'each') this.set(key, { each: USUAL_EACH });
    else if (way === 'mass') this.set(key, { massDg: USUAL_DG });
    else this.set(key, { carved: way === 'carved' });
  }

  protected setSingle(key: string, isSingle: boolean): void {
    void this.wrapping.setWrapping(({ singly = [] }) => ({
      singly: [...singly.filter((each) => each !== key), ...(isSingle ? [key] : [])],
    }));
  }

  protected setFlat(flatMm: number | undefined): void {
    void this.wrapping.setWrapping(() => ({ flatMm }));
  }

  protected set(key: string, by: PortionedBy): void {
    void this.wrapping.setWrapping(({ ways = {} }) => ({ ways: { ...ways, [key]: by } }));
  }
}
