import { ChangeDetectionStrategy, Component, DestroyRef, DOCUMENT, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { SwUpdate } from '@angular/service-worker';

const KEY = 'vendicus-version-asked-again';

/** Whether the page was loaded anew for this already: once is enough. */
function wasAskedAgain(): boolean {
  try {
    const was = sessionStorage.getItem(KEY) !== null;
    sessionStorage.setItem(KEY, 'yes');
    return was;
  } catch {
    // Where nothing can be kept nobody knows: better to stay than to load for ever.
    return true;
  }
}

/** A newer version, said in a quiet line: it is taken on request or at the next start, and never in the middle of work. */
@Component({
  selector: 'v-new-version',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (isReady()) {
      <p class="line no-print" role="status">
        A newer Vendicus is here. It is taken at the next start, or
        <button type="button" class="quiet small" (click)="take()">now</button>
      </p>
    }
  `,
  styles: `
    .line {
      margin: 14px 30px 0;
      color: var(--soft);
    }
    button {
      margin-left: 6px;
    }
    @media (max-width: 900px) {
      .line {
        margin: 10px 16px 0;
      }
    }
  `,
})
export class NewVersion {
  private readonly updates = inject(SwUpdate);
  private readonly page = inject(DOCUMENT);
  protected readonly isReady = signal(false);

  constructor() {
    const until = takeUntilDestroyed<unknown>(inject(DestroyRef));
    this.updates.versionUpdates.pipe(until).subscribe((event) => {
      if ((event as { type: string }).type === 'VERSION_READY') this.isReady.set(true);
    });
    // What is kept of this version is no longer whole: a page loaded anew gets one that is.
    this.updates.unrecoverable.pipe(until).subscribe(() => {
      if (!wasAskedAgain()) this.page.location.reload();
    });
  }

  protected async take(): Promise<void> {
    await this.updates.activateUpdate().catch(() => false);
    this.page.location.reload();
  }
}
