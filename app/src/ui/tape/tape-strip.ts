import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { xOn, type Span } from './tape-layout';

/**
 * A tape as small as a line of a list: from the lowest to the highest that was seen, where it usually
 * is, and what is asked. What it shows stands beside it in words.
 */
@Component({
  selector: 'v-tape-strip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { 'aria-hidden': 'true' },
  template: `
    @if (usual(); as at) {
      <i class="usual" [style.left.%]="x(at)"></i>
    }
    @if (asked(); as at) {
      <i class="asked" [style.left.%]="x(at)"></i>
    }
  `,
  styles: `
    :host {
      display: block;
      position: relative;
      height: 14px;
      min-width: 60px;
      border-bottom: 2px solid var(--twine);
    }
    i {
      position: absolute;
      bottom: 0;
      transform: translateX(-50%);
    }
    .usual {
      width: 2px;
      height: 12px;
      background: var(--ink);
    }
    .asked {
      border: 6px solid transparent;
      border-top: 10px solid var(--ink);
      border-bottom: 0;
    }
  `,
})
export class TapeStrip {
  readonly span = input.required<Span>();
  /** The going price; null where none is known. */
  readonly usual = input<number | null>(null);
  readonly asked = input<number | null>(null);
  private readonly wide = computed((): Span => {
    const { from, to } = this.span();
    return to > from ? { from, to } : { from: from * 0.9, to: from * 1.1 };
  });

  protected x(at: number): number {
    return xOn(this.wide(), 100, at);
  }
}
