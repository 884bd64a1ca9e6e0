import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { Clock } from '../../household/clock';
import { LinkedFile } from '../../household/files/linked-file';
import { isUnchosen, linkProblem } from '../../household/files/link-problem';

/** A file outside of the browser that is kept up to date by itself, where browsers let a page do that. */
@Component({
  selector: 'v-link-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @switch (file.link().state) {
      @case ('none') {
        @if (file.pickers) {
          <p>
            Or let a file be kept up to date by itself, on this machine or in a folder that is synchronised
            with other devices: what they have written there is merged, and never written over.
          </p>
          <button type="button" class="quiet" (click)="file.choose('new')">Keep a new file up to date</button>
          <button type="button" class="quiet" (click)="file.choose('existing')">
            One that is there already
          </button>
        }
      }
      @default {
        <p role="status">{{ said() }}</p>
        @if (isUnchosen()) {
          <button type="button" class="quiet" (click)="file.choose('existing')">Choose it again</button>
        } @else if (file.link().state !== 'kept') {
          <button type="button" class="quiet" (click)="file.allow()">Try again</button>
        }
        <button type="button" class="quiet" (click)="file.letGo()">Keep it up to date no more</button>
      }
    }
  `,
  styles: `
    p {
      margin: 14px 0 10px;
    }
    .quiet {
      margin: 0 10px 8px 0;
    }
  `,
})
export class LinkChoice {
  protected readonly file = inject(LinkedFile);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);

  protected readonly isUnchosen = computed(() => isUnchosen(this.file.link()));

  protected readonly said = computed(() => {
    const link = this.file.link();
    if (link.state !== 'kept') return linkProblem(link) ?? '';
    const at = link.at === null ? '' : `, last ${this.when(link.at)}`;
    return `${link.name} is kept up to date by itself${at}.`;
  });

  private when(at: string): string {
    return `${this.format.day(this.clock.dayOf(at))}, ${this.format.timeOf(at)}`;
  }
}
