/**
 * Set up before every unit test: a file of ours, test or not, that asks the machine what time it is gets
 * an error, so that no test can depend on the day. Libraries may ask: Jest, fast-check, Angular.
 */
const ALLOWED = /[\\/]node_modules[\\/](?!temporal-)|^node:/;
const THIS = __filename;

/** The file that asked: the first on the stack that is neither this one nor a polyfill it asked through. */
function whoAsks(): string | null {
  const { prepareStackTrace } = Error;
  Error.prepareStackTrace = (_error, calls) => calls;
  const calls = new Error().stack as unknown as NodeJS.CallSite[];
  Error.prepareStackTrace = prepareStackTrace;
  const files = calls.map((call) => call.getFileName() ?? 'node:');
  return files.find((file) => file !== THIS && !/[\\/]temporal-(polyfill|utils)[\\/]/.test(file)) ?? null;
}

function refuse(): void {
  const file = whoAsks();
  if (file === null || ALLOWED.test(file)) return;
  throw new Error(
    `${file} asks the machine what time it is. In a unit test time is given: see core/src/testing/clocks and app/src/testing/given-clock.`,
  );
}

const Machine = Date;
/** `npm run test:days` lets it be another day for libraries too. */
const AHEAD_MS = Number(process.env['VENDICUS_CLOCK_AHEAD_MS'] ?? 0);

/** The machine's `Date`, that tells the time to libraries only. */
class Guarded extends Machine {
  constructor(...given: []) {
    if (given.length === 0) refuse();
    super(...(given.length > 0 ? given : ([Machine.now() + AHEAD_MS] as unknown as [])));
  }
  static override now(): number {
    refuse();
    return Machine.now() + AHEAD_MS;
  }
}
globalThis.Date = Guarded as DateConstructor;
