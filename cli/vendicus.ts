import { CommandError } from './arguments';
import { runCommand } from './commands';

try {
  process.stdout.write(`${runCommand(process.argv.slice(2))}\n`);
} catch (error) {
  if (!(error instanceof CommandError)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exitCode = 1;
}
