import type { Result } from '@core/units/result';
import { readFileSync } from 'node:fs';
import { report } from '@core/exchange/report';
import { keepsReport } from '@core/exchange/keeps-report';
import { readFile } from '@core/exchange/read-file';
import { predictionReport } from '@core/exchange/prediction-report';
import { DEFAULT_COST_METHOD, COST_METHOD_IDS, type CostMethodId } from '@core/cost/method';
import { freezingReport } from '@core/exchange/freezing-report';
import { purchaseReport } from '@core/exchange/purchase-report';
import { packsReport } from '@core/exchange/packs-report';
import { slicesReport } from '@core/exchange/slices-report';
import type { Household } from '@core/records/household';

/** A message for standard error; the exit code is 1. */
class CommandError extends Error {}

const USAGE = `vendicus: the computation at a command line, JSON in, JSON out

  vendicus report FILE|- [--method ${COST_METHOD_IDS.join('|')}]
      what each purchase came to, and what is in stock
  vendicus predict FILE|- --kind KIND --price A-KG --weight KG [--way WAY] [--marks a,b] [--on DAY] [--seed N]
      what to expect of a piece at that price, from the household's own pieces
  vendicus slices FILE|-
      where to cut a log: lengths in mm, weights in g
  vendicus packs FILE|- [--seconds N]
      which portions go into which pack: weights in g; the best within N seconds, 2 where none are said
  vendicus freeze FILE|-
      how long a pack takes to freeze: mm, °C, W/(m²·K)
  vendicus keeps FILE|- --on DAY [--at HH:MM]
      until when everything keeps that is in stock, and what can be ready tonight
  vendicus purchase FILE|-
      what the till takes: { weight: "20 lb", price: "4.99/lb", currency: "USD" }, to the smallest coin`;

const COMMANDS: Record<string, (args: readonly string[]) => unknown> = {
  report: runReport,
  predict: runPredict,
  slices: runSlices,
  packs: runPacks,
  freeze: runFreeze,
  purchase: runPurchase,
  keeps: runKeeps,
};

function runReport(args: readonly string[]): unknown {
  const { file, options } = parse(args, ['--method', '--school']);
  const method = options['--method'] ?? options['--school'] ?? DEFAULT_COST_METHOD;
  if (!isMethod(method))
    throw new CommandError(`There is no method of cost "${method}". Known: ${COST_METHOD_IDS.join(', ')}.`);
  return report(readHousehold(file), method);
}

function runPredict(args: readonly string[]): unknown {
  const { file, options } = parse(args, [
    '--kind',
    '--price',
    '--weight',
    '--way',
    '--marks',
    '--on',
    '--seed',
  ]);
  const household = readHousehold(file);
  return theValue(
    predictionReport(household, {
      kind: options['--kind'] ?? '',
      way: options['--way'],
      perKg: positive(options, '--price'),
      kg: positive(options, '--weight'),
      marks: (options['--marks'] ?? '').split(',').filter(Boolean),
      on: options['--on'] ?? household.journal.entries.at(-1)?.at.slice(0, 10) ?? '1970-01-01',
      seed: Number(options['--seed'] ?? 1),
    }),
  );
}

function runSlices(args: readonly string[]): unknown {
  const { file } = parse(args, []);
  return theValue(slicesReport(readJson(file)));
}

function runPacks(args: readonly string[]): unknown {
  const { file, options } = parse(args, ['--seconds']);
  const seconds = options['--seconds'] === undefined ? 2 : positive(options, '--seconds');
  const input = readJson(file);
  const start = performance.now();
  return theValue(packsReport(input, () => (performance.now() - start) / 1000 / seconds));
}

function runFreeze(args: readonly string[]): unknown {
  const { file } = parse(args, []);
  return theValue(freezingReport(readJson(file)));
}

function runKeeps(args: readonly string[]): unknown {
  const { file, options } = parse(args, ['--on', '--at']);
  const on = options['--on'];
  if (on === undefined) throw new CommandError(`--on wants a day, such as 2026-11-26.\n\n${USAGE}`);
  const { timeZone: zone } = Intl.DateTimeFormat().resolvedOptions();
  return theValue(keepsReport(readHousehold(file), { on, at: options['--at'] ?? '12:00', zone }));
}

function runPurchase(args: readonly string[]): unknown {
  const { file } = parse(args, []);
  return theValue(purchaseReport(readJson(file)));
}

/** What came of a command, or its problem as the command's. */
function theValue<T>(result: Result<T>): T {
  if (!result.ok) throw new CommandError(result.problem);
  return result.value;
}

function readJson(file: string): unknown {
  const text = readText(file);
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new CommandError(`That is not JSON: ${(error as Error).message}`);
  }
}

function positive(options: Readonly<Record<string, string>>, name: string): number {
  const value = Number(options[name]);
  if (!(value > 0 && Number.isFinite(value)))
    throw new CommandError(`${name} wants a number above zero.\n\n${USAGE}`);
  return value;
}

function readHousehold(file: string): Household {
  return theValue(readFile(readText(file)));
}

const isMethod = (text: string): text is CostMethodId => (COST_METHOD_IDS as string[]).includes(text);

function parse(
  args: readonly string[],
  known: readonly string[],
): { file: string; options: Record<string, string> } {
  const options: Record<string, string> = {};
  const files: string[] = [];
  for (let i = 0; i < args.length; i++) {
    const arg = args[i] ?? '';
    const [name = '', inline] = arg.split('=', 2);
    if (!arg.startsWith('--')) files.push(arg);
    else if (!known.includes(name)) throw new CommandError(`Unknown option ${name}.\n\n${USAGE}`);
    else {
      const value = inline ?? args[++i];
      if (value === undefined) throw new CommandError(`${name} wants a value.`);
      options[name] = value;
    }
  }
  const [file, ...others] = files;
  if (file === undefined || others.length > 0)
    throw new CommandError(`Name one file, or - for standard input.\n\n${USAGE}`);
  return { file, options };
}

function readText(file: string): string {
  try {
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    throw new CommandError(`${file} cannot be read: ${(error as Error).message}`);
  }
}

function main(args: readonly string[]): number {
  const [command = '', ...rest] = args;
  const run = COMMANDS[command];
  try {
    if (!run) throw new CommandError(USAGE);
    process.stdout.write(`${JSON.stringify(run(rest), null, 2)}\n`);
    return 0;
  } catch (error) {
    if (!(error instanceof CommandError)) throw error;
    process.stderr.write(`${error.message}\n`);
    return 1;
  }
}

process.exitCode = main(process.argv.slice(2));
