/** What a step of a story does. */
type Act = () => void | Promise<void>;

/** How long a step may take on a machine that does something else besides. */
const STEP_MS = 60_000;

/**
 * A test in steps, of which each goes on from what the one before has left: one test, as none of them could
 * be run without those before it. What goes wrong is told with the name of its step.
 *
 * @example
 * story('a loin is bought and wrapped', {
 *   'is bought': async () => { … },
 *   'is wrapped': async () => { … },
 * });
 */
export function story(name: string, steps: Readonly<Record<string, Act>>): void {
  const all = Object.entries(steps);
  it(
    name,
    async () => {
      for (const [step, act] of all) await taken(step, act);
    },
    240_000 + all.length * STEP_MS,
  );
}

async function taken(step: string, act: Act): Promise<void> {
  try {
    await act();
  } catch (error) {
    // One from outside of the sandbox is no Error here.
    tell(error as Error, `In “${step}”: `);
    throw error;
  }
}

/** What is printed is the stack, which begins with the message as it was when the error was made. */
function tell(error: Error, where: string): void {
  const { message, stack } = error;
  error.message = where + message;
  if (stack !== undefined) error.stack = stack.replace(message, () => error.message);
}
