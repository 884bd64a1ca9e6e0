import { sum } from 'd3-array';
import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { Format } from '@core/format/format';
import { readSaidLine, type SaidItem } from '@core/said/said-line';
import { PlaceChoice } from '../../household/parts/place-choice';
import { Swatch } from '../../ui/piece/swatch';
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
        label="What came of it, in one line"
        [lines]="3"
        [most]="2000"
        [placeholder]="example()"
        [problem]="problem()"
        hint="Typed, or dictated with the keyboard’s microphone. Nothing is written down before you have seen it."
        [(value)]="text"
      />
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
        <button type="submit" class="act" [attr.aria-disabled]="!read().ok || null">{{ deed() }}</button>
      </div>
    </form>
  `,
  styles: `
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
      usual: this.board.mainPart(),
      format: this.format,
    }),
  );
  /** While it is typed nothing is wrong yet but what is said in full. */
  protected readonly problem = computed(() =>
    this.text().trim() === '' || !(this.wasAsked() || /[;.\n]\s*$/.test(this.text()))
      ? ''
      : (this.read().problem ?? ''),
  );
  protected readonly example = computed(() => {
    const [large, small] = [3200, 3400].map((massDg) => this.format.mass(massDg));
    return `8 packs ${large}, ${small} …; bin ${this.format.mass(4300)}`;
  });
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
    if (line && (await this.acts.packAsSaid(line))) {
      this.text.set('');
      this.wasAsked.set(false);
      this.done.emit();
    }
  }
}
