import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { GRADUATIONS } from '@core/scale/graduation';
import { BAUD_RATES, SerialScale } from '../../devices/scale/serial-scale';
import type { ScaleChoice, SourceId } from '../../devices/scale/scale-choice';
import { ScaleLink } from '../../devices/scale/scale-link';

const MEANING: Readonly<Record<SourceId, readonly [name: string, meaning: string]>> = {
  typed: ['No scale here', 'Read the weight off any scale and type it.'],
  'stand-in': ['Stand-in scale', 'A scale that is not there, with meat that is not there: to try the bench.'],
  network: [
    'Scale on the home network',
    'Heard through the server that this page came from; it ships with a stand-in.',
  ],
  serial: [
    'Scale on a cable',
    'One that sends a line for each reading, through the browser’s serial interface.',
  ],
};

/** Which scale to weigh with, and how its weights are taken. */
@Component({
  selector: 'v-scale-settings',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <fieldset>
      <legend class="visually-hidden">Scale</legend>
      @for (id of sources; track id) {
        <label class="source" [class.on]="link.choice().source === id">
          <input
            type="radio"
            name="source"
            [value]="id"
            [checked]="link.choice().source === id"
            [disabled]="id === 'serial' && !isSerialPossible"
            (change)="choose({ source: id })"
          />
          <b>{{ meaning[id][0] }}</b><small>{{
            id === 'serial' && !isSerialPossible
              ? 'This browser cannot. Chromium-like ones can.'
              : meaning[id][1]
          }}</small>
        </label>
      }
    </fieldset>
    @if (link.choice().source === 'stand-in') {
      <div class="field">
        <label for="graduation">Smallest step it shows</label>
        <select
          id="graduation"
          class="text"
          [ngModel]="link.choice().graduation"
          (ngModelChange)="choose({ graduation: $event })"
        >
          @for (each of graduations; track each) {
            <option [value]="each">{{ each }}</option>
          }
        </select>
      </div>
    }
    @if (link.choice().source === 'serial') {
      <div class="field">
        <label for="baud">Speed of the cable (see its manual)</label>
        <select
          id="baud"
          class="text"
          [ngModel]="link.choice().baudRate"
          (ngModelChange)="choose({ baudRate: +$event })"
        >
          @for (each of bauds; track each) {
            <option [value]="each">{{ each }} baud</option>
          }
        </select>
      </div>
    }
    @if (link.problem(); as problem) {
      <p class="caution" role="alert">{{ problem }} What was weighed is kept; typing goes on.</p>
      <button type="button" class="quiet" (click)="again()">Connect again</button>
    }
  `,
  styles: `
    fieldset {
      border: 0;
      margin: 0 0 12px;
      padding: 0;
      display: grid;
      gap: 6px;
    }
    .source {
      display: grid;
      grid-template-columns: auto 1fr;
      column-gap: 12px;
      align-items: center;
      border: 1.5px solid var(--line);
      border-radius: 3px;
      padding: 8px 12px;
      min-height: 58px;
      cursor: pointer;
    }
    .source.on {
      border-color: var(--ink);
    }
    small {
      grid-column: 2;
      color: var(--soft);
      font-size: 0.9rem;
      line-height: 1.25;
    }
    input {
      width: 20px;
      height: 20px;
      grid-row: span 2;
      accent-color: var(--act);
    }
    .field {
      margin-bottom: 12px;
    }
  `,
})
export class ScaleSettings {
  protected readonly link = inject(ScaleLink);
  protected readonly sources = Object.keys(MEANING) as SourceId[];
  protected readonly meaning = MEANING;
  protected readonly graduations = Object.keys(GRADUATIONS);
  protected readonly bauds = BAUD_RATES;
  protected readonly isSerialPossible = SerialScale.isPossible();

  protected choose(change: Partial<ScaleChoice>): void {
    this.link.choose(change);
  }

  protected again(): void {
    void this.link.connect();
  }
}
