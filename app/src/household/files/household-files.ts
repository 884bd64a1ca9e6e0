import { DestroyRef, effect, inject, Injectable, signal, untracked } from '@angular/core';
import type { Tally } from '@core/format/counted-words';
import { failure, success, type Result } from '@core/units/result';
import { WorkerCall } from '../../compute/worker-call';
import { Clock } from '../clock';
import { Joining, type Kept, type Merged } from '../disk/joining';
import type { FileWorker, Looked } from '../workers/file.worker';
import { Repository } from '../disk/repository';
import { startFileWorker } from '../workers/start-file-worker';
import { storageProblem } from '../disk/storage-problem';
import { HOUSEHOLD_NAME } from '../household-name';
import { HouseholdStore } from '../household-store';

export type { Kept };

/** A file that was written down. */
export interface Taken {
  readonly merged: Merged | null;
  /** How long the page took to show it, in milliseconds. */
  readonly switchMs: number;
}

/** Whole households: files that come in, and what is kept beside the household. Of the pages that deal with them: no other needs it. */
@Injectable()
export class HouseholdFiles {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly name = inject(HOUSEHOLD_NAME);
  private readonly joining = new Joining(inject(Repository), this.clock);
  private readonly call = new WorkerCall<FileWorker>(startFileWorker);
  readonly isBusy = this.call.isBusy;
  readonly progress = this.call.progress;
  /** What the file that was looked at last holds; null where it is a copy that was made in this browser. */
  private outside: Tally | null = null;
  private readonly keptNow = signal<readonly Kept[]>([]);
  /** What waits beside the household until somebody lets it go. */
  readonly kept = this.keptNow.asReadonly();

  constructor() {
    inject(DestroyRef).onDestroy(() => this.cancel());
    // What cannot be read is put aside from the frame around this page, too.
    effect(() => {
      this.store.spoilt();
      if (this.store.loaded()) untracked(() => void this.lookForKept());
    });
  }

  /** Reads a file and checks all of it, in a worker; null where that was called off. */
  async look(file: File, isOwnCopy = false): Promise<Result<Looked> | null> {
    const now = this.clock.instant();
    const looked = await this.call.ask<Result<Looked>>((worker, told) =>
      worker.look(this.name, file, now, isOwnCopy, told),
    );
    this.outside = looked?.ok && !isOwnCopy ? looked.value.tally : null;
    return looked;
  }

  /** Writes down what was looked at last; null where that was called off, and nothing is written. */
  async take(how: 'merge' | 'replace'): Promise<Result<Taken> | null> {
    const written = await this.call.ask<Result<Merged | null>>((worker) =>
      worker.take(this.name, how, this.clock.instant()),
    );
    if (!written?.ok) return written;
    const start = performance.now();
    await this.store.refresh();
    const { duration: switchMs } = performance.measure('household-switch', { start });
    if (this.outside) await this.store.noteOutside(this.outside, how === 'replace');
    await this.lookForKept();
    await this.call.ask<void>((worker) => worker.renewSecondPlace(this.name, this.clock.instant()));
    return success({ merged: written.value, switchMs });
  }

  cancel(): void {
    this.call.cancel();
  }

  letGo(kept: Kept): Promise<Result<unknown>> {
    return this.act(async () => success(await this.joining.letGo(kept.n)));
  }

  putBack(kept: Kept): Promise<Result<unknown>> {
    return this.act(() => this.joining.putBack(kept));
  }

  /** What cannot be read is put aside, as text. */
  putAside(): Promise<Result<unknown>> {
    return this.act(async () => success(await this.joining.putAside()));
  }

  takeOut(kept: Kept): Promise<Result<unknown>> {
    return this.act(async () => {
      const taken = await this.joining.takeOut(kept);
      if (taken.ok) return taken;
      const { rest } = taken.problem;
      return failure(
        `${rest} ${rest === 1 ? 'entry that was written since rests' : 'entries that were written since rest'} on what came with that file. Undo ${rest === 1 ? 'it' : 'them'} first. Nothing was changed.`,
      );
    });
  }

  private async act(work: () => Promise<Result<unknown>>): Promise<Result<unknown>> {
    try {
      const done = await work();
      await this.store.refresh();
      await this.lookForKept();
      return done;
    } catch (error) {
      return failure(storageProblem(error));
    }
  }

  private async lookForKept(): Promise<void> {
    this.keptNow.set(await this.joining.kept().catch(() => []));
  }
}
