import { sum } from 'd3-array';
import type { Destination } from '@core/ledger/destination';
import type { Light } from '../../../ui/appearance';
import { chartInk } from '../../../ui/chart/chart-ink';
import { markOf, tileOf } from '../../../ui/piece/destination-look';
import type { PackRow } from '../pack-rows';

/** A pack's place on the canvas, in pixels. */
export interface Painted {
  readonly row: PackRow;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** What of a picture is found and chosen. */
interface Veil {
  readonly marked: ReadonlySet<string>;
  /** Null where nothing is searched for. */
  readonly found: ReadonlySet<string> | null;
}

const SPINE = 9;
/** From these sizes on a block can carry its texture as a spine, its name, and a second line. */
const [WITH_SPINE, WITH_NAME, NAME_HIGH, WITH_MASS] = [24, 46, 18, 36];
/** Under so many pixels of width, on average, there is no texture to be seen. */
const TINY = 8;
/** The paper, nearly hiding what a search does not find. */
const PAPER = { light: 'rgb(245 240 230 / 0.86)', dim: 'rgb(29 24 21 / 0.86)' } as const;
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

interface Size {
  readonly width: number;
  readonly height: number;
}

/** A canvas made ready: its pen in units of the page, whatever the screen's dots. */
function penOf(canvas: HTMLCanvasElement, { width, height }: Size): CanvasRenderingContext2D | null {
  const dots = globalThis.devicePixelRatio || 1;
  const [w, h] = [Math.round(width * dots), Math.round(height * dots)];
  if (canvas.width !== w || canvas.height !== h) [canvas.width, canvas.height] = [w, h];
  const pen = width === 0 ? null : canvas.getContext('2d');
  pen?.setTransform(dots, 0, 0, dots, 0, 0);
  pen?.clearRect(0, 0, width, height);
  return pen;
}

/**
 * Draws packs as they stand in a drawer: the texture as the spine, the name, and a sign for what is
 * urgent. What a search does not find is veiled on a canvas of its own, so that thousands of packs
 * are drawn once and not with every letter.
 */
export class DrawerPainter {
  constructor(private readonly second: (row: PackRow) => string) {}

  paint(canvas: HTMLCanvasElement, size: Size, blocks: readonly Painted[], light: Light): void {
    const pen = penOf(canvas, size);
    if (pen) this.blocks(pen, blocks, light, () => this.paint(canvas, size, blocks, light));
  }

  veil(
    canvas: HTMLCanvasElement,
    size: Size,
    blocks: readonly Painted[],
    { marked, found }: Veil,
    light: Light,
  ): void {
    const pen = penOf(canvas, size);
    if (!pen) return;
    pen.fillStyle = PAPER[light];
    for (const { row, x, y, width, height } of blocks)
      if (found !== null && !found.has(row.lot.id))
        pen.fillRect(Math.floor(x), Math.floor(y), Math.ceil(width), Math.ceil(height));
    for (const block of blocks) if (marked.has(block.row.lot.id)) this.mark(pen, block, light);
  }

  /** All blocks alike in one stroke of the pen: a thousand single ones take a tenth of a second. */
  private blocks(
    pen: CanvasRenderingContext2D,
    blocks: readonly Painted[],
    light: Light,
    again: () => void,
  ): void {
    const ink = chartInk(light);
    const all = new Path2D();
    const spines = new Map<Destination, Path2D>();
    for (const { row, x, y, width, height } of blocks) {
      all.rect(x + 0.5, y + 0.5, Math.max(0, width - 1), Math.max(0, height - 1));
      const { destination } = row.lot;
      const path = spines.get(destination) ?? new Path2D();
      spines.set(destination, path);
      path.rect(x, y, width >= WITH_SPINE ? SPINE : width, height);
    }
    pen.fillStyle = SHEET[light];
    pen.fill(all);
    const isTiny = blocks.length > 0 && sum(blocks, ({ width }) => width) / blocks.length < TINY;
    for (const [destination, path] of spines) {
      const image = isTiny ? null : tile(destination, again);
      pen.fillStyle = (image && pen.createPattern(image, 'repeat')) ?? markOf(destination);
      pen.fill(path);
    }
    pen.strokeStyle = isTiny ? SHEET[light] : ink.ink;
    pen.lineWidth = isTiny ? 0.5 : 1;
    pen.stroke(all);
    for (const block of blocks) this.signs(pen, block, ink);
  }

  private signs(
    pen: CanvasRenderingContext2D,
    { row, x, y, width, height }: Painted,
    ink: ReturnType<typeof chartInk>,
  ): void {
    const sign = row.cold.overdue
      ? '!'
      : row.cold.state !== 'frozen'
        ? '~'
        : row.isPast || row.isNear
          ? '!'
          : '';
    if (width >= WITH_NAME && height >= NAME_HIGH)
      this.words(pen, { row, x, y, width: width - (sign ? 14 : 0), height }, ink);
    if (sign && width >= 12 && height >= 14) {
      pen.fillStyle = sign === '!' ? ink.act : ink.cold;
      pen.font = `700 15px ${FONT}`;
      pen.fillText(sign, x + width - 11, y + 15);
    }
  }

  private words(
    pen: CanvasRenderingContext2D,
    { row, x, y, width, height }: Painted,
    ink: ReturnType<typeof chartInk>,
  ): void {
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
