import { sum } from 'd3-array';
import { lotName } from '@core/catalogue/lot-name';
import { CdkDrag, CdkDropList } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { packFreezing } from '@core/cold/pack-freezing';
import { countReader, lengthReader, massReader, orEmpty, readText } from '@core/format/readers';
import { tasteOf } from '@core/pack/eater';
import { doubtOf, isPlateful, OFF_THE_MEAN, partKey } from '@core/pack/table';
import type { Tray } from '@core/pack/tray';
import { bagsOf, contentsOf } from '@core/pack/trays';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Check } from '../../ui/field/check';
import { asOptions, Choice } from '../../ui/field/choice';
import { Field } from '../../ui/field/field';
import { TokenChip } from './token-chip';
import { Wrapping } from './wrapping';
import { DRAG_DELAY } from '../../ui/drag-delay';

/** A freezer's still air, where the household has entered none (ASHRAE: 6 to 10 W/(m²·K), from memory). */
const USUAL_FREEZER = { airC: -18, h: 8, frostFree: false };
const WRAPS = ['vacuum bag', 'paper and bag', 'bag'] as const;

/** A pack in the making: what is in it, who gets what of it, what it costs. */
@Component({
  selector: 'v-tray',
  imports: [CdkDrag, CdkDropList, Check, Choice, Field, TokenChip],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section [class.locked]="tray().isLocked" [attr.aria-label]="'Tray ' + number() + ', ' + name()">
      <header>
        <span class="n" aria-hidden="true">{{ number() }}</span>
        <v-field
          class="small name"
          look="bare"
          [label]="'Written on tray ' + number()"
          [most]="200"
          [value]="name()"
          [read]="readText"
          (changed)="rename($event)"
        />
      </header>
      <div class="for">
        <span class="soft">{{ forWhom() }}</span>
        <button
          type="button"
          class="lock"
          [attr.aria-pressed]="tray().isLocked"
          [attr.aria-label]="(tray().isLocked ? 'Unlock' : 'Lock') + ' tray ' + number()"
          (click)="wrapping.change(tray().id, { isLocked: !tray().isLocked })"
        >
          <i [class]="'pi ' + (tray().isLocked ? 'pi-lock' : 'pi-lock-open')" aria-hidden="true"></i>
          {{ tray().isLocked ? 'Unlock' : 'Lock' }}
        </button>
      </div>
      <div
        class="in"
        cdkDropList
        [cdkDropListData]="tray().id"
        cdkDropListSortingDisabled
        [cdkDropListDisabled]="tray().isLocked"
        (cdkDropListDropped)="dropped.emit({ token: $event.item.data, tray: tray().id })"
        (cdkDropListEntered)="wrapping.hoverOver($event.item.data, tray().id)"
        (cdkDropListExited)="wrapping.hoverOut()"
      >
        @for (each of contents(); track each.token.id) {
          <div
            cdkDrag
            [cdkDragStartDelay]="dragDelay"
            [cdkDragData]="each.token.id"
            [cdkDragDisabled]="tray().isLocked"
            (cdkDragEnded)="wrapping.hoverOut()"
            [attr.data-token]="each.token.id"
          >
            <v-token
              [token]="each.token"
              [massDg]="each.massDg"
              [isHeld]="wrapping.held().has(each.token.id)"
              (taken)="wrapping.hold(each.token.id)"
              (keyed)="keyed.emit({ event: $event, token: each.token.id, tray: tray().id })"
            />
          </div>
        } @empty {
          <p class="soft">Nothing in it yet.</p>
        }
      </div>
      @for (each of heaps(); track each.token.id) {
        <v-field
          keys="decimal"
          class="small amount"
          look="beside"
          [label]="'of the ' + each.name"
          [value]="format.mass(each.massDg)"
          [read]="each.read"
          (changed)="setHeap(each.token.id, $event)"
        />
      }
      @for (words of against(); track words) {
        <p class="against"><i class="pi pi-exclamation-triangle" aria-hidden="true"></i> {{ words }}</p>
      }
      @if (seen(); as now) {
        @if (now.plates.length > 0) {
          <ul class="plates" aria-label="Plates">
            @for (plate of now.plates; track $index) {
              <li [class.off]="isOff(plate)">
                <span>{{ plate.eater }}</span><span class="bar" aria-hidden="true"
                  ><i [style.width.%]="barOf(plate)"></i><u></u></span
                ><b>{{ format.mass(toDg(plate.massG)) }}</b
                ><small>{{ sign(plate) }}</small>
              </li>
            }
          </ul>
        }
        @if (isDoubtful()) {
          <p class="soft doubt">
            Some were weighed together: a piece may be {{ format.percent(offTheMean, 0) }} off.
          </p>
        }
        <p class="sum">
          <b class="mass">{{ format.mass(now.massDg) }}</b>
          @if (now.costMinor > 0) {
            <span
              >{{ now.isCostKnown ? '' : 'at least ' }}{{ format.money(now.costMinor)
              }}<span class="soft">{{ eachWords(now.costMinor) }}</span></span
            >
          }
          @if (now.worthMinor !== 0) {
            <span class="soft">{{
              now.worthMinor === null ? 'shop price unknown' : 'shop ' + format.money(now.worthMinor)
            }}</span>
          }
        </p>
      }
      <details>
        <summary>Who, wrap, thickness</summary>
        <div class="who" role="group" [attr.aria-label]="'Who eats of tray ' + number()">
          @for (name of names(); track name) {
            <button
              type="button"
              class="quiet small"
              [attr.aria-pressed]="tray().eaters.includes(name)"
              (click)="toggle(name)"
            >
              {{ name }}
            </button>
          }
        </div>
        <div class="grid">
          <v-field
            label="Plates"
            keys="numeric"
            [named]="'Plates of tray ' + number()"
            [value]="'' + (plates() || '')"
            [read]="readPlates"
            (changed)="change({ plates: $event })"
          />
          <v-choice
            label="Wrap"
            [options]="wraps()"
            [value]="tray().wrap"
            (valueChange)="change({ wrap: $event })"
          />
          <v-field
            keys="decimal"
            label="Lies how thick"
            [value]="tray().thicknessMm === null ? '' : format.length(tray().thicknessMm!)"
            [placeholder]="format.lengthUnit()"
            [read]="readThickness"
            (changed)="change({ thicknessMm: $event })"
          />
          <v-field
            keys="decimal"
            label="Bag and paper weigh"
            [value]="tray().tareDg ? format.mass(tray().tareDg) : ''"
            [placeholder]="format.mass(0)"
            [read]="readTare()"
            (changed)="change({ tareDg: $event })"
          />
        </div>
        <v-field
          label="Keep it for, so that no plan takes it"
          [named]="'Tray ' + number() + ' is kept for'"
          placeholder="guests, the game …"
          [most]="60"
          [value]="tray().keptFor ?? ''"
          [read]="readText"
          (changed)="change({ keptFor: $event === '' ? null : $event })"
        />
        <v-check [value]="tray().singly" (valueChange)="change({ singly: $event })"
          >each wrapped: take out singly</v-check
        >
        @if (freezing(); as hours) {
          <p class="soft">
            At {{ format.length(tray().thicknessMm!) }} it freezes in about {{ format.number(hours, 0) }} h in
            {{ freezer().frostFree ? 'moving' : 'still' }} air of {{ format.air(freezer().airC) }}; half as
            thick, in {{ format.number(halfAsThick() ?? 0, 0) }} h.
          </p>
        }
        <p class="soft">
          {{
            bags() === 1
              ? 'One bag'
              : bags() + ' bags, ' + wrapping.settings().flatPieces + ' pieces flat in each'
          }}. One thickness in a bag.
        </p>
        <button type="button" class="quiet small" (click)="wrapping.remove(tray().id)">
          Empty it on the table
        </button>
      </details>
      @if (wrapping.held().size > 0 && !tray().isLocked) {
        <button type="button" class="quiet here" (click)="wrapping.putHeld(tray().id)">Put here</button>
      }
    </section>
  `,
  styleUrl: './tray-card.css',
})
export class TrayCard {
  protected readonly dragDelay = DRAG_DELAY;
  protected readonly wrapping = inject(Wrapping);
  protected readonly format = inject(Format);
  readonly tray = input.required<Tray>();
  readonly number = input.required<number>();
  readonly dropped = output<{ readonly token: string; readonly tray: string }>();
  readonly keyed = output<{
    readonly event: KeyboardEvent;
    readonly token: string;
    readonly tray: string | null;
  }>();
  protected readonly wraps = computed(() => asOptions([...new Set<string>([...WRAPS, this.tray().wrap])]));
  protected readonly readPlates = orEmpty(null, countReader(1, 999));
  protected readonly readThickness = orEmpty(
    null,
    lengthReader(this.format, { most: 500, what: 'thickness of a pack' }),
  );
  /** No bag weighs more than what is in it: then the weight was typed with the bag, or of another tray. */
  protected readonly readTare = computed(() => {
    const massDg = sum(this.contents(), (each) => each.massDg);
    return orEmpty(
      0,
      massReader(this.format, 'small', { least: 0, ...(massDg > 0 ? { most: massDg } : {}) }),
    );
  });
  /** Somebody is named for what they never eat: a plan does not do that, a hand may. */
  protected readonly against = computed(() => {
    const eaters = this.wrapping.eaters().filter(({ name }) => this.tray().eaters.includes(name));
    const parts = new Map(
      this.contents().map(({ token }) => [partKey(token), lotName(token.lot).toLowerCase()]),
    );
    return eaters.flatMap((eater) =>
      [...parts]
        .filter(([key]) => tasteOf(eater, key) === 'never')
        .map(([, part]) => `${eater.name} never eats ${part}.`),
    );
  });

  protected readonly readText = readText;
  protected readonly forWhom = computed(() => {
    const { isCollecting, eaters, keptFor } = this.tray();
    if (keptFor !== null) return `kept for ${keptFor}`;
    if (isCollecting) return 'kept until it is a dinner';
    if (this.isByProduct()) return 'not for plates';
    if (eaters.length === 0) return 'for nobody yet';
    return eaters.length === 1 ? `for ${eaters[0]}` : `for ${eaters.length}`;
  });
  /** Bones for the pot, fat to render: in a bag of their own. */
  protected readonly isByProduct = computed(
    () => this.contents().length > 0 && !this.contents().some(({ token }) => isPlateful(token)),
  );
  protected readonly offTheMean = OFF_THE_MEAN;
  /** A plate rests on a mean; a tray that holds all that were weighed together weighs what they weighed. */
  protected readonly isDoubtful = computed(
    () => this.tray().eaters.length > 1 && this.contents().some(({ token }) => doubtOf(token) > 0),
  );
  protected readonly name = computed(() => this.wrapping.name(this.tray()));
  protected readonly contents = computed(() => contentsOf(this.tray(), this.wrapping.byId()));
  protected readonly heaps = computed(() =>
    this.contents()
      .filter(({ token }) => token.isHeap)
      .map((each) => ({
        ...each,
        name: (each.token.lot.name ?? each.token.lot.part ?? 'heap').replace(/-/g, ' '),
        read: massReader(this.format, 'small', {
          least: 0,
          most: this.wrapping.leftOf(each.token) + (this.tray().heaps[each.token.id] ?? 0),
        }),
      })),
  );
  protected readonly seen = computed(() => this.wrapping.figures(this.wrapping.seen(this.tray())));
  protected readonly names = computed(() => [
    ...new Set([...this.wrapping.eaters().map(({ name }) => name), ...this.tray().eaters]),
  ]);
  protected readonly bags = computed(() => bagsOf(this.tray(), this.wrapping.settings().flatPieces));

  protected readonly plates = computed(() => this.wrapping.plates(this.tray()) ?? 0);

  private readonly store = inject(HouseholdStore);
  /** The household's first freezer. */
  protected readonly freezer = computed(
    () => this.store.appliances().find(({ cold }) => cold === 'freezer') ?? USUAL_FREEZER,
  );
  /** Hours to freeze as thick as it lies; null where nobody has said, or there is nothing in it. */
  protected readonly freezing = computed(() =>
    this.tray().thicknessMm === null || this.contents().length === 0
      ? null
      : this.hoursAt(this.tray().thicknessMm ?? 0),
  );
  protected readonly halfAsThick = computed(() => this.hoursAt((this.tray().thicknessMm ?? 0) / 2));

  private hoursAt(thicknessMm: number): number | null {
    return (
      packFreezing(thicknessMm, this.contents()[0]?.token.lot.animal ?? null, this.freezer()).value ?? null
    );
  }

  protected toDg(massG: number): number {
    return Math.round(massG) * 10;
  }

  protected eachWords(minor: number): string {
    const plates = this.plates();
    return plates > 1 ? `, ${this.format.money(Math.round(minor / plates))} a plate` : '';
  }

  /** Full width is half as much again as wanted. */
  protected barOf({ massG, targetG }: { massG: number; targetG: number }): number {
    return Math.min(100, (massG / targetG / 1.5) * 100);
  }

  protected isOff({ massG, targetG }: { massG: number; targetG: number }): boolean {
    return this.wrapping.isOff(massG, targetG);
  }

  protected sign({ massG, targetG }: { massG: number; targetG: number }): string {
    const off = Math.round((massG / targetG - 1) * 100);
    return off === 0 ? 'right' : `${off > 0 ? '+' : '−'}${Math.abs(off)} %`;
  }

  protected rename(text: string): void {
    this.wrapping.change(this.tray().id, { name: text.trim() === '' ? null : text.trim() });
  }

  protected toggle(name: string): void {
    const { eaters, id } = this.tray();
    this.wrapping.change(id, {
      eaters: eaters.includes(name) ? eaters.filter((each) => each !== name) : [...eaters, name],
    });
  }

  protected setHeap(token: string, massDg: number): void {
    const { [token]: _old, ...others } = this.tray().heaps;
    this.change({ heaps: massDg > 0 ? { ...others, [token]: massDg } : others });
  }

  protected change(change: Partial<Tray>): void {
    this.wrapping.change(this.tray().id, change);
  }
}
