/**
 * Watches that no transaction that writes is let through before it is on the disk. A killed process does not show
 * it, as the system writes on; a power cut would, and cannot be tried here.
 */
export function watchDurability(complains: (text: string) => void): void {
  const { prototype } = IDBDatabase;
  const real = prototype.transaction;
  prototype.transaction = function (this: IDBDatabase, ...given) {
    const begun = real.apply(this, given);
    if (begun.mode === 'readwrite' && begun.durability !== 'strict')
      complains(`told before it is on the disk: a transaction with durability ${begun.durability}`);
    return begun;
  };
}
