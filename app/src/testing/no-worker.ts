/** In the place of what starts a worker, where there are none. */
export function startFileWorker(): Worker {
  throw new Error('no workers here');
}
