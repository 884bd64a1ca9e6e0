import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { begin } from '@core/deeds/change-settings';
import { DEFAULT_SETTINGS, type Settings } from '@core/records/settings';
import { Clock } from '../household/clock';
import { HouseholdStore } from '../household/household-store';
import { markOwnHousehold } from '../household/own-household-mark';
import { FileIn } from '../household/parts/file-in';
import { TroubleNote } from '../household/parts/trouble-note';
import { SettingsForm } from '../ui/field/settings-form';

/** The first questions to a household of one's own; or none, where it is on another device already. */
@Component({
  selector: 'v-start-page',
  imports: [FileIn, SettingsForm, RouterLink, TroubleNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <v-trouble-note />
    <main class="page start">
      <header>
        <p class="mark">Vendicus</p>
        <h1>Your household</h1>
        <p>
          Four questions, then buy the first piece. Everything stays in this browser, and in files that you
          export.
        </p>
      </header>
      <section class="joins" aria-labelledby="joins">
        <h2 id="joins">Is it on another device already?</h2>
        <p>Then answer nothing: export its file there (Books, File and settings), and choose it here.</p>
        <v-file-in
          action="I have a household: choose its file"
          label="The household’s file"
          (taken)="isHere()"
        />
      </section>
      <h2>A new household</h2>
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
    .joins {
      border-top: 1.5px solid var(--ink);
      border-bottom: 1.5px solid var(--ink);
      padding: 16px 0 20px;
      margin-bottom: 24px;
    }
    .joins p {
      color: var(--soft);
      margin: 4px 0 12px;
    }
    h2 {
      font-size: 1.2rem;
    }
  `,
})
export class StartPage {
  protected readonly store = inject(HouseholdStore);
  private readonly router = inject(Router);
  private readonly clock = inject(Clock);
  protected readonly settings: Settings = {
    ...DEFAULT_SETTINGS,
    decimal: localDecimal(),
    eaters: [{ name: '', plateDg: 1800 }],
  };

  protected async begin(settings: Settings): Promise<void> {
    await this.store.whenLoaded();
    const deed = begin(settings, this.store.household(), () => this.clock.newId());
    if ((await this.store.perform(deed)).ok) await this.isHere();
  }

  /** A household is here now: begun, or joined. */
  protected async isHere(): Promise<void> {
    markOwnHousehold();
    // Asks the browser not to clear the household away when the disk runs low; its answer is told elsewhere.
    void navigator.storage?.persist?.();
    await this.router.navigateByUrl('/home/freezer');
  }
}

function localDecimal(): '.' | ',' {
  return new Intl.NumberFormat().format(1.5).includes(',') ? ',' : '.';
}
