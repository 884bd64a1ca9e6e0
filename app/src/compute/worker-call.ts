import { type Signal, signal } from '@angular/core';
import { proxy, type Remote, wrap } from 'comlink';

/** Tells how far the work is, 0 to 1. */
export type Progress = (share: number) => void;

/**
 * Questions to a worker that starts with the first of them. What the worker can be asked is the type
 * of what it exposes.
 */
export class WorkerCall<Api> {
  private readonly busy = signal(false);
  private readonly share = signal<number | null>(null);
  readonly isBusy: Signal<boolean> = this.busy.asReadonly();
  /** 0 to 1 while it works; null when it does not. */
  readonly progress: Signal<number | null> = this.share.asReadonly();
  private worker: Worker | null = null;
  private api: Remote<Api> | null = null;
  private drop: (() => void) | null = null;
  private turn: Promise<unknown> = Promise.resolve();
  private timesCancelled = 0;

  constructor(private readonly start: () => Worker) {}

  /**
   * Asks, and calls off what is still being worked at.
   *
   * @returns the answer; null where it was called off, or the worker broke
   */
  ask<T>(question: (api: Remote<Api>, told: Progress) => Promise<T>): Promise<T | null> {
    if (this.drop) this.cancel();
    this.busy.set(true);
    this.share.set(0);
    return new Promise((resolve) => {
      const end = (answer: T | null): void => {
        if (this.drop !== drop) return;
        this.drop = null;
        this.busy.set(false);
        this.share.set(null);
        resolve(answer);
      };
      const drop = (): void => end(null);
      this.drop = drop;
      const told = proxy((share: number) => this.drop === drop && this.share.set(share));
      question(this.remote(), told).then(end, drop);
    });
  }

  /**
   * Asks once everything that was asked in turn before has its answer: nothing is called off by it.
   *
   * @returns the answer; null where it was called off by `cancel` meanwhile, or the worker broke
   */
  askInTurn<T>(question: (api: Remote<Api>, told: Progress) => Promise<T>): Promise<T | null> {
    const { timesCancelled } = this;
    const answer = this.turn.then(() => (this.timesCancelled === timesCancelled ? this.ask(question) : null));
    this.turn = answer;
    return answer;
  }

  /** Calls the work off, and what waits its turn. */
  cancel(): void {
    this.timesCancelled += 1;
    this.worker?.terminate();
    this.worker = null;
    this.api = null;
    this.drop?.();
  }

  private remote(): Remote<Api> {
    this.worker ??= this.start();
    // A worker that cannot be loaded answers nothing: what waits for it is let go.
    this.worker.onerror = () => this.cancel();
    return (this.api ??= wrap<Api>(this.worker));
  }
}
