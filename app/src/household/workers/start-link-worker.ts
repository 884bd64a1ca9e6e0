/** The linked file is read, merged and written in a worker. */
export function startLinkWorker(): Worker {
  return new Worker(new URL('./link.worker', import.meta.url), { type: 'module' });
}
