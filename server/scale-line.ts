import { connect, type Socket } from 'node:net';

/** Where a scale on the home network sends its lines. */
export interface ScaleAddress {
  readonly host: string;
  readonly port: number;
}

/**
 * Reads where the scale is.
 *
 * @param text "host:port"; nothing where there is none
 * @throws Error that names the variable
 */
export function scaleAddress(text: string | undefined): ScaleAddress | null {
  if (text === undefined || text.trim() === '') return null;
  const [, host, port] = /^\s*(\[[\da-f:]+\]|[^\s:]+):(\d{1,5})\s*$/i.exec(text) ?? [];
  if (!host || !(Number(port) > 0 && Number(port) <= 65_535))
    throw new Error(
      `SCALE is "${text}"; it must be where the scale sends its lines, such as 192.168.1.20:4001.`,
    );
  return { host: host.replace(/^\[|\]$/g, ''), port: Number(port) };
}

/** A line longer than this is none of a scale's. */
const MOST_OF_A_LINE = 200;

/** Listens to a scale line by line, until it is gone. */
export function scaleLines(
  { host, port }: ScaleAddress,
  hear: (line: string) => void,
  lost: () => void,
): () => void {
  let rest = '';
  const socket: Socket = connect(port, host);
  socket.setEncoding('latin1');
  socket.on('data', (text: string) => {
    const lines = (rest + text).split(/\r\n|\r|\n/);
    rest = (lines.pop() ?? '').slice(-MOST_OF_A_LINE);
    for (const line of lines) if (line.trim() !== '') hear(line.trim().slice(0, MOST_OF_A_LINE));
  });
  socket.on('error', () => undefined);
  socket.on('close', lost);
  return () => {
    socket.off('close', lost);
    socket.destroy();
  };
}
