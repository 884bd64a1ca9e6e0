import { ChangeDetectionStrategy, Component } from '@angular/core';
import { RouterLink } from '@angular/router';
import { BarePicture } from '../ui/told/bare-picture';

/** An address at which there is nothing. */
@Component({
  selector: 'v-nowhere-page',
  imports: [BarePicture, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <main class="page">
      <p class="mark">Vendicus</p>
      <div class="empty">
        <v-bare-picture of="path" />
        <h1>There is nothing at this address</h1>
        <p>It may be mistyped, or from another version of Vendicus. Nothing of the household is lost.</p>
        <a class="act" routerLink="/">To the household</a>
      </div>
    </main>
  `,
  styles: `
    .mark {
      font: 700 var(--head)/1 var(--name);
      margin: 8px 0 34px;
    }
  `,
})
export class NowherePage {}
