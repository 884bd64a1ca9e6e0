import type { Destination } from '@core/catalogue/destination';
import type { Light } from '../kit/appearance';
import { chartInk } from '../kit/chart-ink';
import { tileOf } from '../kit/destination-look';
import type { PackRow } from './pack-rows';

/** A pack's place on the canvas, in pixels. */
export interface Painted {
  readonly row: PackRow;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

interface Picture {
  readonly blocks: readonly Painted[];
  readonly marked: ReadonlySet<string>;
  readonly found: ReadonlySet<string> | null;
  readonly light: Light;
}

const SPINE = 9;
/** From these sizes on a block can carry its texture as a spine, its name, and a second line. */
const [WITH_SPINE, WITH_NAME, NAME_HIGH, WITH_MASS] = [24, 46, 18, 36];
const SHEET = { light: '#fbf8f1', dim: '#26201b' } as const;
const FONT = "'Atkinson Hyperlegible Next Variable', sans-serif";

const tiles = new Map<Destination, HTMLImageElement>();

/** A destination's texture; once it is there, `later` is called. */
function tile(destination: Destination, later: () => void): HTMLImageElement | null {
  const known = tiles.get(destination);
  if (known) return known.complete ? known : null;
  const image = new Image(12, 12);
  image.src = tileOf(destination);
  tiles.set(destination, image);
  image.onload = later;
  return null;
}

/** Draws packs as they stand in a drawer: the texture as the spine, the name, and a sign for what is urgent. */
export class DrawerPainter {
  constructor(private readonly second: (row: PackRow) => string) {}

  paint(canvas: HTMLCanvasElement, { width, height }: { width: number; height: number }, picture: Picture): void {
    const dots = globalThis.devicePixelRatio || 1;
    const [w, h] = [Math.round(width * dots), Math.round(height * dots)];
    if (canvas.width !== w || canvas.height !== h) [canvas.width, canvas.height] = [w, h];
    const pen = canvas.getContext('2d');
    if (!pen || width === 0) return;
    pen.setTransform(dots, 0, 0, dots, 0, 0);
    pen.clearRect(0, 0, width, height);
    const again = (): void => this.paint(canvas, { width, height }, picture);
    const patterns = new Map<Destination, CanvasPattern | null>();
    for (const block of picture.blocks) {
      const { destination } = block.row.lot;
      if (!patterns.has(destination)) {
        const image = tile(destination, again);
        patterns.set(destination, image && pen.createPattern(image, 'repeat'));
      }
      pen.globalAlpha = picture.found === null || picture.found.has(block.row.lot.id) ? 1 : 0.14;
      this.block(pen, block, patterns.get(destination) ?? null, picture);
    }
    pen.globalAlpha = 1;
    for (const block of picture.blocks) if (picture.marked.has(block.row.lot.id)) this.mark(pen, block, picture.light);
  }

  private block(pen: CanvasRenderingContext2D, { row, x, y, width, height }: Painted, texture: CanvasPattern | null, { light }: Picture): void {
    const ink = chartInk(light);
    const spine = width >= WITH_SPINE ? SPINE : width;
    pen.fillStyle = SHEET[light];
    pen.fillRect(x, y, width, height);
    pen.fillStyle = texture ?? ink.soft;
    pen.fillRect(x, y, spine, height);
    pen.strokeStyle = ink.ink;
    pen.lineWidth = width < 6 ? 0.5 : 1;
    pen.strokeRect(x + 0.5, y + 0.5, Math.max(0, width - 1), Math.max(0, height - 1));
    const sign = row.cookBy !== null ? '~' : row.isPast || row.isNear ? '!' : '';
    if (width >= WITH_NAME && height >= NAME_HIGH) this.words(pen, { row, x, y, width: width - (sign ? 14 : 0), height }, ink);
    if (sign && width >= 12 && height >= 14) {
      pen.fillStyle = sign === '!' ? ink.act : ink.cold;
      pen.font = `700 15px ${FONT}`;
      pen.fillText(sign, x + width - 11, y + 15);
    }
  }

  private words(pen: CanvasRenderingContext2D, { row, x, y, width, height }: Painted, ink: ReturnType<typeof chartInk>): void {
    const room = width - SPINE - 8;
    pen.fillStyle = ink.ink;
    pen.font = `600 13px ${FONT}`;
    pen.fillText(fitted(pen, row.name, room), x + SPINE + 5, y + 15);
    if (height < WITH_MASS) return;
    pen.fillStyle = ink.soft;
    pen.font = `400 12px ${FONT}`;
    pen.fillText(fitted(pen, this.second(row), room), x + SPINE + 5, y + 30);
  }

  private mark(pen: CanvasRenderingContext2D, { x, y, width, height }: Painted, light: Light): void {
    pen.strokeStyle = chartInk(light).act;
    pen.lineWidth = 3;
    pen.strokeRect(x + 1.5, y + 1.5, Math.max(1, width - 3), Math.max(1, height - 3));
  }
}

/** As much of a text as there is room for. */
function fitted(pen: CanvasRenderingContext2D, text: string, room: number): string {
  if (pen.measureText(text).width <= room) return text;
  let length = text.length - 1;
  while (length > 1 && pen.measureText(`${text.slice(0, length)}…`).width > room) length -= 1;
  return length > 1 ? `${text.slice(0, length).trimEnd()}…` : '';
}
