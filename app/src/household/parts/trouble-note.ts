import { ChangeDetectionStrategy, Component, DOCUMENT, inject } from '@angular/core';
import { Clock } from '../clock';
import { HOUSEHOLD_NAME } from '../household-name';
import { HouseholdFiles } from '../files/household-files';
import { HouseholdStore } from '../household-store';
import { Notices } from '../notices';
import { Ask } from '../../ui/ask/ask';
import { saveText } from '../../ui/save-text';

/** What stands in the way of writing, or could not be read, and what can be done about it now. */
@Component({
  selector: 'v-trouble-note',
  providers: [HouseholdFiles],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (store.trouble(); as trouble) {
      <div class="caution stop" role="alert">
        <p>{{ trouble.text }}</p>
        <p class="acts">
          @if (trouble.saves) {
            <button type="button" class="quiet small" (click)="save()">Save the household’s file</button>
          }
          <button type="button" class="quiet small" (click)="page.location.reload()">Reload this page</button>
        </p>
      </div>
    }
    @if (store.spoilt().length; as count) {
      <div class="caution stop" role="alert">
        <p>
          {{ count === 1 ? 'One part' : count + ' parts' }} of what this browser has stored cannot be read:
          the disk, or another program, has changed it. All else is here, and nothing of it is thrown away.
          Save the text of it; then merge the household’s last file or copy, which brings back what is
          missing.
        </p>
        <p class="acts">
          <button type="button" class="quiet small" (click)="saveSpoilt()">Save what cannot be read</button>
          <button type="button" class="quiet small" (click)="putAside()">Put it aside</button>
        </p>
      </div>
    }
  `,
  styles: `
    .stop {
      margin: 22px 30px 0;
    }
    p {
      margin: 0 0 10px;
    }
    .acts {
      display: flex;
      gap: 10px;
      flex-wrap: wrap;
    }
    @media (max-width: 900px) {
      .stop {
        margin: 16px;
      }
    }
  `,
})
export class TroubleNote {
  protected readonly store = inject(HouseholdStore);
  protected readonly page = inject(DOCUMENT);
  private readonly files = inject(HouseholdFiles);
  private readonly ask = inject(Ask);
  private readonly notices = inject(Notices);
  private readonly clock = inject(Clock);
  private readonly household = inject(HOUSEHOLD_NAME);

  protected async save(): Promise<void> {
    if (this.store.trouble()?.saves === 'shown') return this.store.exportFile();
    saveText(`vendicus-${this.household}-${this.clock.today()}.json`, await this.store.rawText());
  }

  protected async putAside(): Promise<void> {
    const isMeant = await this.ask.confirm(
      'Put aside what cannot be read?',
      'It stays in this browser as text, under Books, File and settings. From then on the household is what can be read: merge its last file or copy first, where there is one.',
      'Put it aside',
    );
    if (!isMeant) return;
    const { problem } = await this.files.putAside();
    if (problem !== undefined) this.notices.problem(problem);
  }

  protected saveSpoilt(): void {
    saveText(`vendicus-unreadable-${this.clock.today()}.txt`, this.store.spoilt().join('\n'), 'text/plain');
  }
}
