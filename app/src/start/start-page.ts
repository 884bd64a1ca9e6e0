import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  inject,
  Injector,
  signal,
  viewChild,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { begin } from '@core/deeds/change-settings';
import type { Settings } from '@core/records/settings';
import { Clock } from '../household/clock';
import { FileTaking } from '../household/files/file-taking';
import { HouseholdFiles } from '../household/files/household-files';
import { HouseholdStore } from '../household/household-store';
import { markOwnHousehold } from '../household/own-household-mark';
import { FileIn } from '../household/parts/file-in';
import { SettingsForm } from '../household/parts/settings-form';
import { TroubleNote } from '../household/parts/trouble-note';
import { keepInTab } from '../ui/form/keep-in-tab';
import { firstSettings, plateAsUsual } from './first-settings';

/** The first questions to a household of one's own, two a screen; or none, where it is on another device already. */
@Component({
  selector: 'v-start-page',
  providers: [HouseholdFiles, FileTaking],
  imports: [FileIn, SettingsForm, RouterLink, TroubleNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <v-trouble-note />
    <main class="page start">
      <header>
        <p class="mark">Vendicus</p>
        <h1 #head tabindex="-1">{{ step() === 'units' ? 'Your household' : 'Who eats here?' }}</h1>
        @if (step() === 'units') {
          <p>Two questions, then who eats. All of it stays in this browser, and in files that you export.</p>
        }
      </header>
      <v-settings-form
        [settings]="settings()"
        [asks]="step()"
        [action]="step() === 'units' ? 'Go on' : 'Begin'"
        (drafted)="draft.set($event)"
        (saved)="goOn($event)"
      />
      @if (step() === 'units') {
        <section class="joins" aria-labelledby="joins">
          <h2 id="joins">Is it on another device already?</h2>
          <p>Then answer nothing: export its file there (Books, File and settings), and choose it here.</p>
          <v-file-in
            action="I have a household: choose its file"
            label="The household’s file"
            (taken)="isHere('freezer')"
          />
        </section>
        <p class="soft"><a class="link" routerLink="/demo">Look around the demo household</a> first.</p>
      } @else {
        <p class="after">
          <button type="button" class="quiet" (click)="goBack()">
            <i class="pi pi-arrow-left" aria-hidden="true"></i> Back
          </button>
        </p>
      }
    </main>
  `,
  styleUrl: './start-page.css',
})
export class StartPage {
  protected readonly store = inject(HouseholdStore);
  private readonly router = inject(Router);
  private readonly clock = inject(Clock);
  private readonly injector = inject(Injector);
  private readonly head = viewChild.required<ElementRef<HTMLElement>>('head');
  /** What the form begins with. */
  protected readonly settings = signal<Settings>(firstSettings(navigator.language));
  /** What stands in it; a reload in the middle finds it again. */
  protected readonly draft = signal(this.settings());
  protected readonly step = signal<'units' | 'eaters'>('units');

  private readonly forget = keepInTab(() => 'vendicus-first-questions', {
    draft: this.draft,
    step: this.step,
  });

  constructor() {
    this.settings.set(this.draft());
  }

  protected goBack(): void {
    this.settings.set(this.draft());
    this.show('units');
  }

  /** The button that was pressed is gone then: one goes on from the top of the new screen. */
  private show(step: 'units' | 'eaters'): void {
    this.step.set(step);
    afterNextRender(() => this.head().nativeElement.focus(), { injector: this.injector });
  }

  protected async goOn(settings: Settings): Promise<void> {
    if (this.step() === 'eaters') return this.begin(settings);
    this.settings.set(plateAsUsual(settings));
    this.show('eaters');
  }

  private async begin(settings: Settings): Promise<void> {
    await this.store.whenLoaded();
    const deed = begin(settings, this.store.household(), () => this.clock.newId());
    if ((await this.store.perform(deed)).ok) await this.isHere('counter');
  }

  /** A household is here now: begun, and then something is bought; or joined, and then there is something in it. */
  protected async isHere(place: 'counter' | 'freezer'): Promise<void> {
    markOwnHousehold();
    this.forget();
    // Asks the browser not to clear the household away when the disk runs low; its answer is told elsewhere.
    void navigator.storage?.persist?.();
    await this.router.navigateByUrl(`/home/${place}`);
  }
}
