import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import type { MenuItem } from 'primeng/api';
import { lotName } from '@core/catalogue/lot-name';
import { switchUnits } from '@core/deeds/change-settings';
import { Copies } from '../household/files/copies';
import { HOUSEHOLD_NAME } from '../household/household-name';
import { HouseholdStore } from '../household/household-store';
import { StorageNote } from '../household/parts/storage-note';
import { TroubleNote } from '../household/parts/trouble-note';
import { isSaid, markSaid } from '../household/said-once';
import { Appearance } from '../ui/appearance';
import { MenuButton } from '../ui/over/menu-button';
import { PopoverButton } from '../ui/over/popover-button';
import { Waiting } from '../ui/told/waiting';
import { Due } from './due';
import { DueLine } from './due-line';
import { NewVersion } from './new-version';
import { pageItem } from './page-item';
import { PageRow } from './page-row';
import { PLACES, type PlacePath } from './places';
import { SetAside } from './set-aside';
import { Ticket } from './ticket';
import { Whereabouts } from './whereabouts';

const DEMO_LINE = 'demo';

/** Navigation in the order of work, what is due now, the tag of what is in work, and one menu. */
@Component({
  selector: 'v-shell',
  imports: [
    RouterOutlet,
    RouterLink,
    RouterLinkActive,
    DueLine,
    MenuButton,
    PageRow,
    PopoverButton,
    Ticket,
    NewVersion,
    SetAside,
    StorageNote,
    TroubleNote,
    Waiting,
  ],
  providers: [Due, Whereabouts],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './shell.html',
  styleUrl: './shell.css',
})
export class Shell {
  protected readonly store = inject(HouseholdStore);
  private readonly appearance = inject(Appearance);
  private readonly due = inject(Due);
  private readonly here = inject(Whereabouts);
  protected readonly name = inject(HOUSEHOLD_NAME);
  protected readonly places = PLACES;

  protected readonly isDemoKnown = signal(isSaid(DEMO_LINE));

  constructor() {
    // Copies make themselves while the household is open.
    inject(Copies);
  }

  protected putDemoAway(): void {
    markSaid(DEMO_LINE);
    this.isDemoKnown.set(true);
  }

  protected readonly row = this.here.row;
  protected readonly pageName = computed(() => {
    const [first, ...others] = this.row()?.tabs ?? [];
    const now = [first, ...others].find(
      (tab) => tab && this.here.isAt(['', this.name, ...tab.path].join('/')),
    );
    return now?.name ?? '';
  });
  protected readonly pageItems = computed(() =>
    (this.row()?.tabs ?? []).map((tab) => pageItem(tab, this.name)),
  );

  /** The piece that the page is about, where it is in work; else the one that was bought last. */
  protected readonly inView = computed(() => {
    const open = this.store.openPieces();
    return open.find(({ id }) => this.here.names(id)) ?? open[0] ?? null;
  });
  protected readonly tagName = computed(() => {
    const piece = this.inView();
    return piece ? lotName(piece) : '';
  });
  /** On the Block the ticket lies in full. */
  protected readonly onTheBlock = computed(() =>
    this.row()?.path === 'block' && this.here.isFirstPage() ? this.inView() : null,
  );

  protected readonly isPressing = computed(() => this.due.soon().length > 0 || this.due.overdue().length > 0);
  private readonly counts = computed<Partial<Record<PlacePath, string>>>(() => ({
    block: counted(this.store.openPieces().length, 'open'),
    wrap: counted(this.store.toWrap().length, 'to wrap'),
    freezer:
      this.due.overdue().length > 0
        ? `${this.due.overdue().length} overdue`
        : this.due.soon().length > 0
          ? `${this.due.soon().length} to thaw`
          : counted(this.store.stock().length, 'pack', 'packs'),
  }));

  protected countOf(path: PlacePath): string | undefined {
    return this.counts()[path];
  }

  protected readonly menuItems = computed((): MenuItem[] => {
    const { system, currency } = this.store.settings();
    const last = this.store.last();
    return [
      ...(last
        ? [{ label: `Undo: ${last.say}`, icon: 'pi pi-undo', command: () => void this.store.undo() }]
        : []),
      {
        label: system === 'metric' ? 'Weigh in pounds' : 'Weigh in kilograms',
        icon: 'pi pi-sort-alt',
        command: () => void this.store.perform(switchUnits()),
      },
      {
        label: this.appearance.light() === 'dim' ? 'Light paper' : 'Dim the light',
        icon: this.appearance.light() === 'dim' ? 'pi pi-sun' : 'pi pi-moon',
        command: () => this.appearance.toggle(),
      },
      {
        label: `File and settings, ${currency}`,
        icon: 'pi pi-cog',
        routerLink: ['/', this.name, 'books', 'household'],
      },
      ...(this.name === 'demo'
        ? [{ label: 'Start your own household', icon: 'pi pi-home', routerLink: '/home' }]
        : []),
    ];
  });
}

const counted = (count: number, one: string, many = one): string | undefined =>
  count > 0 ? `${count} ${count === 1 ? one : many}` : undefined;
