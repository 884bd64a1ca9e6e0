import selectbutton from '@primeuix/themes/aura/selectbutton';
import togglebutton from '@primeuix/themes/aura/togglebutton';
import { ChangeDetectionStrategy, Component, computed, input, output, viewChild } from '@angular/core';
import { SelectButton } from 'primeng/selectbutton';
import type { Kept } from '@core/ledger/entry';
import { newFieldId } from '../../ui/field/field-id';
import { showsWhatCounts } from '../../ui/field/shows-what-counts';
import { wears } from '../../ui/wears';

wears({ selectbutton, togglebutton });

/** What a piece lies in, in two drawings: film tight around it, no air; or a tray, or paper. */
const WRAPS = [
  {
    id: 'sealed',
    word: 'sealed bag',
    says: 'film tight, no air',
    film: 'M10 26L2 18M10 38L2 46M2 18V46M86 26L94 18M86 38L94 46M94 18V46M8 32Q8 12 30 10H64Q88 12 88 32T64 54H30Q8 52 8 32Z',
    meat: 'M14 32Q15 17 32 16H62Q81 18 82 32T62 48H32Q15 47 14 32Z',
    grain: 'M26 24H68M22 32H74M26 40H68',
  },
  {
    id: 'open',
    word: 'tray or paper',
    says: 'loose, or with air',
    film: 'M4 34H92L84 56H12ZM8 34Q12 6 48 6T88 34',
    meat: 'M16 34Q18 18 34 17H62Q78 19 80 34Z',
    grain: 'M30 24H66M24 29H72',
  },
] as const;

/** Words of each, for a line that says it all. */
export const WRAP_WORDS: ReadonlyMap<Kept | '', string> = new Map([
  ['', 'bag not said'],
  ...WRAPS.map(({ id, word }) => [id, word] as const),
]);

/** Sealed bag, or tray or paper: never assumed, and taken back by a second tap. */
@Component({
  selector: 'v-wrap-choice',
  imports: [SelectButton],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'field' },
  template: `
    <span class="label" [id]="id">It lies in</span>
    <p-selectbutton
      [options]="wraps"
      optionLabel="word"
      optionValue="id"
      [allowEmpty]="true"
      [ariaLabelledBy]="id"
      (onChange)="choose($event.value)"
    >
      <ng-template #item let-wrap>
        <svg viewBox="0 0 96 64" width="72" height="48" aria-hidden="true">
          <path class="film" [attr.d]="wrap.film" />
          <path class="meat" [attr.d]="wrap.meat" />
          <path class="grain" [attr.d]="wrap.grain" />
        </svg>
        <span class="words"
          >{{ wrap.word }}<small>{{ wrap.says }}</small></span
        >
      </ng-template>
    </p-selectbutton>
    @if (hint()) {
      <small class="soft">{{ hint() }}</small>
    }
  `,
  styles: `
    svg {
      flex: none;
    }
    path {
      fill: none;
      stroke: currentColor;
      stroke-width: 1.6;
      stroke-linejoin: round;
    }
    .meat {
      fill: var(--sheet);
      stroke-width: 2.4;
    }
    .grain {
      stroke-width: 0.8;
    }
    .words {
      display: grid;
      text-align: left;
    }
    small.soft {
      display: block;
      margin-top: 4px;
    }
  `,
})
export class WrapChoice {
  readonly value = input.required<Kept | ''>();
  readonly hint = input('');
  readonly valueChange = output<Kept | ''>();
  protected readonly id = newFieldId();
  protected readonly wraps = [...WRAPS];
  private readonly row = viewChild.required(SelectButton);
  private readonly chosen = computed(() => this.value() || null);
  private readonly shown = showsWhatCounts(this.row, this.chosen);

  protected choose(id: Kept | null): void {
    this.valueChange.emit(id ?? '');
    this.shown.showWhatCounts();
  }
}
