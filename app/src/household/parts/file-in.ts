import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import { FileChoice } from '../../ui/field/file-choice';
import { Progress } from '../../ui/told/progress';
import { FileTaking } from '../files/file-taking';
import { HouseholdFiles, type Taken } from '../files/household-files';

/** A household's file comes in: read and checked in a worker, asked about where it is strange, written. */
@Component({
  selector: 'v-file-in',
  imports: [FileChoice, Progress],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (files.isBusy() && isMine()) {
      <v-progress [word]="'Reading ' + name() + ' …'" [percent]="percent()" (cancelled)="files.cancel()" />
    } @else {
      <v-file-choice
        accept=".json,.txt,application/json,text/plain"
        [action]="action()"
        [label]="label()"
        [disabled]="files.isBusy()"
        (chosen)="read($event)"
      />
    }
    @if (problem(); as text) {
      <p class="caution" role="alert">{{ text }}</p>
    }
  `,
  styles: `
    :host {
      display: inline-block;
      vertical-align: top;
      margin: 0 12px 10px 0;
      max-width: 100%;
    }
  `,
})
export class FileIn {
  protected readonly files = inject(HouseholdFiles);
  private readonly taking = inject(FileTaking);

  /** What the button says, and what the file is chosen for. */
  readonly action = input.required<string>();
  readonly label = input.required<string>();
  readonly how = input<'merge' | 'replace'>('merge');
  /** Asked once the file is read, before it takes the place of what is here; false calls it off. */
  readonly before = input<() => Promise<boolean>>(() => Promise.resolve(true));
  readonly chosen = output<void>();
  readonly taken = output<Taken>();

  protected readonly problem = signal('');
  protected readonly name = signal('');
  protected readonly isMine = signal(false);

  protected percent(): number {
    return Math.round(100 * (this.files.progress() ?? 0));
  }

  protected async read(file: File): Promise<void> {
    this.problem.set('');
    this.chosen.emit();
    this.name.set(file.name);
    this.isMine.set(true);
    const { problem, taken } = await this.taking.takeIn(file, this.how(), this.before());
    this.problem.set(problem);
    this.isMine.set(false);
    if (taken) this.taken.emit(taken);
  }
}
