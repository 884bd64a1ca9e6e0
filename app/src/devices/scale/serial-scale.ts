import { GRADUATIONS } from '@core/scale/graduation';
import { FrameReader } from '@core/scale/frame-reader';
import type { ScaleEvent, ScaleSource } from '@core/scale/scale-source';
import { eventOf } from './frame-events';

/** As much of the browser's serial interface as is used here. */
interface SerialPort {
  readonly readable: ReadableStream<Uint8Array> | null;
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
  getPorts(): Promise<SerialPort[]>;
}

const serial = (): Serial | undefined => (navigator as Navigator & { serial?: Serial }).serial;

/** Speeds at which scales send; most leave the factory at 9600. */
export const BAUD_RATES = [9600, 4800, 2400, 1200, 19200, 38400, 115200] as const;

/** A scale on a cable, through the browser's serial interface. */
export class SerialScale implements ScaleSource {
  readonly name = 'Scale on a cable';
  readonly graduationDg = GRADUATIONS['1 g'];

  constructor(private readonly baudRate: number) {}

  static isPossible(): boolean {
    return serial() !== undefined;
  }

  async listen(hear: (event: ScaleEvent) => void): Promise<() => void> {
    const ports = serial();
    if (!ports) throw new Error('This browser cannot reach a scale on a cable. Type the weights.');
    const [known] = await ports.getPorts();
    const port = known ?? (await ports.requestPort());
    await port.open({ baudRate: this.baudRate });
    const reader = port.readable?.getReader();
    if (!reader)
      throw new Error(
        'The scale on the cable cannot be read. Pull the cable, plug it in again, and connect once more.',
      );
    let isStopped = false;
    void this.read(reader, hear).catch((error: unknown) => {
      if (!isStopped)
        hear({
          type: 'lost',
          why: `The cable or the scale fell silent (${error instanceof Error ? error.message : 'no reason given'}).`,
        });
    });
    return () => {
      isStopped = true;
      void reader.cancel().then(
        () => port.close(),
        () => undefined,
      );
    };
  }

  private async read(
    reader: ReadableStreamDefaultReader<Uint8Array>,
    hear: (event: ScaleEvent) => void,
  ): Promise<void> {
    const [lines, text] = [new FrameReader(), new TextDecoder('latin1')];
    for (;;) {
      const { value, done } = await reader.read();
      if (done) throw new Error('it was unplugged');
      for (const line of lines.push(text.decode(value, { stream: true }))) hear(eventOf(line));
    }
  }
}
