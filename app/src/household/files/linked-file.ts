import { DestroyRef, effect, inject, Injectable, signal } from '@angular/core';
import { WorkerCall } from '../../compute/worker-call';
import { Clock } from '../clock';
import type { LinkRow } from '../disk/database';
import { Repository } from '../disk/repository';
import { HOUSEHOLD_NAME } from '../household-name';
import { HouseholdStore } from '../household-store';
import type { LinkWorker, Updated } from '../workers/link.worker';
import { startLinkWorker } from '../workers/start-link-worker';
import { filePickers, type FilePickers } from './file-pickers';

/** So long after a deed its file is written: several in a row are written once. */
const QUIET_MS = 2000;

/** How it stands with the file outside of the browser. */
export type Link =
  | { readonly state: 'none' }
  /** As the household is, or about to be. */
  | { readonly state: 'kept'; readonly name: string; readonly at: string | null }
  /** The browser wants to be asked again. */
  | { readonly state: 'forbidden'; readonly name: string }
  | { readonly state: 'stuck'; readonly name: string; readonly problem: string }
  /** Chosen no longer: another household took the place of that which is in it, or the browser lost which it was. */
  | { readonly state: 'replaced' | 'lost'; readonly name: string };

/** A file on the disk, or in a folder that is synchronised, which is kept up to date by itself. */
@Injectable()
export class LinkedFile {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly name = inject(HOUSEHOLD_NAME);
  private readonly repository = inject(Repository);
  private readonly links = this.repository.base.database.links;
  private readonly call = new WorkerCall<LinkWorker>(startLinkWorker);
  private readonly stands = signal<Link>({ state: 'none' });
  readonly link = this.stands.asReadonly();
  /** Null where this browser lets no page keep a file. */
  readonly pickers: FilePickers | null = filePickers();
  private row: LinkRow | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private written: unknown;

  constructor() {
    void this.store.whenLoaded().then(() => this.begin());
    effect(() => {
      const household = this.store.household();
      if (this.stands().state !== 'kept' || household === this.written) return;
      clearTimeout(this.timer);
      this.timer = setTimeout(() => void this.update(), QUIET_MS);
    });
    inject(DestroyRef).onDestroy(() => {
      clearTimeout(this.timer);
      this.call.cancel();
    });
  }

  /** Keeps a new file, or one that exists already, up to date from now on. */
  async choose(how: 'new' | 'existing'): Promise<void> {
    const handle = await this.pickers?.[how](`vendicus-${this.name}.json`).catch(() => null);
    if (!handle) return;
    await this.keep({ key: 'file', handle, sum: null, at: null });
    await this.repository.beside.noteLinked(handle.name);
    await this.allow();
  }

  /** Asks the browser to let the file be written; a page may ask only when somebody presses something. */
  async allow(): Promise<void> {
    if (!this.row) return;
    const { handle } = this.row;
    const isAllowed = (await handle.requestPermission({ mode: 'readwrite' })) === 'granted';
    if (isAllowed) await this.update();
    else this.stands.set({ state: 'forbidden', name: handle.name });
  }

  /** The file stays where it is, and is written no more. */
  async letGo(): Promise<void> {
    clearTimeout(this.timer);
    this.row = null;
    await this.links.clear();
    await this.repository.beside.noteLinked(null);
    this.stands.set({ state: 'none' });
  }

  private async begin(): Promise<void> {
    this.row = (await this.links.get('file').catch(() => null)) ?? null;
    if (!this.row) {
      const name = await this.repository.beside.linked();
      return name === null ? undefined : this.stands.set({ state: 'lost', name });
    }
    const { handle } = this.row;
    if ((await handle.queryPermission({ mode: 'readwrite' })) === 'granted') await this.update();
    else this.stands.set({ state: 'forbidden', name: handle.name });
  }

  /** Whether it is chosen still: any tab may have let it go, or put another household in place. */
  private async isChosen(): Promise<boolean> {
    if (!this.row) return false;
    if (await this.links.get('file')) return true;
    // A base that was cleared away under this page has lost it: this page has not.
    if ((await this.repository.beside.linked()) !== null) return this.keep(this.row).then(() => true);
    this.stands.set({ state: 'replaced', name: this.row.handle.name });
    this.row = null;
    return false;
  }

  private async update(): Promise<void> {
    if (!(await this.isChosen()) || !this.row) return;
    const { handle, sum } = this.row;
    const { name } = handle;
    this.written = this.store.household();
    const updated = await this.call
      .ask<Updated>((worker) => worker.update(this.name, handle, sum, this.clock.instant()))
      .catch(() => null);
    if (!updated) return this.stands.set(await this.whyNot(handle));
    if (!updated.done) return this.stands.set({ state: 'stuck', name, problem: updated.problem });
    const at = this.clock.instant();
    await this.keep({ key: 'file', handle, sum: updated.sum, at });
    await this.store.noteExport();
    if (updated.hasMerged) await this.store.refresh();
    this.stands.set({ state: 'kept', name, at });
  }

  /** A worker that fails has met a file that is gone, or that it may not write any more. */
  private async whyNot(handle: FileSystemFileHandle): Promise<Link> {
    const { name } = handle;
    const isAllowed = (await handle.queryPermission({ mode: 'readwrite' })) === 'granted';
    return isAllowed
      ? {
          state: 'stuck',
          name,
          problem: 'It cannot be read or written: was it moved, or its disk taken out?',
        }
      : { state: 'forbidden', name };
  }

  private async keep(row: LinkRow): Promise<void> {
    this.row = row;
    await this.links.put(row);
  }
}
