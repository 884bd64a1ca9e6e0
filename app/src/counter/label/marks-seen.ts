import { ChangeDetectionStrategy, Component, computed, inject, input, model } from '@angular/core';
import type { Kind, Mark } from '@core/catalogue/kind-schema';
import { markDrawing, type MarkStroke } from '@core/catalogue/mark-drawings';
import { Format } from '@core/format/format';

/** What is seen on a piece before it is bought, each with what it moves. */
@Component({
  selector: 'v-marks-seen',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <fieldset>
      <legend>{{ legend() }}</legend>
      <div class="marks">
        @for (mark of marks(); track mark.id) {
          <button type="button" [attr.aria-pressed]="seen().includes(mark.id)" (click)="toggle(mark.id)">
            @if (drawingOf(mark.id); as strokes) {
              <svg viewBox="0 0 48 38" aria-hidden="true">
                @for (each of strokes; track each.d) {
                  <path [attr.d]="each.d" [class]="each.shows ?? 'plain'" />
                }
              </svg>
            }
            <span
              ><b>{{ mark.name }}</b
              ><small>{{ effect(mark) }}</small></span
            >
          </button>
        }
      </div>
    </fieldset>
  `,
  styles: `
    fieldset {
      border: 0;
      padding: 0;
      margin: 0 0 16px;
      min-width: 0;
    }
    legend {
      font: 650 var(--large) var(--name);
      padding: 0;
      margin-bottom: 8px;
    }
    .marks {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(min(100%, 250px), 1fr));
      gap: 8px;
    }
    button {
      font: inherit;
      color: inherit;
      text-align: left;
      background: var(--sheet);
      border: 1.5px solid var(--line);
      border-radius: 3px;
      padding: 7px 13px;
      min-height: 56px;
      cursor: pointer;
      display: grid;
      grid-template-columns: 56px minmax(0, 1fr);
      gap: 10px;
      align-items: center;
    }
    svg {
      width: 56px;
      height: 44px;
    }
    path {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.5;
      stroke-linejoin: round;
      stroke-linecap: round;
    }
    .fat {
      fill: var(--twine);
      fill-opacity: 0.45;
    }
    .liquid {
      fill: var(--cold);
      fill-opacity: 0.35;
    }
    .bone {
      fill: var(--paper);
    }
    .dark {
      fill: var(--meat);
      fill-opacity: 0.75;
    }
    button[aria-pressed='true'] {
      border-color: var(--ink);
      box-shadow: inset 0 -5px 0 var(--act);
      font-weight: 700;
    }
    b {
      font-weight: 600;
    }
    small {
      display: block;
      color: var(--soft);
    }
  `,
})
export class MarksSeen {
  private readonly format = inject(Format);
  readonly kind = input.required<Kind>();
  readonly legend = input('What do you see on it?');
  readonly seen = model.required<readonly string[]>();

  /** The state in which a kind is sold is no fault of this one piece. */
  protected readonly marks = computed(() => this.kind().marks.filter(({ state }) => !state));
  private readonly names = computed(
    () => new Map(this.kind().parts.map(({ id, name }) => [id, name.toLowerCase()])),
  );

  /** Null for one of a kind of the household's own that nobody has drawn. */
  protected drawingOf(mark: string): readonly MarkStroke[] | null {
    const strokes = markDrawing(mark);
    return strokes.length > 0 ? strokes : null;
  }

  protected effect({ share, to, from }: Mark): string {
    const [gains = ''] = to === 'all' ? [] : to;
    const target = gains === 'loss' ? 'runs out' : `is ${this.names().get(gains) ?? gains}`;
    return from === 'all'
      ? `${this.format.percent(share, 0)} more ${target}`
      : `${this.format.percent(share, share < 0.02 ? 1 : 0)} more ${target}, not ${this.names().get(from[0] ?? '') ?? from[0]}`;
  }

  protected toggle(id: string): void {
    this.seen.update((seen) => (seen.includes(id) ? seen.filter((each) => each !== id) : [...seen, id]));
  }
}
