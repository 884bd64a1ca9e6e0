/**
 * Runs a deed unless one is still running: a thumb that presses twice, or two fingers on two buttons,
 * mean one deed, also where the disk is slow.
 */
export function oneAtATime(): (deed: () => Promise<void>) => Promise<void> {
  let isRunning = false;
  return async (deed) => {
    if (isRunning) return;
    isRunning = true;
    try {
      await deed();
    } finally {
      isRunning = false;
    }
  };
}
