/** The story of the demo household is brought to now in a worker. */
export function startDemoWorker(): Worker {
  return new Worker(new URL('./demo.worker', import.meta.url), { type: 'module' });
}
