import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { appetiteG } from '@core/pack/packs-wanted';
import { animalsOf } from '@core/pack/table';
import type { WantedPack, Wrapping as Settings } from '@core/journal/settings';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { Wrapping } from './wrapping';

const SHARING: Readonly<Record<Settings['sharing'], string>> = {
  'same-part': 'only the same part',
  'white-and-dark-apart': 'bird parts, white and dark apart',
  'bird-parts-together': 'all parts of a bird',
};

/** Which packs are wanted, what may share one, and how much everyone eats of what lies there. */
@Component({
  selector: 'v-wanted-form',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="cols">
      <div>
        <h2>Packs wanted</h2>
        @for (pack of wrapping.settings().packs; track $index; let row = $index) {
          <fieldset>
            <legend class="visually-hidden">Pack {{ row + 1 }}</legend>
            <input
              class="text"
              [attr.aria-label]="'Name of pack ' + (row + 1)"
              [value]="pack.name"
              (change)="set(row, { name: $any($event.target).value.trim() || pack.name })"
            />
            <label
              >least
              <input
                class="text"
                inputmode="numeric"
                [attr.aria-label]="'Least of pack ' + (row + 1)"
                [value]="pack.least"
                (change)="count(row, 'least', $any($event.target).value)"
            /></label>
            <label
              >most
              <input
                class="text"
                inputmode="numeric"
                [attr.aria-label]="'Most of pack ' + (row + 1)"
                [value]="pack.most"
                (change)="count(row, 'most', $any($event.target).value)"
            /></label>
            <label
              >guests
              <input
                class="text"
                inputmode="numeric"
                [attr.aria-label]="'Guests of pack ' + (row + 1)"
                [value]="pack.guests"
                (change)="count(row, 'guests', $any($event.target).value)"
            /></label>
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
        <h2>What may share a pack</h2>
        <div class="field">
          <label for="sharing">Together go</label
          ><select id="sharing" class="text" (change)="save({ sharing: $any($event.target).value })">
            @for (each of sharing; track each[0]) {
              <option [value]="each[0]" [selected]="each[0] === wrapping.settings().sharing">
                {{ each[1] }}
              </option>
            }
          </select>
        </div>
        <div class="two">
          <div class="field">
            <label for="off">A plate may be off by</label
            ><input
              id="off"
              class="text"
              [value]="figures.percent(wrapping.settings().tolerance, 0)"
              (change)="tolerance($any($event.target).value)"
            />
          </div>
          <div class="field">
            <label for="flat">Pieces flat in a bag</label
            ><input
              id="flat"
              class="text"
              inputmode="numeric"
              [value]="wrapping.settings().flatPieces"
              (change)="flat($any($event.target).value)"
            />
          </div>
          <div class="field">
            <label for="least-bag">Least bag of a heap</label
            ><input
              id="least-bag"
              class="text"
              [value]="figures.mass(wrapping.settings().bagDg[0])"
              (change)="bag(0, $any($event.target).value)"
            />
          </div>
          <div class="field">
            <label for="most-bag">Most</label
            ><input
              id="most-bag"
              class="text"
              [value]="figures.mass(wrapping.settings().bagDg[1])"
              (change)="bag(1, $any($event.target).value)"
            />
          </div>
        </div>
        <h2>Plates</h2>
        <div class="field">
          <label for="appetite">Everyone’s plate is meant</label
          ><select id="appetite" class="text" (change)="save({ appetite: $any($event.target).value })">
            <option value="raw" [selected]="wrapping.settings().appetite === 'raw'">raw, without bone</option>
            <option value="cooked" [selected]="wrapping.settings().appetite === 'cooked'">
              cooked, without bone
            </option>
          </select>
        </div>
        @for (animal of animals(); track animal) {
          <div class="two">
            @for (eater of wrapping.eaters(); track eater.name) {
              <div class="field">
                <label [for]="animal + eater.name">{{ eater.name }}, {{ animal }}</label
                ><input
                  class="text"
                  [id]="animal + eater.name"
                  [value]="figures.mass(plateDg(eater.name, animal))"
                  (change)="setPlate(eater.name, animal, $any($event.target).value)"
                />
              </div>
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
      font-size: 1.1rem;
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
      align-items: center;
    }
    fieldset label {
      display: flex;
      align-items: center;
      gap: 6px;
      font-size: 0.9rem;
      color: var(--soft);
    }
    .text {
      min-height: 44px;
      font-size: 1rem;
      padding: 4px 8px;
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
      fieldset > .text {
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
  protected readonly figures = inject(Figures);
  private readonly store = inject(HouseholdStore);
  private readonly notices = inject(Notices);
  protected readonly sharing = Object.entries(SHARING);
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
    const packs = this.wrapping.settings().packs;
    if (packs.some(({ name }, at) => at !== row && name === change.name))
      return this.notices.problem(`There is a pack called “${change.name}” already. The old name stands.`);
    void this.wrapping.setWrapping(({ packs }) => ({
      packs: packs.map((pack, at) => (at === row ? { ...pack, ...change } : pack)),
    }));
  }

  protected count(row: number, key: 'least' | 'most' | 'guests', text: string): void {
    const value = Number(text.trim());
    const pack = this.wrapping.settings().packs[row];
    if (
      !pack ||
      text.trim() === '' ||
      !Number.isInteger(value) ||
      value < 0 ||
      value > (key === 'guests' ? 30 : 200)
    )
      return this.notices.problem(`“${text}” is no count. The old one stands.`);
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

  protected tolerance(text: string): void {
    const value = (this.figures.parseNumber(text.replace('%', '')) ?? NaN) / 100;
    if (!(value >= 0.02 && value <= 0.5))
      return this.notices.problem('A plate may be off by 2 to 50 %. The old one stands.');
    this.save({ tolerance: value });
  }

  protected flat(text: string): void {
    const value = Number(text);
    if (!Number.isInteger(value) || value < 1 || value > 50)
      return this.notices.problem(`“${text}” is no count of pieces. The old one stands.`);
    this.save({ flatPieces: value });
  }

  protected bag(side: 0 | 1, text: string): void {
    const dg = this.figures.parseMass(text, 'small')?.massDg ?? 0;
    if (dg <= 0) return this.notices.problem(`“${text}” is no weight. The old one stands.`);
    void this.wrapping.setWrapping(({ bagDg: [least, most] }) => ({
      bagDg: side === 0 ? [dg, Math.max(dg, most)] : [Math.min(dg, least), dg],
    }));
  }

  protected plateDg(name: string, animal: string): number {
    return Math.round(
      appetiteG(this.wrapping.eaters(), name, animal as Parameters<typeof appetiteG>[2]) * 10,
    );
  }

  protected async setPlate(name: string, animal: string, text: string): Promise<void> {
    const dg = this.figures.parseMass(text, 'small')?.massDg ?? 0;
    if (dg <= 0 || dg > 20_000) return this.notices.problem(`“${text}” is no plate. The old one stands.`);
    this.notices.tell(
      await this.store.changeSettings(({ eaters }) => ({
        eaters: eaters.map((eater) =>
          eater.name === name ? { ...eater, byAnimal: { ...eater.byAnimal, [animal]: dg } } : eater,
        ),
      })),
      `${name}: ${this.figures.mass(dg)} of ${animal}`,
    );
  }
}
