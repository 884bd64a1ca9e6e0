import { saveSettings } from '@core/deeds/change-settings';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { draftKey } from '../../household/draft-key';
import { HouseholdStore } from '../../household/household-store';
import { Ask } from '../../ui/ask/ask';
import { Copies } from '../../household/files/copies';
import { FileTaking } from '../../household/files/file-taking';
import { HouseholdFiles, type Taken } from '../../household/files/household-files';
import { Notices } from '../../household/notices';
import { Persistence } from '../../household/persistence';
import { FileIn } from '../../household/parts/file-in';
import { SettingsForm } from '../../household/parts/settings-form';
import { CopiesList } from './copies-list';
import { CostForm } from './cost-form';
import { UndoneList } from './undone-list';
import { KeptList } from './kept-list';
import { canShareFiles } from '../../ui/share-text';
import { LinkChoice } from './link-choice';

const LIST = new Intl.ListFormat('en-GB');

/** The household as a file: out, in, and in its place; and how it counts. */
@Component({
  selector: 'v-file-page',
  providers: [HouseholdFiles, FileTaking],
  imports: [UndoneList, CopiesList, CostForm, FileIn, KeptList, LinkChoice, SettingsForm],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './file-page.html',
  styles: `
    section {
      border-top: 1.5px solid var(--ink);
      padding: 16px 0 26px;
      max-width: 760px;
    }
    section h2 {
      margin-bottom: 4px;
    }
    .act {
      margin-right: 10px;
      margin-bottom: 8px;
    }
    .quiet {
      margin-right: 10px;
      margin-bottom: 8px;
    }
  `,
})
export class FilePage {
  protected readonly store = inject(HouseholdStore);
  protected readonly draft = draftKey('settings');
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  protected readonly files = inject(HouseholdFiles);
  private readonly persistence = inject(Persistence);
  private readonly copies = inject(Copies);
  private readonly ask = inject(Ask);
  protected readonly said = signal('');
  protected readonly canSend = canShareFiles();

  protected readonly entries = computed(() => {
    const { length } = this.store.household().journal.entries;
    return `${length} ${length === 1 ? 'entry' : 'entries'}`;
  });

  /** How safe the household is now, in one line. */
  protected readonly safety = computed(() => {
    const kept = this.persistence.isPromised()
      ? 'This browser has promised to keep it'
      : 'This browser has not promised to keep it';
    const inside = this.copies.all()?.find(({ isWhole }) => isWhole);
    const exported = this.store.exported();
    const since = this.store.unsaved();
    return [
      kept,
      inside ? `last copy inside it ${this.format.age(inside.day)}` : 'no copy inside it yet',
      exported
        ? `last copy outside ${this.format.age(this.clock.dayOf(exported.at))}${since.length > 0 ? `, and since then ${LIST.format(since)}` : ', with all there is'}`
        : 'no copy outside yet',
    ].join('; ');
  });

  /** Whether the file was handed to the browser. */
  protected async export(): Promise<boolean> {
    if (!(await this.mayExport())) return false;
    await this.store.exportFile();
    return true;
  }

  protected async send(): Promise<void> {
    if (await this.mayExport()) await this.store.sendFile();
  }

  protected readonly mayReplace = async (): Promise<boolean> => {
    const text =
      'This household is saved to a file first. It also stays in this browser until you have seen that file; then the other takes its place.';
    if (!(await this.ask.confirm('Replace the whole household?', text, 'Save a file, then replace')))
      return false;
    return this.export();
  };

  protected isIn({ merged, switchMs }: Taken): void {
    const shown = `shown after ${this.format.number(switchMs / 1000, 1)} s`;
    if (merged === null) return this.said.set(`Replaced; ${shown}. What was here before is kept below.`);
    const [entries, notes] = [merged.added.length, merged.rewritten.length];
    if (entries + notes === 0) return this.said.set('Nothing new in that file.');
    const what =
      entries > 0
        ? `${entries} new ${entries === 1 ? 'entry' : 'entries'}`
        : this.format.count(notes, 'note');
    this.said.set(`${what} merged; ${shown}. What came is listed below.`);
  }

  /** What cannot be read is not in the file: that is said first, and a file of nothing is not made. */
  private async mayExport(): Promise<boolean> {
    const { length } = this.store.household().journal.entries;
    if (this.store.spoilt().length === 0) return true;
    if (length === 0) {
      this.notices.problem(
        'Nothing that this browser has stored can be read, so no file is made of it. Save what cannot be read, at the top of the page.',
      );
      return false;
    }
    return this.ask.confirm(
      'A part cannot be read',
      `What this browser has stored can be read in part only. The file will hold the ${this.entries()} that can be; save what cannot be read, too.`,
      'Export what can be read',
    );
  }

  protected async save(settings: ReturnType<typeof this.store.settings>): Promise<void> {
    await this.store.perform(saveSettings(settings, this.store.household()));
  }
}
