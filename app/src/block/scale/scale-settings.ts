import radiobutton from '@primeuix/themes/aura/radiobutton';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RadioButton } from 'primeng/radiobutton';
import { GRADUATIONS } from '@core/scale/graduation';
import { BAUD_RATES } from '../../devices/scale/serial-scale';
import type { ScaleChoice } from '../../devices/scale/scale-choice';
import { SCALES } from '../../devices/scale/scales';
import { ScaleLink } from '../../devices/scale/scale-link';
import { asOptions, Choice } from '../../ui/field/choice';
import { wears } from '../../ui/wears';

wears({ radiobutton });

/** Which scale to weigh with, and how its weights are taken. */
@Component({
  selector: 'v-scale-settings',
  imports: [Choice, FormsModule, RadioButton],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <fieldset>
      <legend class="visually-hidden">Scale</legend>
      @for (scale of scales; track scale.id) {
        <label class="source" [for]="'scale-' + scale.id" [class.on]="link.choice().source === scale.id">
          <p-radiobutton
            name="source"
            [inputId]="'scale-' + scale.id"
            [value]="scale.id"
            [ngModel]="link.choice().source"
            [disabled]="!scale.isPossible"
            (ngModelChange)="choose({ source: scale.id })"
          />
          <b>{{ scale.name }}</b><small>{{
            scale.isPossible ? scale.about : 'This browser cannot. Chromium-like ones can.'
          }}</small>
        </label>
      }
    </fieldset>
    @if (asks() === 'graduation') {
      <v-choice
        label="Smallest step it shows"
        [options]="graduations"
        [value]="link.choice().graduation"
        (valueChange)="choose({ graduation: $event })"
      />
    }
    @if (asks() === 'baudRate') {
      <v-choice
        label="Speed of the cable (see its manual)"
        [options]="bauds"
        [value]="link.choice().baudRate"
        (valueChange)="choose({ baudRate: $event })"
      />
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
    p-radiobutton {
      grid-row: span 2;
    }
  `,
})
export class ScaleSettings {
  protected readonly link = inject(ScaleLink);
  private readonly kinds = inject(SCALES);
  protected readonly scales = Object.entries(this.kinds)
    .filter(([, { isPractice }]) => !isPractice || this.link.mayPractise())
    .map(([id, { name, about, isPossible }]) => ({ id, name, about, isPossible: isPossible?.() ?? true }));
  protected readonly asks = computed(() => this.kinds[this.link.choice().source]?.asks);
  protected readonly graduations = asOptions(Object.keys(GRADUATIONS) as (keyof typeof GRADUATIONS)[]);
  protected readonly bauds = BAUD_RATES.map((rate) => [rate, `${rate} baud`] as const);

  protected choose(change: Partial<ScaleChoice>): void {
    this.link.choose(change);
  }

  protected again(): void {
    void this.link.connect();
  }
}
