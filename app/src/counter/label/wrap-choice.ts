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
    film: 'M6 10H90V54H6ZM13 10V54M83 10V54M17 20L8 13M80 20L88 13M17 44L8 51M80 44L88 51',
    meat: 'M16 32Q17 13 34 12H63Q80 14 81 32T63 52H34Q17 51 16 32Z',
    grain: 'M28 25H68M24 32H73M28 39H68',
  },
  {
    id: 'open',
    word: 'tray or paper',
    says: 'loose, or with air',
    film: 'M10 8H86Q92 8 92 14V50Q92 56 86 56H10Q4 56 4 50V14Q4 8 10 8ZM14 14H82Q86 14 86 18V46Q86 50 82 50H14Q10 50 10 46V18Q10 14 14 14Z',
    meat: 'M24 32Q25 21 38 20H60Q71 22 72 32T60 44H38Q25 43 24 32Z',
    grain: 'M34 28H62M30 33H66M34 38H62',
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
    p-selectbutton {
      display: grid;
      grid-template-columns: 1fr 1fr;
    }
    p-selectbutton ::ng-deep .p-togglebutton-content {
      flex-direction: column;
      gap: 4px;
    }
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
      text-align: center;
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
