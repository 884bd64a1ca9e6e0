import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { readyBy, type Ready } from '@core/freeze/ready-by';
import { THAWING } from '@core/freeze/thawing-time';
import { thawFacts } from '@core/dinner/use-facts';
import { lotName } from '@core/journal/lot-name';
import { isUsable } from '@core/catalogue/destination';
import { USUAL_COOK_MINUTES } from '@core/journal/settings';
import { addHours } from '@core/units/date';
import { Clock } from '../data/clock';
import { Colds } from '../data/colds';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { PageTabs } from '../kit/page-tabs';
import { Swatch } from '../kit/swatch';
import { Acts } from '../kit/acts';
import { UndoBar } from '../kit/undo-bar';
import { keepsWords } from '../kit/cold-words';
import { FREEZER_PAGES } from './pages';

const HOUR_MS = 3_600_000;

/** What can still be thawed for tonight, and by when it must be out. */
@Component({
  selector: 'v-tonight-page',
  imports: [PageTabs, Swatch, UndoBar],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Freezer" [tabs]="pages" />
      <header>
        <h1>What can be ready tonight?</h1>
        <p>
          Oldest first. By the published rule, and where a pack’s thickness is known by how heat gets in: the
          longer counts.
        </p>
      </header>
      <v-undo-bar />
      <div class="when field">
        <label for="at">We eat at</label
        ><input
          id="at"
          class="text"
          type="time"
          [value]="at()"
          (change)="setTime($any($event.target).value)"
        />
      </div>
      <p class="soft">
        Thawed by then less {{ cookMinutes() }} minutes to cook; change that under Week, “When we eat”.
      </p>
      @if (overdue().length > 0) {
        <p class="caution bad">
          Not offered, past {{ overdue().length === 1 ? 'its' : 'their' }} last day:
          @for (lot of overdue(); track lot.id; let last = $last) {
            {{ lotName(lot) }}{{ last ? '.' : ', ' }}
          }
          See Packs.
        </p>
      }
      @if (hoursLeft() <= 0) {
        <p class="caution">That is past for today. Set a later hour.</p>
      }
      <div class="scroll" tabindex="0" role="group" aria-label="Packs">
        <table class="ledger">
          <thead>
            <tr>
              <th>Pack</th>
              <th class="figure">Weight</th>
              <th class="figure">Plates</th>
              <th>How</th>
              <th class="figure">Out by</th>
              <th><span class="visually-hidden">Take out</span></th>
            </tr>
          </thead>
          <tbody>
            @for (row of rows(); track row.lot.id) {
              <tr [class.no]="row.way === null">
                <td><v-swatch [of]="row.lot.destination" [word]="lotName(row.lot)" /></td>
                <td class="figure">{{ figures.mass(row.lot.leftDg) }}</td>
                <td class="figure">
                  {{ row.lot.platesLeft > 0 ? figures.number(row.lot.platesLeft, 0) : '' }}
                </td>
                <td>{{ how(row) }}</td>
                <td class="figure">
                  @if (row.notBefore; as from) {
                    <b>not before {{ figures.timeOf(from) }}</b>
                  } @else if (row.outBy; as by) {
                    <b>{{ figures.timeOf(by) }}</b>
                  } @else if (row.way) {
                    <b>now</b>
                  } @else {
                    <span class="soft">{{ figures.number(row.hours, 1) }} h, not today</span>
                  }
                </td>
                <td class="figure">
                  @if (row.way === 'refrigerator' || row.way === 'cold-water') {
                    <button
                      type="button"
                      class="quiet small"
                      [attr.aria-label]="'Take out ' + lotName(row.lot)"
                      (click)="takeOut(row)"
                    >
                      Out
                    </button>
                  }
                </td>
              </tr>
            } @empty {
              <tr>
                <td colspan="6" class="soft">No meat in the cold yet.</td>
              </tr>
            }
          </tbody>
        </table>
      </div>
      <p class="caution">{{ ways.refrigerator.caution }}</p>
      <p class="caution">
        Cold water:
        {{ ways['cold-water'].caution.charAt(0).toLowerCase() + ways['cold-water'].caution.slice(1) }} Local
        codes come first.
      </p>
    </div>
  `,
  styles: `
    .when {
      max-width: 180px;
      margin-bottom: 16px;
    }
    .no td {
      color: var(--soft);
    }
  `,
})
export class TonightPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly acts = inject(Acts);
  protected readonly pages = FREEZER_PAGES;
  protected readonly lotName = lotName;
  protected readonly ways = THAWING;
  private readonly colds = inject(Colds);
  protected readonly at = signal(this.store.settings().dinners?.at ?? '19:00');
  private readonly now = signal(new Date(this.clock.instant()));
  private readonly dinner = computed(() => {
    const [hours = 19, minutes = 0] = this.at().split(':').map(Number);
    const dinner = new Date(this.now());
    dinner.setHours(hours, minutes, 0, 0);
    return dinner;
  });
  protected readonly hoursLeft = computed(() => (this.dinner().getTime() - this.now().getTime()) / HOUR_MS);
  /** Cooking starts so long before. */
  protected readonly cookMinutes = computed(
    () => this.store.settings().dinners?.cookMinutes ?? USUAL_COOK_MINUTES,
  );
  private readonly panAt = computed(() => addHours(this.dinner().toISOString(), -this.cookMinutes() / 60));
  protected readonly rows = computed(() => {
    const packs = this.store.stock().filter(({ destination }) => isUsable(destination));
    const rank = ({ way }: Ready): number => (way === null ? 2 : way === 'fresh' || way === 'thawed' ? 0 : 1);
    return readyBy(packs, this.now().toISOString(), this.panAt(), this.colds.of()).sort(
      (a, b) => rank(a) - rank(b),
    );
  });
  /** What is past its day is not offered, and named. */
  protected readonly overdue = this.colds.overdue;

  protected setTime(text: string): void {
    if (!/^\d{2}:\d{2}$/.test(text))
      return this.notices.problem('That is no time of day. The old one stands.');
    this.now.set(new Date(this.clock.instant()));
    this.at.set(text);
  }

  protected takeOut({ lot, way }: Ready): void {
    if (way !== 'refrigerator' && way !== 'cold-water') return;
    const { facts } = thawFacts(lot, 'all', {
      way,
      refrigerator: this.store.refrigerator(),
      newId: this.clock.newId(),
      on: this.clock.today(),
    });
    void this.acts.write(`${lotName(lot)} is out, to thaw`, facts);
  }

  protected how({ way, lot }: Ready): string {
    if (way === null) return 'cook from frozen, or another day';
    if (way === 'on-its-way') return 'on its way in cold water';
    if (way === 'fresh' || way === 'thawed')
      return `${way}, ${keepsWords(this.colds.of()(lot), this.figures)}`;
    return THAWING[way].name;
  }
}
