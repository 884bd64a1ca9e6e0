import { inject, Injectable } from '@angular/core';
import { Format } from '@core/format/format';
import { Ask } from '../../ui/ask/ask';
import { Clock } from '../clock';
import type { Looked } from '../workers/file.worker';
import { cannotJoin } from './cannot-join';
import { HouseholdFiles, type Taken } from './household-files';

/** What came of a file: what is wrong with it, in words, or what was taken in. Neither where the person said no. */
export interface TakenIn {
  readonly problem: string;
  readonly taken?: Taken;
}

const wrong = (problem: string): TakenIn => ({ problem });

/** How a whole household comes in: as a file, or as a copy that was made here. */
@Injectable()
export class FileTaking {
  private readonly files = inject(HouseholdFiles);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly ask = inject(Ask);

  /**
   * Reads a file, asks about what is strange in it, and writes it down.
   *
   * @param before is asked last; false calls it off
   * @param isOwnCopy whether it is a copy that was made here
   */
  async takeIn(
    file: File,
    how: 'merge' | 'replace',
    before: () => Promise<boolean>,
    isOwnCopy = false,
  ): Promise<TakenIn> {
    const looked = await this.files.look(file, isOwnCopy);
    if (!looked) return wrong('Called off. Nothing was written.');
    if (!looked.ok) return wrong(`${file.name}: ${looked.problem}`);
    const { merging } = looked.value;
    if (how === 'merge' && !merging.ok) return wrong(`${file.name}: ${cannotJoin(merging.problem)}`);
    if (!(await this.isMeant(looked.value, how)) || !(await before())) return wrong('');
    const taken = await this.files.take(how);
    if (!taken) return wrong('Called off. Nothing was written.');
    return taken.ok ? { problem: '', taken: taken.value } : wrong(taken.problem);
  }

  private async isMeant(
    { ahead, merging, isFirst, isOlderSince }: Looked,
    how: 'merge' | 'replace',
  ): Promise<boolean> {
    if (ahead) {
      const day = this.format.dayAndYear(ahead.latest.slice(0, 10));
      const today = this.format.dayAndYear(this.clock.today());
      const entries = this.format.count(ahead.count, 'thing');
      const text = `${entries} in this file ${ahead.count === 1 ? 'is' : 'are'} dated ahead, up to ${day}; this device says that it is ${today}. One of the two clocks is wrong. If it is this one, go back and set it right first.`;
      if (!(await this.ask.confirm('The file is ahead of the clock', text, 'Take it as it is'))) return false;
    }
    const isStrange = merging.ok && merging.value.kinship === 'strangers';
    if (isFirst || how === 'replace' || !isStrange) return true;
    return this.ask.confirm(
      'This is another household’s file',
      `Both become one, and one way of counting stays: ${
        isOlderSince === null
          ? 'that of the household here, which began first'
          : `that of the file, which began first, on ${this.format.dayAndYear(isOlderSince.slice(0, 10))}. Who eats here, costs and the like are then as they are there`
      }. Of the other’s places only those come along in which something lies. What came is listed afterwards, and can be taken out again.`,
      'Make them one',
    );
  }
}
