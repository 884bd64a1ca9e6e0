import { Injectable } from '@angular/core';
import { shiftDays } from '@core/exchange/shift-days';
import { shopListsSchema, type ShopLists } from '@core/price/shop-list';
import { failure, success, type Result } from '@core/units/result';
import { daysBetween, type IsoDate } from '@core/units/date';

/** Where lists come from, the server's first; the copy that ships serves without it. */
const SOURCES = ['/shops/lists.json', '/demo/shop-lists.json'];

/**
 * The shops' weekly price lists. A stand-in: three invented shops, whose lists always end this
 * week. A real shop's list would come the same way, as a file or from an address.
 */
@Injectable({ providedIn: 'root' })
export class PriceLists {
  /**
   * @param today the last of the lists is of this day
   * @returns or in plain words why not, when no source has lists that can be read
   */
  async load(today: IsoDate): Promise<Result<ShopLists>> {
    for (const source of SOURCES) {
      const lists = await fetch(source)
        .then((answer) => (answer.ok ? answer.json() : null))
        .catch(() => null);
      const parsed = shopListsSchema.safeParse(lists);
      if (parsed.success) return success(endingOn(parsed.data, today));
    }
    return failure(
      'The shops’ lists cannot be reached, and no copy of them is here. Prices can be typed in the price book.',
    );
  }
}

function endingOn(lists: ShopLists, today: IsoDate): ShopLists {
  const last =
    lists.shops
      .flatMap(({ weeks }) => weeks.at(-1)?.on ?? [])
      .sort()
      .at(-1) ?? today;
  return shiftDays(lists, daysBetween(last, today));
}
