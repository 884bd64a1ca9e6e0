import { Injectable } from '@angular/core';
import { shopListsSchema, type ListSource, type ShopLists } from '@core/price/shop-list';
import { listsOfToday } from '@core/story/lists-of-today';
import { failure, success, type Result } from '@core/units/result';
import type { IsoDate } from '@core/units/date';

/** Lists that ship with the demo: a stand-in, which ends in the week that it is. */
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
   * @param today the stand-in's lists go up to this week
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
    return success(source.path.startsWith(STAND_IN) ? listsOfToday(lists, today) : lists);
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
