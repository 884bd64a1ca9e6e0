import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DOCUMENT,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router, RouterLink } from '@angular/router';
import { filter, fromEvent, map, merge } from 'rxjs';
import { daysBetween } from '@core/units/date';
import { Clock } from '../clock';
import { LinkedFile } from '../files/linked-file';
import { isUnchosen, linkProblem } from '../files/link-problem';
import { canShareFiles } from '../../ui/share-text';
import { HOUSEHOLD_NAME } from '../household-name';
import { HouseholdStore } from '../household-store';
import { isSaid, markSaid } from '../said-once';
import { Persistence } from '../persistence';

/** From so many entries, or after so many days, what has left this browser in no copy is worth a word. */
const [MANY, LONG_DAYS] = [25, 14];
/** What is said of it. */
interface Told {
  readonly isUnpromised: boolean;
  readonly unsaved: string;
}

/** By these a hand is at work. */
const ACTS = ['pointerdown', 'keydown'];
const LIST = new Intl.ListFormat('en-GB');

/**
 * How safe the household is in this browser, as far as a person has to know: once, that the browser
 * may lose it; and from time to time what would be lost, with the act beside it.
 */
@Component({
  selector: 'v-storage-note',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (linkProblem(); as problem) {
      <aside class="note" aria-label="The household’s file">
        <p>{{ problem }}</p>
        <span class="acts">
          @if (isUnchosen()) {
            <button type="button" class="quiet small" (click)="link.choose('existing')">
              Choose it again
            </button>
          } @else {
            <button type="button" class="quiet small" (click)="link.allow()">Try again</button>
          }
          <button type="button" class="quiet small" (click)="link.letGo()">Let it be</button>
        </span>
      </aside>
    }
    @if (told().isUnpromised) {
      <aside class="note" aria-label="How safe the household is here">
        <p>
          This browser has not promised to keep the household: it may clear it when the disk runs low, and a
          private window forgets it.
          <a [routerLink]="['/', household, 'books', 'household']">Keep its file elsewhere, too</a>
        </p>
        <button type="button" class="quiet small" (click)="know()">I know</button>
      </aside>
    } @else if (told().unsaved) {
      <aside class="note" aria-label="What would be lost">
        <p>{{ told().unsaved }}</p>
        <span class="acts">
          <button type="button" class="quiet small" (click)="store.exportFile()">Save the file</button>
          @if (canSend) {
            <button type="button" class="quiet small" (click)="store.sendFile()">Send it</button>
          }
          <button type="button" class="quiet small" (click)="isLater.set(true)">Later</button>
        </span>
      </aside>
    }
  `,
  styles: `
    .note {
      display: flex;
      gap: 18px;
      align-items: center;
      justify-content: space-between;
      margin: 18px 30px 0;
      padding: 10px 0 10px 14px;
      border-left: 4px solid var(--twine);
    }
    p {
      margin: 0;
      max-width: 75ch;
    }
    button,
    .acts {
      flex: none;
    }
    .acts {
      display: flex;
      gap: 10px;
    }
    @media (max-width: 900px) {
      .note {
        margin: 12px 16px 0;
        gap: 10px;
      }
      .acts {
        flex-direction: column;
      }
    }
  `,
})
export class StorageNote {
  protected readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly persistence = inject(Persistence);
  protected readonly link = inject(LinkedFile);
  protected readonly linkProblem = computed(() => linkProblem(this.link.link()));
  protected readonly isUnchosen = computed(() => isUnchosen(this.link.link()));
  protected readonly canSend = canShareFiles();
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly isKnown = signal(isSaid('storage'));
  protected readonly isLater = signal(false);

  /** Whether somebody has begun to do something on this page. */
  private readonly isAtWork = toSignal(
    merge(
      inject(Router).events.pipe(
        filter((event) => event instanceof NavigationEnd),
        map(() => false),
      ),
      merge(...ACTS.map((type) => fromEvent(inject(DOCUMENT), type, { capture: true }))).pipe(
        map(() => true),
      ),
    ),
    { initialValue: false },
  );
  private readonly entries = computed(() => this.store.household().journal.entries);
  /** Nothing worse has to be said first. */
  private readonly isCalm = computed(
    () => this.household === 'home' && this.store.trouble() === null && this.store.spoilt().length === 0,
  );
  private readonly isUnpromised = computed(
    () =>
      this.isCalm() &&
      !this.isKnown() &&
      this.persistence.isPromised() === false &&
      this.entries().length > 0,
  );

  private readonly unsaved = computed(() => {
    const [first] = this.entries();
    if (!this.isCalm() || this.isLater() || !first || this.link.link().state === 'kept') return '';
    const words = this.store.unsaved();
    const exported = this.store.exported();
    const days = daysBetween(this.clock.dayOf(exported?.at ?? first.at), this.clock.today());
    if (words.length === 0 || (this.store.unsavedCount() < MANY && days < LONG_DAYS)) return '';
    const what = LIST.format(words);
    return exported === null
      ? `${what}: no copy of them has left this browser yet.`
      : `${what} since the last copy left this browser, ${this.format(exported.at)}.`;
  });

  private readonly now = computed(() => ({
    isUnpromised: this.isUnpromised(),
    unsaved: this.unsaved(),
    isAtWork: this.isAtWork(),
  }));
  /** What is said comes up under no hand that is at work on a page, and goes when it is no longer so. */
  protected readonly told = linkedSignal<Told & { readonly isAtWork: boolean }, Told>({
    source: this.now,
    computation: (now, before) => {
      if (!before || !now.isAtWork) return now;
      const { isUnpromised, unsaved } = before.value;
      return {
        isUnpromised: isUnpromised && now.isUnpromised,
        unsaved: unsaved && now.unsaved,
      };
    },
  });

  private format(at: string): string {
    return this.store.format.age(this.clock.dayOf(at));
  }

  protected know(): void {
    markSaid('storage');
    this.isKnown.set(true);
  }
}
