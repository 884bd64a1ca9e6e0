import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { GRADUATIONS } from '@core/scale/graduation';
import { BAUD_RATES } from '../../devices/scale/serial-scale';
import type { ScaleChoice } from '../../devices/scale/scale-choice';
import { SCALES } from '../../devices/scale/scales';
import { ScaleLink } from '../../devices/scale/scale-link';

/** Which scale to weigh with, and how its weights are taken. */
@Component({
  selector: 'v-scale-settings',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <fieldset>
      <legend class="visually-hidden">Scale</legend>
      @for (scale of scales; track scale.id) {
        <label class="source" [class.on]="link.choice().source === scale.id">
          <input
            type="radio"
            name="source"
            [value]="scale.id"
            [checked]="link.choice().source === scale.id"
            [disabled]="!scale.isPossible"
            (change)="choose({ source: scale.id })"
          />
          <b>{{ scale.name }}</b><small>{{
            scale.isPossible ? scale.about : 'This browser cannot. Chromium-like ones can.'
          }}</small>
        </label>
      }
    </fieldset>
    @if (asks() === 'graduation') {
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
    @if (asks() === 'baudRate') {
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
      font-size: var(--small);
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
  private readonly kinds = inject(SCALES);
  protected readonly scales = Object.entries(this.kinds).map(([id, { name, about, isPossible }]) => ({
    id,
    name,
    about,
    isPossible: isPossible?.() ?? true,
  }));
  protected readonly asks = computed(() => this.kinds[this.link.choice().source]?.asks);
  protected readonly graduations = Object.keys(GRADUATIONS);
  protected readonly bauds = BAUD_RATES;

  protected choose(change: Partial<ScaleChoice>): void {
    this.link.choose(change);
  }

  protected again(): void {
    void this.link.connect();
  }
}
