import type { DrawLine } from '@core/label/label-pdf';

/** Fine enough for any printer: 600 dots to the inch. */
const DOTS_PER_MM = 24;
/** Room above and below the baseline, in heights of the letters. */
const [ABOVE, BELOW] = [1.05, 0.35];
/** No line is wider than the widest label. */
const MOST_MM = 210;

/** A line in whatever script this browser can show, as a picture: for letters that no file of ours has. */
export const drawnLine: DrawLine = async ({ text, sizeMm, weight }) => {
  const size = sizeMm * DOTS_PER_MM;
  const font = `${weight === 'bold' ? 700 : 400} ${size}px 'Atkinson Hyperlegible Next Variable', sans-serif`;
  const measuring = new OffscreenCanvas(1, 1).getContext('2d');
  if (!measuring) return null;
  measuring.font = font;
  const width = Math.ceil(Math.min(measuring.measureText(text).width, MOST_MM * DOTS_PER_MM));
  const canvas = new OffscreenCanvas(Math.max(1, width), Math.ceil(size * (ABOVE + BELOW)));
  const context = canvas.getContext('2d');
  if (!context) return null;
  context.font = font;
  context.fillStyle = '#000';
  context.fillText(text, 0, size * ABOVE);
  const png = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer());
  return { png, widthMm: width / DOTS_PER_MM, aboveMm: sizeMm * ABOVE, belowMm: sizeMm * BELOW };
};
