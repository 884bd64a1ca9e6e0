import { setPlate } from '@core/deeds/change-settings';
import { SHARING, SHARING_IDS } from '@core/pack/sharing';
import type { Animal } from '@core/ledger/animal';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { countReader, massReader, readText, type Reader } from '@core/format/readers';
import { failure, success } from '@core/units/result';
import { appetiteG } from '@core/pack/packs-wanted';
import { animalsOf } from '@core/pack/table';
import type { WantedPack, Wrapping as Settings } from '@core/pack/wrapping';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Choice, type Options } from '../../ui/field/choice';
import { Field } from '../../ui/field/field';
import { Portioning } from './portioning';
import { Tastes } from './tastes';
import { Wrapping } from './wrapping';

const SHARES: Options<Settings['sharing']> = SHARING_IDS.map((id) => [id, SHARING[id].name]);
const APPETITES: Options<Settings['appetite']> = [
  ['raw', 'raw, without bone'],
  ['cooked', 'cooked, without bone'],
];
const COUNTS = [
  { key: 'least', name: 'Least', read: countReader(0, 200) },
  { key: 'most', name: 'Most', read: countReader(0, 200) },
  { key: 'guests', name: 'Guests', read: countReader(0, 30) },
] as const;
const MOST_PLATE_DG = 20_000;

