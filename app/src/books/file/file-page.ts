import { saveSettings } from '@core/deeds/change-settings';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { readFile, sizeProblem } from '@core/exchange/read-file';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Ask } from '../../ui/ask/ask';
import { saveText } from '../../ui/save-text';
import { PageTabs } from '../../household/parts/page-tabs';
import { SettingsForm } from '../../ui/field/settings-form';
import { CostForm } from './cost-form';

/** The household as a file: out, in, and in its place; and how it counts. */
@Component({
  selector: 'v-file-page',
  imports: [CostForm, PageTabs, SettingsForm],
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
    .quiet {
      margin-right: 10px;
      margin-bottom: 8px;
    }
  `,
})
export class FilePage {
  protected readonly store = inject(HouseholdStore);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly ask = inject(Ask);
  protected readonly problem = signal('');
  protected readonly said = signal('');

  protected readonly exported = computed(() => {
    const at = this.store.exportedAt();
    const entries = this.store.household().journal.entries.length;
    return `${entries} entries. ${at === null ? 'Never exported from this browser.' : `Last exported ${this.format.day(at.slice(0, 10))}, ${this.format.age(at.slice(0, 10))}.`}`;
  });

  protected async export(): Promise<void> {
    saveText(`vendicus-${this.household}-${this.clock.today()}.json`, this.store.exportText());
    await this.store.noteExport();
  }

  protected async read(input: HTMLInputElement, how: 'merge' | 'replace'): Promise<void> {
    const file = input.files?.[0];
    input.value = '';
    this.said.set('');
    this.problem.set('');
    if (!file) return;
    const tooLarge = sizeProblem(file.size);
    if (tooLarge) return this.problem.set(tooLarge);
    const { value: household, problem } = readFile(await file.text());
    if (problem !== undefined) return this.problem.set(`${file.name}: ${problem}`);
    if (how === 'replace' && !(await this.mayReplace(household.journal.entries.length))) return;
    const before = this.store.household().journal.entries.length;
    const written = await (how === 'merge' ? this.store.merge(household) : this.store.replace(household));
    if (!written.ok) return this.problem.set(written.problem);
    const added = this.store.household().journal.entries.length - before;
    this.said.set(
      how === 'replace'
        ? 'Replaced. The old household is in the file that was just saved.'
        : added === 0
          ? 'Nothing new in that file.'
          : `${added} new entries merged.`,
    );
  }

  protected async save(settings: ReturnType<typeof this.store.settings>): Promise<void> {
    await this.store.perform(saveSettings(settings, this.store.household()));
  }

  private async mayReplace(entries: number): Promise<boolean> {
    const text = `This household is saved to a file first; then the file’s ${entries} entries take its place.`;
    if (!(await this.ask.confirm('Replace the whole household?', text, 'Save a file, then replace')))
      return false;
    await this.export();
    return true;
  }
}
