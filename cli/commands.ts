import { DEFAULT_COST_METHOD, COST_METHOD_IDS, type CostMethodId } from '@core/cost/method-ids';
import { freezingReport } from '@core/exchange/freezing-report';
import { keepsReport } from '@core/exchange/keeps-report';
import { packsReport } from '@core/exchange/packs-report';
import { predictionReport } from '@core/exchange/prediction-report';
import { purchaseReport } from '@core/exchange/purchase-report';
import { report } from '@core/exchange/report';
import { slicesReport } from '@core/exchange/slices-report';
import { CommandError, parse, positive, readHousehold, readJson, theValue } from './arguments';

/** A command: JSON in, JSON out. */
export interface Command {
  /** What it takes, and what it answers, for who asks. */
  readonly takes: string;
  readonly answers: string;
  readonly run: (args: readonly string[]) => unknown;
}

export type Commands = Readonly<Record<string, Command>>;

const isMethod = (text: string): text is CostMethodId =>
  (COST_METHOD_IDS as readonly string[]).includes(text);

function runReport(args: readonly string[]): unknown {
  const { file, options } = parse(args, ['--method', '--school']);
  const method = options['--method'] ?? options['--school'] ?? DEFAULT_COST_METHOD;
  if (!isMethod(method))
    throw new CommandError(`There is no method of cost "${method}". Known: ${COST_METHOD_IDS.join(', ')}.`);
  return report(readHousehold(file), method);
}

/** "chain=stew,fat=bin" */
const pairsOf = (text: string): Record<string, string> =>
  Object.fromEntries(
    text
      .split(',')
      .filter(Boolean)
      .map((pair) => [pair.split('=')[0] ?? '', pair.split('=')[1] ?? '']),
  );

function runPredict(args: readonly string[]): unknown {
  const { file, options } = parse(args, [
    '--kind',
    '--goes',
    '--skin',
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
      skin: options['--skin'],
      goes: pairsOf(options['--goes'] ?? ''),
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
  if (on === undefined) throw new CommandError(`--on wants a day, such as 2026-11-26.`, true);
  const { timeZone: zone } = Intl.DateTimeFormat().resolvedOptions();
  return theValue(keepsReport(readHousehold(file), { on, at: options['--at'] ?? '12:00', zone }));
}

function runPurchase(args: readonly string[]): unknown {
  const { file } = parse(args, []);
  return theValue(purchaseReport(readJson(file)));
}

/** The commands. A new one is an entry here. */
export const COMMANDS: Commands = {
  report: {
    takes: `FILE|- [--method ${COST_METHOD_IDS.join('|')}]`,
    answers: 'what each purchase came to, and what is in stock',
    run: runReport,
  },
  predict: {
    takes:
      'FILE|- --kind KIND --price A-KG --weight KG [--way WAY] [--marks a,b] [--goes part=where,…] [--skin eaten|left] [--on DAY] [--seed N]',
    answers: "what to expect of a piece at that price, from the household's own pieces",
    run: runPredict,
  },
  slices: {
    takes: 'FILE|-',
    answers: 'where to cut a log: lengths in mm, weights in g',
    run: runSlices,
  },
  packs: {
    takes: 'FILE|- [--seconds N]',
    answers:
      'which portions go into which pack: weights in g; the best within N seconds, 2 where none are said',
    run: runPacks,
  },
  freeze: {
    takes: 'FILE|-',
    answers: 'how long a pack takes to freeze: mm, °C, W/(m²·K)',
    run: runFreeze,
  },
  keeps: {
    takes: 'FILE|- --on DAY [--at HH:MM]',
    answers: 'until when everything keeps that is in stock, and what can be ready tonight',
    run: runKeeps,
  },
  purchase: {
    takes: 'FILE|-',
    answers:
      'what the till takes: { weight: "20 lb", price: "4.99/lb", currency: "USD" }, to the smallest coin',
    run: runPurchase,
  },
};

/** What there is to ask. */
export function usage(commands: Commands): string {
  const lines = Object.entries(commands).map(
    ([name, { takes, answers }]) => `  vendicus ${name} ${takes}\n      ${answers}`,
  );
  return ['vendicus: the computation at a command line, JSON in, JSON out', '', ...lines].join('\n');
}

/**
 * Runs a command.
 *
 * @returns its answer as JSON
 * @throws CommandError where there is none, with what to do
 */
export function runCommand([name = '', ...args]: readonly string[], commands: Commands = COMMANDS): string {
  const command = commands[name];
  if (!command) throw new CommandError(usage(commands));
  try {
    return JSON.stringify(command.run(args), null, 2);
  } catch (error) {
    if (error instanceof CommandError && error.wantsUsage)
      throw new CommandError(`${error.message}\n\n${usage(commands)}`);
    throw error;
  }
}
