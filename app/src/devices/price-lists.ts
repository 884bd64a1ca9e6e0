import { Injectable } from '@angular/core';
import { shiftDays } from '@core/exchange/shift-days';
import { shopListsSchema, type ListSource, type ShopLists } from '@core/price/shop-list';
import { failure, success, type Result } from '@core/units/result';
import { daysBetween, type IsoDate } from '@core/units/date';

/** Lists that ship with the demo: a stand-in, which always ends this week. */
const STAND_IN = '/demo/';

/** Shops' weekly price lists, as they were read from a file or are fetched from the own server. */
@Injectable({ providedIn: 'root' })
export class PriceLists {
  /** Reads a file. */
  async read(file: File): Promise<Result<ShopLists>> {
    const read = parse(await file.text());
    return read
      ? success(read)
      : failure(`${file.name} is no list of prices as Vendicus reads it. Nothing was read.`);
  }

  /**
   * What a source says now.
   *
   * @param today the last of the stand-in's lists is of this day
   * @returns or in plain words why not
   */
  async load(source: ListSource, today: IsoDate): Promise<Result<ShopLists>> {
    if ('lists' in source) return success(source.lists);
    const answer = await fetch(source.path).catch(() => null);
    if (!answer?.ok)
      return failure(
        `${source.path} cannot be reached${answer ? ` (${answer.status})` : ''}. The prices that you took over are in the book.`,
      );
    const lists = parse(await answer.text());
    if (!lists) return failure(`What comes from ${source.path} is no list of prices as Vendicus reads it.`);
    return success(source.path.startsWith(STAND_IN) ? endingOn(lists, today) : lists);
  }
}

function parse(text: string): ShopLists | null {
  try {
    const parsed = shopListsSchema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
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
