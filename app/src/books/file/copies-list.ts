import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { Format } from '@core/format/format';
import { Copies, type Copy } from '../../household/files/copies';
import { FileTaking } from '../../household/files/file-taking';
import type { Taken } from '../../household/files/household-files';
import { Ask } from '../../ui/ask/ask';
import { Slips } from '../../ui/told/slips';

/** The copies that this browser has made by itself, to go back to. */
@Component({
  selector: 'v-copies-list',
  imports: [Slips],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './copies-list.html',
  styles: `
    table {
      margin-top: 10px;
    }
    .acts {
      text-align: right;
      white-space: nowrap;
    }
    .acts button + button {
      margin-left: 8px;
    }
    @media (max-width: 600px) {
      .acts {
        white-space: normal;
      }
      .acts button {
        margin: 0 0 6px !important;
      }
    }
  `,
})
export class CopiesList {
  protected readonly copies = inject(Copies);
  private readonly taking = inject(FileTaking);
  private readonly format = inject(Format);
  private readonly ask = inject(Ask);
  readonly taken = output<Taken>();
  protected readonly problem = signal('');

  protected readonly rows = computed(() =>
    (this.copies.all() ?? []).map((copy) => ({
      copy,
      day: this.format.dayAndYear(copy.day),
      age: this.format.age(copy.day),
      size: `${Math.max(1, Math.round(copy.bytes / 1000))} kB`,
    })),
  );
  protected readonly size = computed(() => {
    const bytes = (this.copies.all() ?? []).reduce((sum, copy) => sum + copy.bytes, 0);
    return bytes < 1_000_000
      ? `${Math.max(1, Math.round(bytes / 1000))} kB`
      : `${this.format.number(bytes / 1_000_000, 1)} MB`;
  });

  constructor() {
    void this.copies.look();
  }

  protected async goBack(copy: Copy, how: 'merge' | 'replace'): Promise<void> {
    this.problem.set('');
    const read = await this.copies.read(copy);
    if (!read) return;
    if (!read.ok) return this.problem.set(read.problem);
    const file = new File([read.value], `The copy of ${this.format.dayAndYear(copy.day)}`);
    const before = how === 'replace' ? this.mayReplace : (): Promise<boolean> => Promise.resolve(true);
    const { problem, taken } = await this.taking.takeIn(file, how, before, true);
    this.problem.set(problem);
    if (taken) this.taken.emit(taken);
  }

  private readonly mayReplace = (): Promise<boolean> =>
    this.ask.confirm(
      'Put this copy in place?',
      'The household becomes what it was then. As it is now it stays in this browser until you let it go, and can be put back.',
      'Put it in place',
    );
}
