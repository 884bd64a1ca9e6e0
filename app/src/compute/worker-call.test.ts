import { MessageChannel, type MessagePort } from 'node:worker_threads';
import { expose, type Endpoint } from 'comlink';
import { type Progress, WorkerCall } from './worker-call';

const api = {
  double: (value: number): number => 2 * value,
  half: async (told: Progress): Promise<string> => {
    await told(0.5);
    return 'half way';
  },
  never: (): Promise<string> => new Promise(() => undefined),
  broken: (): string => {
    throw new Error('no');
  },
};

/** What a page has of a worker: an end to talk to, and a way to put an end to it. */
let started = 0;
const ports: MessagePort[] = [];
class Channel extends MessageChannel {
  constructor() {
    super();
    ports.push(this.port1, this.port2);
  }
}
function start(): Worker {
  started += 1;
  const { port1, port2 } = new Channel();
  expose(api, port2 as unknown as Endpoint);
  return Object.assign(port1, { terminate: () => port1.close() }) as unknown as Worker;
}

describe('a question to a worker', () => {
  // What a browser has, and the test's page does not.
  beforeAll(() => Object.assign(globalThis, { MessageChannel: Channel }));
  beforeEach(() => (started = 0));
  afterEach(() => ports.splice(0).forEach((port) => port.close()));

  it('is answered; the worker stays for the next', async () => {
    const call = new WorkerCall<typeof api>(start);
    expect(await call.ask((worker) => worker.double(21))).toBe(42);
    expect(await call.ask((worker) => worker.double(1))).toBe(2);
    expect(started).toBe(1);
    expect([call.isBusy(), call.progress()]).toEqual([false, null]);
  });

  it('tells how far it is', async () => {
    const call = new WorkerCall<typeof api>(start);
    const seen: (number | null)[] = [];
    const answer = call.ask((worker, told) =>
      worker.half(told).then((said) => {
        seen.push(call.progress());
        return said;
      }),
    );
    expect([call.isBusy(), call.progress()]).toEqual([true, 0]);
    expect(await answer).toBe('half way');
    expect(seen).toEqual([0.5]);
  });

  it('calls off the one before it, which then answers nothing', async () => {
    const call = new WorkerCall<typeof api>(start);
    const first = call.ask((worker) => worker.never());
    const second = call.ask((worker) => worker.double(4));
    expect(await first).toBeNull();
    expect(await second).toBe(8);
    expect(started).toBe(2);
  });

  it('asked in turn it waits for the one before it, and calls nothing off', async () => {
    const call = new WorkerCall<typeof api>(start);
    const both = [1, 2].map((value) => call.askInTurn((worker) => worker.double(value)));
    expect(await Promise.all(both)).toEqual([2, 4]);
    expect(await call.askInTurn((worker) => worker.broken())).toBeNull();
    expect(await call.askInTurn((worker) => worker.double(3))).toBe(6);
    expect(started).toBe(1);
  });

  it('what waits its turn is called off with what is worked at', async () => {
    const call = new WorkerCall<typeof api>(start);
    const both = [call.askInTurn((worker) => worker.never()), call.askInTurn((worker) => worker.double(1))];
    await Promise.resolve();
    call.cancel();
    expect(await Promise.all(both)).toEqual([null, null]);
    expect(await call.askInTurn((worker) => worker.double(5))).toBe(10);
  });

  it('answers nothing where it is called off, or the worker breaks', async () => {
    const call = new WorkerCall<typeof api>(start);
    const asked = call.ask((worker) => worker.never());
    call.cancel();
    expect(await asked).toBeNull();
    expect(await call.ask((worker) => worker.broken())).toBeNull();
    expect(call.isBusy()).toBe(false);
  });
});