/** Which packs are wanted, what may share one, and how much everyone eats of what lies there. */
@Component({
  selector: 'v-wanted-form',
  imports: [Choice, Field, Portioning, Tastes],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="cols">
      <div>
        <h2>Packs wanted</h2>
        @for (pack of wrapping.settings().packs; track $index; let row = $index) {
          <fieldset>
            <legend class="visually-hidden">Pack {{ row + 1 }}</legend>
            <v-field
              class="small name"
              look="bare"
              [label]="'Name of pack ' + (row + 1)"
              [most]="60"
              [value]="pack.name"
              [read]="readNames()[row] ?? readText"
              (changed)="set(row, { name: $event || pack.name })"
            />
            @for (each of counts; track each.key) {
              <v-field
                class="small"
                look="beside"
                keys="numeric"
                [label]="each.key"
                [named]="each.name + ' of pack ' + (row + 1)"
                [value]="'' + pack[each.key]"
                [read]="each.read"
                (changed)="count(row, each.key, $event)"
              />
            }
            <button
              type="button"
              class="quiet small"
              [attr.aria-label]="'Take out pack ' + (row + 1)"
              (click)="remove(row)"
            >
              ×
            </button>
            <div class="who">
              @for (name of names(); track name) {
                <button
                  type="button"
                  class="quiet small"
                  [attr.aria-pressed]="pack.eaters.includes(name)"
                  [attr.aria-label]="name + ' eats of pack ' + (row + 1)"
                  (click)="toggle(row, pack, name)"
                >
                  {{ name }}
                </button>
              }
            </div>
          </fieldset>
        }
        <button type="button" class="quiet small" (click)="add()">Another kind of pack</button>
      </div>
      <div>
        <v-portioning />
        <h2>What may share a pack</h2>
        <v-choice
          label="Together go"
          [options]="sharing"
          [value]="wrapping.settings().sharing"
          (valueChange)="save({ sharing: $event })"
        />
        <div class="two">
          <v-field
            label="Pieces flat in a bag"
            keys="numeric"
            [value]="'' + wrapping.settings().flatPieces"
            [read]="readFlat"
            (changed)="save({ flatPieces: $event })"
          />
          <v-field
            keys="decimal"
            label="Least bag of a heap"
            [value]="format.mass(wrapping.settings().bagDg[0])"
            [read]="readMass"
            (changed)="bag(0, $event)"
          />
          <v-field
            keys="decimal"
            label="Most"
            [value]="format.mass(wrapping.settings().bagDg[1])"
            [read]="readMass"
            (changed)="bag(1, $event)"
          />
        </div>
        <h2>Plates</h2>
        <v-choice
          label="Everyone’s plate is meant"
          [options]="appetites"
          [value]="wrapping.settings().appetite"
          (valueChange)="save({ appetite: $event })"
        />
        <v-tastes />
        @for (animal of animals(); track animal) {
          <div class="two">
            @for (eater of wrapping.eaters(); track eater.name) {
              <v-field
                keys="decimal"
                [label]="eater.name + ', ' + animal"
                [value]="format.mass(plateDg(eater.name, animal))"
                [read]="readPlate"
                (changed)="setPlate(eater.name, animal, $event)"
              />
            }
          </div>
        }
      </div>
    </div>
  `,
  styles: `
    .cols {
      display: grid;
      grid-template-columns: 1.3fr 1fr;
      gap: 18px 36px;
      border: 1.5px solid var(--ink);
      background: var(--sheet);
      padding: 16px 20px 20px;
      margin-bottom: 20px;
      border-radius: 3px;
    }
    h2 {
      font-size: var(--large);
      margin: 4px 0 8px;
    }
    fieldset {
      border: 0;
      border-left: 3px solid var(--twine);
      margin: 0 0 14px;
      padding: 0 0 0 12px;
      display: grid;
      grid-template-columns: 1fr repeat(3, 96px) 44px;
      gap: 6px 8px;
      align-items: start;
    }
    .quiet {
      padding: 0 10px;
    }
    .who {
      grid-column: 1 / -1;
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
    }
    [aria-pressed='true'] {
      background: var(--ink);
      color: var(--paper);
    }
    .two {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 8px 12px;
      margin: 8px 0;
    }
    @media (max-width: 900px) {
      .cols {
        grid-template-columns: minmax(0, 1fr);
        padding: 14px;
      }
      fieldset {
        grid-template-columns: 1fr 1fr 1fr;
      }
      fieldset > .name {
        grid-column: 1 / 3;
      }
      fieldset > .quiet {
        grid-row: 1;
        grid-column: 3;
        justify-self: end;
      }
    }
  `,
})
export class WantedForm {
  protected readonly wrapping = inject(Wrapping);
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  protected readonly sharing = SHARES;
  protected readonly appetites = APPETITES;
  protected readonly counts = COUNTS;
  protected readonly readFlat = countReader(1, 50);
  protected readonly readMass = massReader(this.format, 'small');
  protected readonly readPlate = massReader(this.format, 'small', { most: MOST_PLATE_DG, what: 'plate' });
  protected readonly names = computed(() => this.wrapping.eaters().map(({ name }) => name));
  protected readonly animals = computed(() =>
    animalsOf(this.wrapping.tokens()).filter((animal) => animal !== null),
  );

  protected save(change: Partial<Settings>): void {
    void this.wrapping.setWrapping(() => change);
  }

  protected remove(row: number): void {
    void this.wrapping.setWrapping(({ packs }) => ({ packs: packs.filter((_, at) => at !== row) }));
  }

  protected set(row: number, change: Partial<WantedPack>): void {
    void this.wrapping.setWrapping(({ packs }) => ({
      packs: packs.map((pack, at) => (at === row ? { ...pack, ...change } : pack)),
    }));
  }

  protected readonly readText = readText;
  protected readonly readNames = computed(() =>
    this.wrapping.settings().packs.map((_, row) => this.nameReader(row)),
  );

  /** No two packs are called the same. */
  private nameReader(row: number): Reader<string> {
    return (text) => {
      const name = text.trim();
      const isTaken = this.wrapping.settings().packs.some((pack, at) => at !== row && pack.name === name);
      return isTaken ? failure(`There is a pack called “${name}” already.`) : success(name);
    };
  }

  protected count(row: number, key: 'least' | 'most' | 'guests', value: number): void {
    const pack = this.wrapping.settings().packs[row];
    if (!pack) return;
    this.set(
      row,
      key === 'least'
        ? { least: value, most: Math.max(value, pack.most) }
        : key === 'most'
          ? { most: value, least: Math.min(value, pack.least) }
          : { guests: value },
    );
  }

  protected toggle(row: number, { eaters }: WantedPack, name: string): void {
    this.set(row, {
      eaters: eaters.includes(name) ? eaters.filter((each) => each !== name) : [...eaters, name],
    });
  }

  protected add(): void {
    const packs = this.wrapping.settings().packs;
    const name =
      ['with guests', 'for one', 'for two'].find((each) => packs.every((pack) => pack.name !== each)) ??
      `pack ${packs.length + 1}`;
    const pack = { name, eaters: this.names(), guests: name === 'with guests' ? 2 : 0, least: 0, most: 1 };
    void this.wrapping.setWrapping(({ packs }) => ({ packs: [...packs, pack] }));
  }

  protected bag(side: 0 | 1, dg: number): void {
    void this.wrapping.setWrapping(({ bagDg: [least, most] }) => ({
      bagDg: side === 0 ? [dg, Math.max(dg, most)] : [Math.min(dg, least), dg],
    }));
  }

  protected plateDg(name: string, animal: string): number {
    return Math.round(
      appetiteG(this.wrapping.eaters(), name, animal as Parameters<typeof appetiteG>[2]) * 10,
    );
  }

  protected async setPlate(name: string, animal: string, dg: number): Promise<void> {
    await this.store.perform(setPlate(name, animal as Animal, dg, this.format));
  }
}
