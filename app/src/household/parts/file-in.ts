import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import { ProgressBar } from 'primeng/progressbar';
import { FileTaking } from '../files/file-taking';
import { HouseholdFiles, type Taken } from '../files/household-files';

/** A household's file comes in: read and checked in a worker, asked about where it is strange, written. */
@Component({
  selector: 'v-file-in',
  imports: [ProgressBar],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <input
      #chosen
      class="visually-hidden"
      type="file"
      accept=".json,application/json"
      [attr.aria-label]="label()"
      (change)="read(chosen)"
      tabindex="-1"
    />
    @if (files.isBusy() && isMine()) {
      <div class="busy" role="status">
        <span>Reading {{ name() }} …</span>
        <p-progressbar [value]="percent()" [showValue]="false" />
        <button type="button" class="quiet small" (click)="files.cancel()">Call it off</button>
      </div>
    } @else {
      <button type="button" class="quiet" [disabled]="files.isBusy()" (click)="chosen.click()">
        {{ action() }}
      </button>
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
    .busy {
      display: grid;
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 6px 14px;
      align-items: center;
      max-width: 460px;
    }
    .busy span {
      grid-column: 1 / -1;
      overflow-wrap: anywhere;
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

  protected async read(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
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
