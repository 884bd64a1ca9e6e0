import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Notices } from '../../household/notices';
import { Board } from '../bench/board';
import { Hand } from '../bench/hand';
import { Packing } from '../packing/packing';

/** What a small steel tray weighs. */
const TRAY_DG = 2150;

/** The practice scale's tray: meat that is not there is laid on it, and taken off. */
@Component({
  selector: 'v-practice-tray',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="tray" role="group" aria-label="Tray of the practice scale">
      <button type="button" class="quiet" (click)="lay()">
        <span
          >Lay on
          <b>{{
            board.mustDrain()
              ? 'the piece'
              : (hand.currentPart()?.portion ?? hand.currentPart()?.name ?? 'it')
          }}</b></span
        >
        <kbd>m</kbd>
      </button>
      <button type="button" class="quiet" (click)="clear()">Off <kbd>r</kbd></button>
      <button type="button" class="quiet" (click)="layTray()">Tray <kbd>y</kbd></button>
    </div>
  `,
  styles: `
    .tray {
      display: grid;
      grid-template-columns: 1fr auto auto;
      gap: 6px;
      border-top: 1px dashed var(--line);
      padding-top: 6px;
    }
    .quiet {
      border-style: dashed;
      font-size: var(--small);
      padding: 0 8px;
      gap: 6px;
      min-width: 0;
    }
    b {
      font-weight: 600;
    }
    span {
      overflow: hidden;
      text-overflow: ellipsis;
      white-space: nowrap;
    }
  `,
})
export class PracticeTray {
  protected readonly board = inject(Board);
  protected readonly hand = inject(Hand);
  private readonly notices = inject(Notices);
  private readonly packing = inject(Packing);

  lay(): void {
    const massDg = this.hand.virtualMassDg();
    if (massDg <= 0) return this.notices.problem('Nothing is left to lay on the tray.');
    const tareDg = this.hand.link.tareDg();
    // Each pack is filled in a bag of its own; into a tray on the scale the next comes on top.
    if (this.packing.isOn()) return this.hand.link.practice()?.lay(massDg + tareDg, false);
    const isOnTop = this.hand.link.choice().mode === 'into-container' || tareDg > 0;
    this.hand.link.practice()?.lay(massDg, isOnTop);
  }

  clear(): void {
    this.hand.link.practice()?.clear();
  }

  /** An empty tray, to try the tare with. */
  layTray(): void {
    this.hand.link.practice()?.lay(TRAY_DG, false);
  }
}
