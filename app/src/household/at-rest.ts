/** Whoever opens nothing that could come to rest waits no longer than this, in milliseconds. */
const AT_MOST = 20_000;

let done: () => void = () => undefined;

/** Once the household is shown and on the disk, so that nobody waits for anything: then comes what can wait. */
export const atRest = new Promise<void>((resolve) => {
  done = resolve;
  setTimeout(resolve, AT_MOST);
});

export function nowAtRest(): void {
  done();
}
