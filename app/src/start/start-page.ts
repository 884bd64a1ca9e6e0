import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { begin } from '@core/deeds/change-settings';
import { DEFAULT_SETTINGS, type Settings } from '@core/records/settings';
import { HouseholdStore } from '../household/household-store';
import { markOwnHousehold } from '../household/own-household-mark';
import { SettingsForm } from '../ui/field/settings-form';

/** The first questions to a household of one's own. */
@Component({
  selector: 'v-start-page',
  imports: [SettingsForm, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <main class="page start">
      <header>
        <p class="mark">Vendicus</p>
        <h1>Your household</h1>
        <p>
          Four questions, then buy the first piece. Everything stays in this browser, and in files that you
          export.
        </p>
      </header>
      @if (store.storageProblem(); as problem) {
        <p class="caution" role="alert">{{ problem }}</p>
      }
      <v-settings-form [settings]="settings" action="Begin" (saved)="begin($event)" />
      <p class="soft">
        What is in the freezer already can be entered there afterwards. Or
        <a routerLink="/demo">look around the demo household</a> first.
      </p>
    </main>
  `,
  styles: `
    .start {
      max-width: 760px;
      margin: 0 auto;
    }
    .mark {
      font: 700 1.55rem/1 var(--name);
      color: var(--ink) !important;
      margin-bottom: 22px !important;
    }
  `,
})
export class StartPage {
  protected readonly store = inject(HouseholdStore);
  private readonly router = inject(Router);
  protected readonly settings: Settings = {
    ...DEFAULT_SETTINGS,
    decimal: localDecimal(),
    eaters: [{ name: '', plateDg: 1800 }],
  };

  protected async begin(settings: Settings): Promise<void> {
    await this.store.whenLoaded();
    const written = await this.store.perform(begin(settings, this.store.household()));
    if (!written.ok) return;
    markOwnHousehold();
    // Asks the browser not to clear the household away when the disk runs low; its answer changes nothing here.
    void navigator.storage?.persist?.();
    await this.router.navigateByUrl('/home/freezer');
  }
}

function localDecimal(): '.' | ',' {
  return new Intl.NumberFormat().format(1.5).includes(',') ? ',' : '.';
}
