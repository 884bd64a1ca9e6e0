import type { IsoDate } from '@core/units/date';

/** A moment of the story, as a clock on the wall shows it: `2024-01-05T18:30:00`. */
export type Wall = string;

/** The moment of a day at so many minutes after midnight. */
export function wall(day: IsoDate, minute: number): Wall {
  return new Date(Date.parse(`${day}T00:00:00.000Z`) + minute * 60_000).toISOString().slice(0, 19);
}

/** What is going to happen, in its order; what happens may bring more. */
export class Agenda {
  private readonly waiting: { readonly at: Wall; readonly happens: () => void }[] = [];

  at(at: Wall, happens: () => void): void {
    const before = this.waiting.findLastIndex((other) => other.at <= at);
    this.waiting.splice(before + 1, 0, { at, happens });
  }

  /** Lets everything happen. */
  run(goTo: (at: Wall) => void): void {
    for (let next = this.waiting.shift(); next; next = this.waiting.shift()) {
      goTo(next.at);
      next.happens();
    }
  }
}
