import { inject, Injectable } from '@angular/core';
import { shiftDays } from '@core/files/shift-days';
import { shopListsSchema, type ShopLists } from '@core/price/shop-list';
import { daysBetween } from '@core/units/date';
import { Clock } from './clock';

/** Where lists come from, the server's first; the copy that ships serves without it. */
const SOURCES = ['/shops/lists.json', '/demo/shop-lists.json'];

/**
 * The shops' weekly price lists. A stand-in: three invented shops, whose lists always end this
 * week. A real shop's list would come the same way, as a file or from an address.
 */
@Injectable({ providedIn: 'root' })
export class PriceLists {
  private readonly clock = inject(Clock);

  /** @throws Error in plain words when no source has lists that can be read */
  async load(): Promise<ShopLists> {
    for (const source of SOURCES) {
      const lists = await fetch(source)
        .then((answer) => (answer.ok ? answer.json() : null))
        .catch(() => null);
      const parsed = shopListsSchema.safeParse(lists);
      if (parsed.success) return this.endingToday(parsed.data);
    }
    throw new Error(
      'The shops’ lists cannot be reached, and no copy of them is here. Prices can be typed in the price book.',
    );
  }

  private endingToday(lists: ShopLists): ShopLists {
    const last =
      lists.shops
        .flatMap(({ weeks }) => weeks.at(-1)?.on ?? [])
        .sort()
        .at(-1) ?? this.clock.today();
    return shiftDays(lists, daysBetween(last, this.clock.today()));
  }
}
