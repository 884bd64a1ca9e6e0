import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { cutNames, kindNames } from '@core/catalogue/cut-names';
import { shopItem } from '@core/catalogue/shop-items';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { PieceDrawing } from '../../ui/piece/piece-drawing';
import { MarksSeen } from '../label/marks-seen';
import { KindPicker } from '../piece/kind-picker';
import { PieceAsked } from '../piece/piece-asked';

/** A card to hold up at the meat counter: what it is called here and elsewhere, what to say, what to look at. */
@Component({
  selector: 'v-ask-page',
  imports: [KindPicker, MarksSeen, PieceDrawing, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './ask-page.html',
  styleUrl: './ask-page.css',
})
export class AskPage {
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly piece = inject(PieceAsked);

  /** The cuts that it gives, each with what it is called elsewhere. */
  protected readonly cuts = computed(() => {
    const items = (this.piece.kind()?.parts ?? []).flatMap(({ shopItem: id }) => id ?? []);
    return [...new Set(items)].flatMap((id) => {
      const [item, names] = [shopItem(id), cutNames(id)];
      return item && names.length > 0 ? [{ name: item.name, also: names.join(', ') }] : [];
    });
  });
  protected readonly elsewhere = computed(() => kindNames(this.piece.kind()?.id ?? ''));
}
