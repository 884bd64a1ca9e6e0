import { CommandError } from './arguments';
import { runCommand } from './commands';

/** What a program says and ends with. */
export interface Answer {
  readonly status: 0 | 1;
  readonly stdout: string;
  readonly stderr: string;
}

/** What the command line answers to its arguments: a result, or one sentence that says what is wrong. */
export function answer(args: readonly string[]): Answer {
  try {
    return { status: 0, stdout: `${runCommand(args)}\n`, stderr: '' };
  } catch (error) {
    if (!(error instanceof CommandError)) throw error;
    return { status: 1, stdout: '', stderr: `${error.message}\n` };
  }
}
