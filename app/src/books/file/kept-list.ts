import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { cameWords } from '@core/format/came-words';
import { Format } from '@core/format/format';
import type { Result } from '@core/units/result';
import { Clock } from '../../household/clock';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdFiles, type Kept } from '../../household/files/household-files';
import { mergeOf } from '../../household/files/kept-merge';
import { Notices } from '../../household/notices';
import { saveText } from '../../ui/save-text';

/** What waits beside the household: merges to look over, what was replaced, what cannot be read. */
@Component({
  selector: 'v-kept-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './kept-list.html',
  styles: `
    ul {
      list-style: none;
      margin: 10px 0 0;
      padding: 0;
    }
    li {
      padding: 12px 0;
      border-top: 1px solid var(--line);
    }
    .came {
      margin: 4px 0 0;
    }
    .came li {
      padding: 2px 0;
      border: 0;
      color: var(--soft);
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 10px;
      margin: 10px 0 0;
    }
  `,
})
export class KeptList {
  protected readonly files = inject(HouseholdFiles);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly household = inject(HOUSEHOLD_NAME);
  private readonly notices = inject(Notices);
  protected readonly problem = signal('');

  protected readonly rows = computed(() =>
    this.files.kept().map((kept) => {
      const merge = mergeOf(kept);
      const day = this.clock.dayOf(kept.at);
      return {
        kept,
        when: `${this.format.day(day)}, ${this.format.timeOf(kept.at)}`,
        name: merge?.name ?? '',
        lines: merge ? cameWords(merge.came, this.format) : [],
        size: Math.ceil(kept.text.length / 1000),
      };
    }),
  );

  protected save({ at, text, why }: Kept): void {
    const day = this.clock.dayOf(at);
    if (why === 'replaced') saveText(`vendicus-${this.household}-until-${day}.json`, text);
    else saveText(`vendicus-unreadable-${day}.txt`, text, 'text/plain');
  }

  protected async act(done: Promise<Result<unknown>>, say = ''): Promise<void> {
    const { problem } = await done;
    this.problem.set(problem ?? '');
    if (problem === undefined && say !== '') this.notices.done(say);
  }
}
