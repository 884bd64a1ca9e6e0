import { TestBed } from '@angular/core/testing';
import { ScaleLink } from './scale-link';

/** A server that says what it is told to. */
class Wire {
  static last: Wire;
  onmessage: ((event: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;
  isClosed = false;

  constructor() {
    Wire.last = this;
  }

  say(...lines: string[]): void {
    for (const data of lines) this.onmessage?.({ data });
  }

  addEventListener(): void {
    // No real scale is practised with.
  }

  close(): void {
    this.isClosed = true;
  }
}

/** A few turns of the queue: the wire opens, and the link takes note. */
async function connected(): Promise<void> {
  for (let turn = 0; turn < 6; turn++) await Promise.resolve();
}

describe('the link to a scale', () => {
  let link: ScaleLink;
  let now = 0;

  beforeEach(async () => {
    jest.useFakeTimers();
    localStorage.clear();
    now = 0;
    jest.spyOn(performance, 'now').mockImplementation(() => now);
    (globalThis as { EventSource?: unknown }).EventSource = Wire;
    link = TestBed.inject(ScaleLink);
    link.choose({ source: 'network' });
    await connected();
  });
  afterEach(() => {
    link.disconnect();
    jest.useRealTimers();
    jest.restoreAllMocks();
  });

  const steady = (line: string, count = 14): void => {
    for (let each = 0; each < count; each++) {
      now += 100;
      jest.advanceTimersByTime(100);
      Wire.last.say(line);
    }
  };

  it('shows what it says, and when it stands still', () => {
    steady('US,GS,+   371.0 g', 3);
    expect(link.reading()?.massDg).toBe(3710);
    expect(link.steadiness().state).toBe('moving');
    steady('ST,GS,+   372.0 g');
    expect(link.steadiness()).toMatchObject({ state: 'steady', massDg: 3720 });
    expect(link.isConnected()).toBe(true);
  });

  it('two lines in one chunk are two readings', () => {
    Wire.last.say('ST,GS,+   1.0 g\r\nST,GS,+   2.0 g');
    expect(link.reading()?.massDg).toBe(20);
  });

  it('a scale below zero is shown as that, and is no weight', () => {
    steady('ST,GS,-   120.0 g');
    expect(link.steadiness()).toMatchObject({ state: 'steady', massDg: -1200 });
  });

  it('a jump is movement, and settles on what it jumped to', () => {
    steady('ST,GS,+   300.0 g');
    steady('ST,GS,+   900.0 g', 1);
    expect(link.steadiness().state).toBe('moving');
    steady('ST,GS,+   900.0 g');
    expect(link.steadiness()).toMatchObject({ state: 'steady', massDg: 9000 });
  });

  it('one that freezes is gone after some seconds, and says so', () => {
    steady('ST,GS,+   300.0 g', 3);
    jest.advanceTimersByTime(5200);
    expect(link.problem()).toContain('silent');
    expect(link.isConnected()).toBe(false);
    expect(Wire.last.isClosed).toBe(true);
  });

  it('a page that stood still itself hears out what the scale has said meanwhile', () => {
    steady('ST,GS,+   300.0 g', 3);
    // The page stood still for longer than a silence; what was said waits, and is heard then.
    jest.advanceTimersByTime(4100);
    expect(link.isConnected()).toBe(true);
    steady('ST,GS,+   300.0 g', 1);
    jest.advanceTimersByTime(4100);
    expect(link.problem()).toBeNull();
  });

  it('one that sends rubbish is not waited for; a line or two does no harm', () => {
    steady('READY', 3);
    steady('ST,GS,+   300.0 g', 2);
    expect(link.problem()).toBeNull();
    steady('!!!!', 20);
    expect(link.problem()).toContain('“!!!!”');
  });

  it('a server that goes away is said, and connecting again begins anew', async () => {
    steady('ST,GS,+   300.0 g', 3);
    Wire.last.onerror?.();
    expect(link.problem()).toContain('does not answer');
    void link.connect();
    await connected();
    expect(link.problem()).toBeNull();
    steady('ST,GS,+   250.0 g');
    expect(link.steadiness()).toMatchObject({ state: 'steady', massDg: 2500 });
    const before = link.steadiness() as { plateau: number };
    void link.connect();
    await connected();
    steady('ST,GS,+   250.0 g');
    // A load on a new connection is never taken for one that was weighed before.
    expect((link.steadiness() as { plateau: number }).plateau).toBeGreaterThan(before.plateau);
  });

  it('remembers the scale of this device, and reads a spoilt memory as none', () => {
    expect(JSON.parse(localStorage.getItem('vendicus-scale') ?? '{}')).toMatchObject({ source: 'network' });
    localStorage.setItem('vendicus-scale', '{"source":"teapot","mode":7');
    TestBed.resetTestingModule();
    expect(TestBed.inject(ScaleLink).choice()).toEqual({
      source: 'typed',
      graduation: '1 g',
      baudRate: 9600,
      handsFree: false,
      mode: 'one-by-one',
    });
  });
});
