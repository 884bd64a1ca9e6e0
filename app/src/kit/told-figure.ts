import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/** A figure that matters, with what it is, and how it came about one step away. */
@Component({
  selector: 'v-told-figure',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <span class="soft">{{ label() }}</span>
    <p class="hero" [class.good]="tone() === 'good'" [class.bad]="tone() === 'bad'">
      {{ value() }}
      @if (unit()) {
        <small>{{ unit() }}</small>
      }
    </p>
    <small class="soft note">{{ note() }}</small>
    @if (how()) {
      <details>
        <summary>
          How is this computed?<span class="visually-hidden"> {{ label() }}</span>
        </summary>
        <p>{{ how() }}</p>
      </details>
    }
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    .hero {
      font-size: 2rem;
      margin: 5px 0 3px;
    }
    .hero small {
      font-size: 1rem;
    }
    .note {
      display: block;
      min-height: 1.3em;
    }
    details {
      margin-top: 4px;
      font-size: 0.92rem;
      color: var(--soft);
    }
    summary {
      cursor: pointer;
      min-height: 28px;
      text-decoration: underline;
      text-decoration-style: dotted;
      text-underline-offset: 3px;
      list-style: none;
    }
    details p {
      margin: 4px 0 0;
      color: var(--ink);
    }
    @media (max-width: 900px) {
      .hero {
        font-size: 1.7rem;
      }
    }
    @media print {
      details {
        display: none;
      }
    }
  `,
})
export class ToldFigure {
  readonly label = input.required<string>();
  readonly value = input.required<string>();
  readonly unit = input('');
  readonly note = input('');
  readonly how = input('');
  readonly tone = input<'plain' | 'good' | 'bad'>('plain');
}
