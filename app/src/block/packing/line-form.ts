import { sum } from 'd3-array';
import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { Format } from '@core/format/format';
import { exampleLine, readSaidLine, type SaidItem } from '@core/said/said-line';
import { stretchesOf } from '@core/said/said-words';
import { PlaceChoice } from '../../household/parts/place-choice';
import { Swatch } from '../../ui/piece/swatch';
import { draftKey } from '../../household/draft-key';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { TextField } from '../../ui/field/text-field';
import { BenchActs } from '../bench/bench-acts';
import { Board } from '../bench/board';
import { Packing } from './packing';

/** The shortest record of all: the packs, their weights and what went elsewhere, typed or dictated in one line. */
@Component({
  selector: 'v-line-form',
  imports: [PlaceChoice, Swatch, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form (submit)="$event.preventDefault(); write()" autocomplete="off">
      <v-text
        label="What came of it, all at once"
        [lines]="3"
        [most]="2000"
        [placeholder]="example()"
        [problem]="problem()"
        hint="Typed, or dictated with the keyboard’s microphone. Nothing is written down before you have seen it."
        [(value)]="text"
      />
      @if (unknown().length > 0) {
        <p class="echo" role="status">
          @for (each of stretches(); track $index) {
            @if (each.isUnknown) {
              <mark>{{ each.text }}<span class="visually-hidden"> is not understood</span>?</mark>
            } @else {
              <span>{{ each.text }}</span>
            }
          }
        </p>
        <p class="soft">Write it as one of: {{ names() }}; or where it goes.</p>
      }
      @if (read().value; as line) {
        <table class="ledger">
          <tbody>
            @for (each of line.packs; track $index) {
              <tr>
                <td>Pack {{ $index + 1 }}</td>
                <td><v-swatch [of]="each.destination" [word]="words(each)" /></td>
                <td class="figure">{{ format.mass(each.massDg) }}</td>
              </tr>
            }
            @for (each of line.others; track $index) {
              <tr>
                <td class="soft">not packed</td>
                <td><v-swatch [of]="each.destination" [word]="words(each)" /></td>
                <td class="figure">{{ format.mass(each.massDg) }}</td>
              </tr>
            }
            @if (line.liquidDg) {
              <tr>
                <td class="soft">ran out</td>
                <td><v-swatch of="liquid" /></td>
                <td class="figure">{{ format.mass(line.liquidDg) }}</td>
              </tr>
            }
          </tbody>
        </table>
        <p [class.bad]="leftDg() < 0">{{ leaves() }}</p>
      }
      <div class="end">
        <v-place-choice
          label="Packs go to"
          look="beside"
          none="no place yet"
          [place]="packing.place()?.id ?? null"
          (chosen)="packing.put($event)"
        />
        <button type="submit" class="act" [attr.aria-disabled]="!isAll() || null">{{ deed() }}</button>
      </div>
    </form>
  `,
  styles: `
    .echo {
      margin: 10px 0 2px;
      white-space: pre-wrap;
    }
    mark {
      background: none;
      color: var(--bad);
      font-weight: 600;
      text-decoration: underline wavy;
    }
    table {
      margin: 12px 0 0;
    }
    .end {
      display: flex;
      flex-wrap: wrap;
      gap: 10px;
      justify-content: space-between;
      align-items: center;
      margin-top: 16px;
    }
  `,
})
export class LineForm {
  protected readonly board = inject(Board);
  protected readonly packing = inject(Packing);
  protected readonly format = inject(Format);
  private readonly acts = inject(BenchActs);
  readonly done = output();

  protected readonly text = signal('');
  private readonly wasAsked = signal(false);
  protected readonly read = computed(() =>
    readSaidLine(this.text(), {
      parts: this.board.parts(),
      others: this.board.kind()?.parts ?? [],
      usual: this.board.mainPart(),
      format: this.format,
    }),
  );
  /** Words that mean nothing here; the one that is just being typed is no word yet. */
  protected readonly unknown = computed(() => {
    const typing = /(\p{L}[\p{L}'’-]*)$/u.exec(this.text())?.[1]?.toLowerCase();
    return (this.read().value?.unknown ?? []).filter((word) => this.wasAsked() || word !== typing);
  });
  protected readonly stretches = computed(() => stretchesOf(this.text(), this.unknown()));
  protected readonly names = computed(() =>
    this.board
      .parts()
      .map(({ name }) => name.toLowerCase())
      .join('; '),
  );
  /** All that was said is understood. */
  protected readonly isAll = computed(() => this.read().value?.unknown.length === 0);

  constructor() {
    const key = draftKey('line');
    keepInTab(() => `${key()} ${this.board.pieceId()}`, { text: this.text });
  }

  /** While it is typed nothing is wrong yet but what is said in full. */
  protected readonly problem = computed(() =>
    this.text().trim() === '' || !(this.wasAsked() || /[;.\n]\s*$/.test(this.text()))
      ? ''
      : (this.read().problem ?? ''),
  );
  protected readonly example = computed(() => exampleLine([3200, 3400], 4300, this.format));
  protected readonly leftDg = computed(() => {
    const line = this.read().value;
    const left = this.board.piece()?.leftDg ?? 0;
    return line
      ? left - sum([...line.packs, ...line.others], ({ massDg }) => massDg) - (line.liquidDg ?? 0)
      : left;
  });
  protected readonly leaves = computed(() => {
    const left = this.leftDg();
    return left < 0
      ? `That is ${this.format.mass(-left)} more than there is. Is a weight said twice, or with its bag?`
      : `Leaves ${this.format.mass(left)} on the board.`;
  });
  protected readonly deed = computed(() => {
    const packs = this.read().value?.packs.length ?? 0;
    const isFrozen = this.packing.place()?.cold === 'freezer';
    return packs === 0
      ? 'Write it down'
      : `${isFrozen ? 'Freeze' : 'Pack'} ${this.format.count(packs, 'pack')}`;
  });

  protected words({ name, count }: SaidItem): string {
    return count === null || count === 1 ? name : `${name} × ${count}`;
  }

  protected async write(): Promise<void> {
    this.wasAsked.set(true);
    const line = this.read().value;
    if (line && this.isAll() && (await this.acts.packAsSaid(line))) {
      this.text.set('');
      this.wasAsked.set(false);
      this.done.emit();
    }
  }
}
