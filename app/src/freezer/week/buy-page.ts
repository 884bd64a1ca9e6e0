import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { buyNext, type Advice, type BuyNext } from '@core/dinner/buy-next';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { USUAL_FEASTS } from '@core/feast/feasts';
import { roomOfAll } from '@core/freeze/room';
import { plateOf } from '@core/pack/eater';
import { goingPrice } from '@core/price/going-price';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { PopoverButton } from '../../ui/over/popover-button';
import { BarePicture } from '../../ui/told/bare-picture';

const HEADS: Record<Advice, string> = {
  'buy-now': 'Buy soon',
  'on-offer': 'On offer now',
  'wait-for-offer': 'Wait for the offer',
  'no-room': 'Eat first',
  enough: 'Enough',
  'too-early': 'Too early to say',
};

/** What runs out when, and what to buy: a short list with its reasons. */
@Component({
  selector: 'v-buy-page',
  imports: [BarePicture, PopoverButton, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './buy-page.html',
  styleUrl: './buy-page.css',
})
export class BuyPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly colds = inject(Colds);
  private readonly today = inject(Clock).today;
  protected readonly heads = HEADS;
  protected readonly eaters = computed(() => Math.max(1, this.store.settings().eaters.length));
  protected readonly rows = computed(() => {
    const settings = this.store.settings();
    const room = roomOfAll(this.store.appliances(), this.store.stock(), settings.freezerL);
    return buyNext({
      state: this.store.state(),
      stock: this.colds.free(),
      kinds: this.store.kinds(),
      book: this.store.basis().pricing.book,
      feasts: settings.feasts ?? USUAL_FEASTS,
      room,
      plate: plateOf(settings),
      today: this.today(),
    });
  });

  protected isPressing({ advice }: BuyNext): boolean {
    return advice === 'buy-now' || advice === 'on-offer';
  }

  protected going({ kind }: BuyNext): number | null {
    return (
      goingPrice(this.store.basis().pricing.book, wholePieceItem(kind), this.today())?.perKgMinor ?? null
    );
  }

  protected span({ earliest, latest }: NonNullable<BuyNext['runsOut']>): string {
    const from = this.format.age(earliest);
    if (latest === null) return `not before ${from.replace('in ', '')}`;
    const to = this.format.age(latest);
    const [, unit = ''] = /([a-z]+)$/.exec(from) ?? [];
    const short = to.includes(unit.replace(/s$/, '')) ? from.replace(` ${unit}`, '') : from;
    return from === to ? from : `${short} to ${to.replace('in ', '')}`;
  }

  protected why(row: BuyNext): string {
    const { format } = this;
    const one = `A usual purchase, ${format.roughMass(row.pieceDg)}, gives about ${format.number(row.piecePlates, 0)} plates`;
    const fits =
      row.fits === null
        ? 'say under Places how large your freezer is to see whether it fits'
        : row.fits
          ? `it fits${row.overDays > 1 ? `, frozen over ${row.overDays} days` : ''}`
          : 'it does not fit now';
    const offer =
      row.offer &&
      `around ${row.offer.name} it was on offer in ${row.offer.offered} of ${row.offer.years} years${row.offer.depth ? `, up to ${format.percent(row.offer.depth, 0)} below` : ''}: next from ${format.day(row.offer.next)}`;
    switch (row.advice) {
      case 'too-early':
        return `Too few weeks or dinners of it are written down to say how fast you eat it.${offer ? ` ${offer.charAt(0).toUpperCase()}${offer.slice(1)}.` : ''}`;
      case 'on-offer':
        return `${format.perUnit(row.now?.perKgMinor ?? 0)} at ${row.now?.shop}, noted ${format.age(row.now?.on ?? this.today())}. ${one}; ${fits}.`;
      case 'wait-for-offer':
        return `What is left lasts: ${offer}. ${one}; ${fits}.`;
      case 'no-room':
        return `${one}, but ${fits}.`;
      case 'buy-now':
        return `It runs out within three weeks${offer ? `, before the next likely offer (${offer})` : ', and no offer is likely before'}. ${one}; ${fits}.`;
      case 'enough':
        return `${offer ? `${offer.charAt(0).toUpperCase()}${offer.slice(1)}. ` : ''}${one}; ${fits}.`;
    }
  }
}
