import { tileOf, type Whereabouts } from '../piece/destination-look';

/** A destination's texture as ECharts takes it; resolves once the tile has been drawn. */
export async function chartTexture(
  where: Whereabouts,
): Promise<{ image: HTMLCanvasElement; repeat: 'repeat' }> {
  const tile = new Image(12, 12);
  tile.src = tileOf(where);
  await tile.decode();
  // Drawn at twice its size, since charts on dense screens scale their patterns down.
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = 24;
  canvas.getContext('2d')?.drawImage(tile, 0, 0, 24, 24);
  return { image: canvas, repeat: 'repeat' };
}
