import { eat } from '@core/deeds/eat';
import { move } from '@core/deeds/move';
import { thaw } from '@core/deeds/thaw';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { qrText, readQrText } from '@core/label/qr-text';
import { readShortNumber, shortNumber } from '@core/label/short-number';
import { packState } from '@core/pack/pack-state';
import { isInFreezer, type Cold } from '@core/cold/cold';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { MAY_PRACTISE } from '../../household/may-practise';
import { HouseholdStore } from '../../household/household-store';
import { CodeReader } from '../../devices/code-reader';
import type { PracticeCode } from '../../devices/practice-camera';
import { keepsWords, STATE_WORDS } from '../../household/cold-words';
import { Overdue } from '../../household/parts/overdue';
import { PlaceChoice } from '../../household/parts/place-choice';

const PRACTICE_CODES = 4;
const STATES = {
  frozen: '',
  thawing: '',
  'part-used': 'begun',
  eaten: 'eaten',
  given: 'given away',
  discarded: 'thrown away',
  shrunk: 'not found at a stock-take',
  unpacked: 'taken apart',
} as const;

/** A pack found by its own label: what it is, and what becomes of it. */
@Component({
  selector: 'v-scan-page',
  imports: [PlaceChoice, CodeReader, Overdue, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <header>
        <h1>Scan a label</h1>
        <p>
          Point at a pack’s code, or type its four signs.
          <a [routerLink]="['/', household, 'wrap', 'labels']">‹ Labels</a>
        </p>
      </header>
      <div class="cols">
        <v-code-reader
          label="Number on the label"
          [practiceCodes]="practiceCodes()"
          (found)="find($event.text)"
        />
        <div aria-live="polite">
          @if (said()) {
            <p class="caution">{{ said() }}</p>
          }
          @for (pack of packs(); track pack.id) {
            <section>
              <header>
                <h2>{{ lotName(pack) }}</h2>
                <code>{{ number(pack.id) }}</code>
              </header>
              <p>
                <b class="mass">{{ format.mass(pack.leftDg) }}</b> {{ states[state(pack)]
                }}{{
                  pack.place ? ', in ' + (store.placeNames().get(pack.place) ?? 'a place that is gone') : ''
                }}
              </p>
              <p class="soft">
                {{
                  pack.on
                    ? 'Wrapped ' + format.day(pack.on) + ', ' + format.age(pack.on)
                    : 'Nobody knows since when'
                }}{{ pack.platesLeft > 0 ? ', ' + format.number(pack.platesLeft, 0) + ' plates' : '' }}
              </p>
              @if (pack.leftDg > 0 && cold(pack).overdue) {
                <v-overdue [lot]="pack" />
              } @else if (pack.leftDg > 0) {
                <p>
                  <b>{{ coldWords[cold(pack).state] }}</b>, {{ keeps(pack) }}
                </p>
                <p class="caution">
                  Thaw in the refrigerator, on a tray at the bottom, never on the counter. Local codes come
                  first.
                </p>
                <div class="acts">
                  <button
                    type="button"
                    class="quiet"
                    [disabled]="!isInFreezer(cold(pack))"
                    (click)="out(pack)"
                  >
                    Out, to thaw
                  </button>
                  <button type="button" class="quiet" (click)="eaten(pack)">Eaten</button>
                  <v-place-choice
                    look="beside"
                    label="Lies in"
                    none="no place yet"
                    [place]="pack.place"
                    (chosen)="move(pack, $event)"
                  />
                </div>
              }
            </section>
          } @empty {
            @if (!said()) {
              <p class="soft">The pack shows here.</p>
            }
          }
        </div>
      </div>
    </div>
  `,
  styles: `
    .cols {
      display: grid;
      grid-template-columns: minmax(0, 480px) minmax(0, 1fr);
      gap: 40px;
      align-items: start;
    }
    section {
      border: 1.5px solid var(--ink);
      background: var(--sheet);
      border-radius: 3px;
      padding: 16px 20px 18px;
      margin-bottom: 16px;
    }
    section header {
      display: flex;
      justify-content: space-between;
      gap: 12px;
      align-items: baseline;
    }
    code {
      font: 600 var(--large) var(--mono);
    }
    .mass {
      font-size: var(--head);
    }
    .acts {
      display: flex;
      gap: 10px;
      flex-wrap: wrap;
      align-items: end;
      margin-top: 12px;
    }
    .acts label {
      flex: 1;
      min-width: 200px;
      color: var(--soft);
      font-size: var(--small);
    }
    .acts .text {
      min-height: 56px;
    }
    @media (max-width: 900px) {
      .cols {
        grid-template-columns: minmax(0, 1fr);
        gap: 22px;
      }
    }
  `,
})
export class ScanPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  protected readonly lotName = lotName;
  protected readonly number = shortNumber;
  protected readonly states = STATES;
  protected readonly state = packState;
  private readonly colds = inject(Colds);
  protected readonly coldWords = STATE_WORDS;
  private readonly ids = signal<readonly string[]>([]);
  protected readonly said = signal('');
  protected readonly packs = computed(() =>
    this.ids().flatMap((id) => this.store.state().lots.get(id) ?? []),
  );
  private readonly mayPractise = inject(MAY_PRACTISE);
  /** The first packs in the cold, for the practice camera. */
  protected readonly practiceCodes = computed(() =>
    (this.mayPractise ? this.store.stock() : [])
      .filter(({ form }) => form === 'pack')
      .slice(0, PRACTICE_CODES)
      .map((pack): PracticeCode => ({
        name: `label of ${lotName(pack).toLowerCase()}, ${shortNumber(pack.id)}`,
        kind: 'qrcode',
        text: qrText({
          id: pack.id,
          number: shortNumber(pack.id),
          title: lotName(pack),
          mass: this.format.mass(pack.inDg),
          on: pack.on,
        }),
      })),
  );

  protected readonly isInFreezer = isInFreezer;

  protected cold(pack: Lot): Cold {
    return this.colds.of()(pack);
  }

  protected keeps(pack: Lot): string {
    return keepsWords(this.cold(pack), this.format);
  }

  protected find(text: string): void {
    const { lots } = this.store.state();
    const id = readQrText(text);
    const wanted = readShortNumber(text);
    const packs = [...lots.values()].filter(({ form }) => form === 'pack');
    const found =
      id === null
        ? packs.filter((pack) => shortNumber(pack.id) === wanted)
        : packs.filter((pack) => pack.id === id);
    // Of packs that share a number, those that are still there.
    const there = found.filter(({ leftDg }) => leftDg > 0);
    const shown = there.length > 0 ? there : found;
    this.ids.set(shown.map((pack) => pack.id));
    this.said.set(
      shown.length > 0
        ? ''
        : id !== null
          ? 'That label is of a pack this household does not know. Is it another household’s, or from a device whose file has not been merged?'
          : `No pack has the number ${wanted.slice(0, 12)}. Its four signs stand under the code.`,
    );
  }

  protected async out(pack: Lot): Promise<void> {
    await this.store.perform(thaw([pack], 'all', this.colds.thawing('refrigerator')));
  }

  protected async eaten(pack: Lot): Promise<void> {
    await this.store.perform(eat([pack], 'all', this.clock.today()));
  }

  protected async move(pack: Lot, place: string): Promise<void> {
    await this.store.perform(move([pack], place, this.colds.laying()));
  }
}
