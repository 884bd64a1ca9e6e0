/** Files are read, checked and written in a worker. */
export function startFileWorker(): Worker {
  return new Worker(new URL('./file.worker', import.meta.url), { type: 'module' });
}
