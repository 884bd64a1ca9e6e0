import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import type { RecordValue } from '@core/journal/record';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { Figures } from '../data/figures';
import { Notices } from '../data/notices';
import { Appearance } from '../kit/appearance';
import { PLACES, type PlacePath } from './places';
import { Ticket } from './ticket';
import { Reminder } from './reminder';
import { SetAside } from './set-aside';

/** Navigation in the order of work, the ticket of what is in work, and the household's units. */
@Component({
  selector: 'v-shell',
  imports: [RouterOutlet, RouterLink, RouterLinkActive, Ticket, Reminder, SetAside],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './shell.html',
  styleUrl: './shell.css',
})
export class Shell {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly appearance = inject(Appearance);
  private readonly notices = inject(Notices);
  protected readonly name = inject(HOUSEHOLD_NAME);
  protected readonly places = PLACES;
  protected readonly menuOpen = signal(false);

  private readonly counts = computed<Partial<Record<PlacePath, string>>>(() => ({
    block: counted(this.store.openPieces().length, 'open'),
    wrap: counted(this.store.toWrap().length, 'to wrap'),
    freezer: counted(this.store.stock().length, 'packs'),
  }));

  protected countOf(path: PlacePath): string | undefined {
    return this.counts()[path];
  }

  protected async toggleUnits(): Promise<void> {
    const system = this.store.settings().system === 'metric' ? 'imperial' : 'metric';
    await this.change({ system });
  }

  private async change(part: Partial<RecordValue<'settings'>>): Promise<void> {
    const value = { ...this.store.settings(), ...part };
    const written = await this.store.record({ type: 'settings', key: 'household', value });
    if (!written.ok) this.notices.problem(this.notices.explain(written));
  }
}

const counted = (count: number, word: string): string | undefined => (count > 0 ? `${count} ${word}` : undefined);
