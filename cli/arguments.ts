import { readFileSync } from 'node:fs';
import { registerOwnKinds } from '@core/catalogue/own-kinds';
import { readFile } from '@core/exchange/read-file';
import { ownKinds } from '@core/records/household';
import type { Household } from '@core/records/household';
import type { Result } from '@core/units/result';

/** A message for standard error; the exit code is 1. */
export class CommandError extends Error {
  /** @param wantsUsage whether the commands are named after it */
  constructor(
    message: string,
    readonly wantsUsage = false,
  ) {
    super(message);
  }
}

/** What came of a command, or its problem as the command's. */
export function theValue<T>(result: Result<T>): T {
  if (!result.ok) throw new CommandError(result.problem);
  return result.value;
}

export function readJson(file: string): unknown {
  const text = readText(file);
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new CommandError(`That is not JSON: ${(error as Error).message}`);
  }
}

export function positive(options: Readonly<Record<string, string>>, name: string): number {
  const value = Number(options[name]);
  if (!(value > 0 && Number.isFinite(value)))
    throw new CommandError(`${name} wants a number above zero.`, true);
  return value;
}

export function readHousehold(file: string): Household {
  const household = theValue(readFile(readText(file)));
  registerOwnKinds(ownKinds(household));
  return household;
}

/** The one file that a command wants, and its options. */
export function parse(
  args: readonly string[],
  known: readonly string[],
): { file: string; options: Record<string, string> } {
  const options: Record<string, string> = {};
  const files: string[] = [];
  for (let i = 0; i < args.length; i++) {
    const arg = args[i] ?? '';
    const [name = '', inline] = arg.split('=', 2);
    if (!arg.startsWith('--')) files.push(arg);
    else if (!known.includes(name)) throw new CommandError(`Unknown option ${name}.`, true);
    else {
      const value = inline ?? args[++i];
      if (value === undefined) throw new CommandError(`${name} wants a value.`);
      options[name] = value;
    }
  }
  const [file, ...others] = files;
  if (file === undefined || others.length > 0)
    throw new CommandError(`Name one file, or - for standard input.`, true);
  return { file, options };
}

function readText(file: string): string {
  try {
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    throw new CommandError(`${file} cannot be read: ${(error as Error).message}`);
  }
}
