/** Copies are made, packed and read back in a worker. */
export function startCopiesWorker(): Worker {
  return new Worker(new URL('./copies.worker', import.meta.url), { type: 'module' });
}
