import type { Destination } from '@core/ledger/destination';

/** Where mass can be seen to be: a destination, not yet weighed, or never found. */
export type Whereabouts = Destination | 'left' | 'unaccounted';

interface Look {
  /** The mark: texture strokes, and text on `ground` where there is any. */
  readonly mark: string;
  readonly ground: string;
  /** One tile of the texture, 12 by 12, drawn in the mark's colour. */
  readonly tile: string;
}

const line = (d: string, width: number): string => `<path d="${d}" stroke-width="${width}"/>`;
const dot = (x: number, y: number, r: number): string =>
  `<circle cx="${x}" cy="${y}" r="${r}" stroke="none" fill="MARK"/>`;

/**
 * Each destination has a colour and a texture of its own, told apart without colour too: solid,
 * slanted, upright, squares, dots, level, wide level, drops, back-slanted.
 */
const LOOKS: Record<Whereabouts, Look> = {
  main: { mark: '#8a2c2a', ground: '#8a2c2a', tile: '' },
  second: { mark: '#b4571f', ground: '#f2d3b8', tile: line('M-3 3L3 -3M-3 15L15 -3M9 15L15 9', 4) },
  thin: { mark: '#a86a00', ground: '#f6e2b6', tile: line('M3 0V12M9 0V12', 2) },
  stew: {
    mark: '#5f6b2a',
    ground: '#e3e6c4',
    tile: `<path d="M1 1H6V6H1ZM7 7H12V12H7Z" fill="MARK" stroke="none"/>`,
  },
  grind: { mark: '#93406a', ground: '#f0d3e2', tile: dot(3, 3, 2.2) + dot(9, 9, 2.2) },
  stock: { mark: '#6d5a43', ground: '#e6dccb', tile: line('M0 3H12M0 9H12', 1.6) },
  render: { mark: '#c49a1a', ground: '#fbf0c8', tile: line('M0 6H12', 5) },
  liquid: {
    mark: '#3f7391',
    ground: '#d8e7ef',
    tile: `<path d="M6 1.5C8 5 9.5 6.6 9.5 8.4A3.5 3.3 0 0 1 2.5 8.4C2.5 6.6 4 5 6 1.5Z" fill="MARK" stroke="none"/>`,
  },
  bin: { mark: '#625d59', ground: '#d9d5d0', tile: line('M-3 9L3 15M-3 -3L15 15M9 -3L15 3', 2) },
  unaccounted: { mark: '#241d18', ground: '#fbf8f1', tile: line('M2 6H6', 1.5) },
  left: { mark: '#241d18', ground: '#fbf8f1', tile: '' },
};

/** The solid colour of a destination, for outlines and for what is too small for a texture. */
export function markOf(where: Whereabouts): string {
  return LOOKS[where].mark;
}

/** One tile of a destination's texture as an image address, for CSS, drawings and charts alike. */
export function tileOf(where: Whereabouts): string {
  const { mark, ground, tile } = LOOKS[where];
  const strokes = tile.replaceAll('MARK', mark);
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="12" height="12"><rect width="12" height="12" fill="${ground}"/><g stroke="${mark}" fill="none">${strokes}</g></svg>`;
  return `data:image/svg+xml,${encodeURIComponent(svg)}`;
}
