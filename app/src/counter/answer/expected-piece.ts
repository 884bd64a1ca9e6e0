import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import type { Destination } from '@core/ledger/destination';
import { PieceDrawing } from '../../ui/piece/piece-drawing';
import { PieceAsked } from '../piece/piece-asked';
import { AnswerNow } from './answer-now';

/** The piece as it is expected: its parts where they lie, faintly, in the textures of what becomes of them. */
@Component({
  selector: 'v-expected-piece',
  imports: [PieceDrawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (piece.kind(); as kind) {
      <v-piece-drawing
        [kind]="kind"
        [among]="among()"
        [expected]="expected()"
        [turnable]="false"
        [ruler]="format.lengthUnit()"
      />
    }
  `,
  styles: `
    :host {
      display: block;
    }
    v-piece-drawing {
      display: block;
      --drawing-height: 260px;
    }
  `,
})
export class ExpectedPiece {
  protected readonly piece = inject(PieceAsked);
  protected readonly format = inject(Format);
  private readonly answer = inject(AnswerNow);
  protected readonly expected = computed(
    () =>
      new Map<string, Destination>(
        (this.answer.prediction()?.parts ?? []).flatMap(({ part, destination }) =>
          destination ? [[part, destination] as const] : [],
        ),
      ),
  );
  protected readonly among = computed(() => [...this.expected().keys()]);
}
