import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import { ProgressBar } from 'primeng/progressbar';
import { Format } from '@core/format/format';
import type { Looked } from '../disk/file.worker';
import { cannotJoin } from '../files/cannot-join';
import { Clock } from '../clock';
import { HouseholdFiles, type Taken } from '../files/household-files';
import { Ask } from '../../ui/ask/ask';

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
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly ask = inject(Ask);

  /** What the button says, and what the file is chosen for. */
  readonly action = input.required<string>();
  readonly label = input.required<string>();
  readonly how = input<'merge' | 'replace'>('merge');
  /** Asked once the file is read, before it takes the place of what is here; false calls it off. */
  readonly before = input<() => Promise<boolean>>(() => Promise.resolve(true));
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
    this.name.set(file.name);
    this.isMine.set(true);
    this.problem.set(await this.takeIn(file));
    this.isMine.set(false);
  }

  /** What is wrong; nothing where all went well, or the person called it off. */
  private async takeIn(file: File): Promise<string> {
    const looked = await this.files.look(file);
    if (!looked) return 'Called off. Nothing was written.';
    if (!looked.ok) return `${file.name}: ${looked.problem}`;
    const { merging } = looked.value;
    if (this.how() === 'merge' && !merging.ok) return `${file.name}: ${cannotJoin(merging.problem)}`;
    if (!(await this.isMeant(looked.value)) || !(await this.before()())) return '';
    const taken = await this.files.take(this.how());
    if (!taken) return 'Called off. Nothing was written.';
    if (!taken.ok) return taken.problem;
    this.taken.emit(taken.value);
    return '';
  }

  private async isMeant({ ahead, merging, isFirst, isOlderSince }: Looked): Promise<boolean> {
    if (ahead) {
      const day = this.format.dayAndYear(ahead.latest.slice(0, 10));
      const today = this.format.dayAndYear(this.clock.today());
      const entries = this.format.count(ahead.count, 'thing');
      const text = `${entries} in this file ${ahead.count === 1 ? 'is' : 'are'} dated ahead, up to ${day}; this device says that it is ${today}. One of the two clocks is wrong. If it is this one, go back and set it right first.`;
      if (!(await this.ask.confirm('The file is ahead of the clock', text, 'Take it as it is'))) return false;
    }
    const isStrange = merging.ok && merging.value.kinship === 'strangers';
    if (isFirst || this.how() === 'replace' || !isStrange) return true;
    return this.ask.confirm(
      'This is another household’s file',
      `Both become one, and one way of counting stays: ${
        isOlderSince === null
          ? 'that of the household here, which began first'
          : `that of the file, which began first, on ${this.format.dayAndYear(isOlderSince.slice(0, 10))}. Who eats here, costs and the like are then as they are there`
      }. Of the other’s places only those come along in which something lies. What came is listed afterwards, and can be taken out again.`,
      'Make them one',
    );
  }
}
