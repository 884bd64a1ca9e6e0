import type { ShopLists } from '@core/price/shop-list';
import type { Story } from '@core/story/story-file';

/** A story as its file: a chapter a line, so that what changes can be read. */
export function storyText({ chapters, ...head }: Story): string {
  const lines = chapters.map((chapter) => JSON.stringify(chapter)).join(',\n');
  return `${JSON.stringify(head).slice(0, -1)},"chapters":[\n${lines}\n]}\n`;
}

/** The lists of its shops as their file. */
export function listsText(lists: ShopLists): string {
  return `${JSON.stringify(lists)}\n`;
}
