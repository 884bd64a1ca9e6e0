import { randomInt } from 'node:crypto';
import { Router, json, type Request, type Response } from 'express';
import { frameOf } from '../core/src/scale/frame-of';
import { KITCHEN_SCALE, SimulatedScale } from '../core/src/scale/simulated-scale';
import { scaleLines, type ScaleAddress } from './scale-line';
import { seededUniform } from '../core/src/units/random';

const SEND_EVERY_MS = 100;
/** More than this no kitchen scale is asked to show. */
const MOST_G = 50_000;

/** Begins to send; returns how to stop. */
type Sends = (response: Response) => () => void;

/**
 * A scale on the home network, line by line as it sends them; where there is none, one for practice, which
 * says so first, and has a tray to lay something on. One scale for all who listen.
 *
 * - `GET /scale/stream`: server-sent events, "ST,GS,+   372.0 g"; of the practice scale the event `practice` first
 * - `POST /scale/tray` with `{ "massG": 372 }`: lays so much on the practice scale; 0 clears it
 */
export function scaleStream(address: ScaleAddress | null): Router {
  const router = Router();
  const listening: Listening = new Map();
  if (address) {
    router.get('/scale/stream', (request, response) => stream(heard(address), listening, request, response));
    return router;
  }
  const scale = new SimulatedScale(KITCHEN_SCALE, seededUniform(randomInt(2 ** 32)));
  router.get('/scale/stream', (request, response) => stream(practised(scale), listening, request, response));
  router.post('/scale/tray', json({ limit: '1kb' }), (request, response) => lay(scale, request, response));
  return router;
}

/** Each listener is told ten times a second, so one device is given a few. */
const MOST_OF_ONE = 8;
/** How often each device listens. */
type Listening = Map<string, number>;

/** When the scale goes, the stream ends, and the page says that it is gone. */
const heard =
  (address: ScaleAddress): Sends =>
  (response) =>
    scaleLines(
      address,
      (line) => void response.write(`data: ${line}\n\n`),
      () => void response.end(),
    );

const practised =
  (scale: SimulatedScale): Sends =>
  (response) => {
    response.write('event: practice\ndata: no real scale\n\n');
    const timer = setInterval(
      () => response.write(`data: ${frameOf(scale.read(performance.now()))}\n\n`),
      SEND_EVERY_MS,
    );
    return () => clearInterval(timer);
  };

function stream(send: Sends, listening: Listening, request: Request, response: Response): void {
  const client = request.ip ?? '';
  const count = listening.get(client) ?? 0;
  if (count >= MOST_OF_ONE) {
    response.status(429).type('text').send(`This device listens ${MOST_OF_ONE} times already. Close a page.`);
    return;
  }
  listening.set(client, count + 1);
  response.set({
    'Content-Type': 'text/event-stream',
    'Cache-Control': 'no-store',
    Connection: 'keep-alive',
  });
  response.flushHeaders();
  const stop = send(response);
  request.on('close', () => {
    stop();
    listening.set(client, (listening.get(client) ?? 1) - 1);
  });
}

function lay(scale: SimulatedScale, request: Request, response: Response): void {
  const massG = (request.body as { massG?: unknown } | undefined)?.massG;
  if (typeof massG !== 'number' || !(massG >= 0 && massG <= MOST_G)) {
    response.status(400).type('text').send(`Send {"massG": n} with n from 0 to ${MOST_G}.`);
    return;
  }
  scale.put(Math.round(massG * 10), performance.now());
  response.status(204).end();
}
