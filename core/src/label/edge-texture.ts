/** A black shape, its corners in mm. */
export type EdgeShape = readonly (readonly [xMm: number, yMm: number])[];

/** The strip at a label's left edge, mm. */
export interface Strip {
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** One tile of a texture: shapes in units of the strip's width, and how far down the next tile lies. */
interface Tile {
  readonly step: number;
  readonly shapes: readonly EdgeShape[];
}

const box = (x: number, y: number, width: number, height: number): EdgeShape => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];
const slant = (up: number): Tile => ({
  step: 0.8,
  shapes: [
    [
      [0, up > 0 ? up : 0],
      [1, up > 0 ? 0 : -up],
      [1, (up > 0 ? 0 : -up) + 0.35],
      [0, (up > 0 ? up : 0) + 0.35],
    ],
  ],
});
const dot = (x: number, y: number, r: number): EdgeShape =>
  Array.from({ length: 10 }, (_, k) => [
    x + r * Math.cos((k * Math.PI) / 5),
    y + r * Math.sin((k * Math.PI) / 5),
  ]);

/** The same textures as on the screen, in black: solid, slanted, upright, squares, dots, level, drops, back-slanted. */
const TILES = {
  main: { step: 1, shapes: [box(0, 0, 1, 1)] },
  second: slant(0.6),
  thin: { step: 1, shapes: [box(0.1, 0, 0.22, 1), box(0.62, 0, 0.22, 1)] },
  stew: { step: 1, shapes: [box(0, 0, 0.5, 0.5), box(0.5, 0.5, 0.5, 0.5)] },
  grind: { step: 1, shapes: [dot(0.27, 0.27, 0.2), dot(0.73, 0.77, 0.2)] },
  stock: { step: 0.5, shapes: [box(0, 0.1, 1, 0.14)] },
  render: { step: 1, shapes: [box(0, 0.25, 1, 0.5)] },
  liquid: { step: 1, shapes: [dot(0.5, 0.5, 0.3)] },
  bin: slant(-0.6),
} as const satisfies Readonly<Record<string, Tile>>;

/** What has a texture: where meat goes. */
export type Texture = keyof typeof TILES;

/**
 * The texture of a destination along a strip. What would stand out below is left off.
 *
 * @example edgeTexture('stock', { xMm: 1, yMm: 1, widthMm: 2, heightMm: 30 }) // level lines, 1 mm apart
 */
export function edgeTexture(of: Texture, { xMm, yMm, widthMm, heightMm }: Strip): EdgeShape[] {
  const { step, shapes }: Tile = TILES[of];
  const tiles = Math.floor(heightMm / (step * widthMm));
  return Array.from({ length: tiles }, (_, n) =>
    shapes
      .filter((shape) => shape.every(([, y]) => (y + n * step) * widthMm <= heightMm))
      .map((shape): EdgeShape => shape.map(([x, y]) => [xMm + x * widthMm, yMm + (y + n * step) * widthMm])),
  ).flat();
}
