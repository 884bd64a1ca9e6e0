import { inject, Injectable } from '@angular/core';
import { PriceFiles } from '../compute/price-files';
import { shopListsSchema, type ListSource, type ShopLists } from '@core/price/shop-list';
import { listsOfToday } from '@core/story/lists-of-today';
import { failure, success, type Result } from '@core/units/result';
import type { IsoDate } from '@core/units/date';

/** What the server says of the lists that ship: they are for practice, and end in the week that it is. */
const PRACTICE_HEADER = 'Vendicus-Practice';
const PRACTICE_FOLDER = '/demo/';

/** Lists, and whether they are those that ship for practice. */
export interface LoadedLists {
  readonly lists: ShopLists;
  readonly isPractice: boolean;
}

/** A list that was read is kept with the household, and goes where its file goes. */
const MOST_KEPT = 2 * 1024 * 1024;

/** Shops' weekly price lists, as they were read from a file or are fetched from the own server. */
@Injectable({ providedIn: 'root' })
export class PriceLists {
  private readonly files = inject(PriceFiles);

  /** Reads a file. */
  async read(file: File): Promise<Result<ShopLists>> {
    const read = await this.files.lists(file);
    if (!read) return failure(`${file.name}: called off. Nothing was read.`);
    if (!read.ok) return failure(`${file.name}: ${read.problem} Nothing was read.`);
    if (!read.value)
      return failure(`${file.name} is no list of prices as Vendicus reads it. Nothing was read.`);
    if (file.size > MOST_KEPT)
      return failure(
        `${file.name} is too large to be kept with the household, which goes up to ${MOST_KEPT / 1024 / 1024} MB. Put it on your server, or leave out older weeks. Nothing was read.`,
      );
    return success(read.value);
  }

  /**
   * What a source says now.
   *
   * @param today the practice lists go up to this week
   * @param mayPractise where not, the practice lists are none
   * @returns or in plain words why not
   */
  async load(source: ListSource, today: IsoDate, mayPractise: boolean): Promise<Result<LoadedLists>> {
    if ('lists' in source) return success({ lists: source.lists, isPractice: false });
    const answer = await fetch(source.path).catch(() => null);
    if (!answer?.ok)
      return failure(
        `${source.path} cannot be reached${answer ? ` (${answer.status})` : ''}. The prices that you took over are in the book.`,
      );
    const lists = parse(await answer.text());
    if (!lists) return failure(`What comes from ${source.path} is no list of prices as Vendicus reads it.`);
    const isPractice = source.path.startsWith(PRACTICE_FOLDER) || answer.headers.has(PRACTICE_HEADER);
    if (isPractice && !mayPractise)
      return failure(
        `${source.path} is a list for practice, with prices that no shop asks. The server’s README says how to put a real one there.`,
      );
    return success({ lists: isPractice ? listsOfToday(lists, today) : lists, isPractice });
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
