import type { LaidLabel } from '@core/label/label-layout';

/** Dots to the millimetre of a 203 dpi label printer. */
const DOTS = 8;
/** Such a printer burns a dot or does not. */
const DARK_BELOW = 140;

/** The practice printer: draws a roll, label after label, in black dots and white. */
export async function printRoll(
  canvas: HTMLCanvasElement,
  labels: readonly LaidLabel[],
  [width, height]: readonly [number, number],
): Promise<void> {
  const [w, h] = [Math.round(width * DOTS), Math.round(height * DOTS)];
  canvas.width = w;
  canvas.height = h * labels.length;
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return;
  await document.fonts.ready;
  context.fillStyle = '#fff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.fillStyle = '#000';
  for (const [n, { lines, qr, edge }] of labels.entries()) {
    for (const shape of edge) {
      context.beginPath();
      for (const [x, y] of shape) context.lineTo(x * DOTS, n * h + y * DOTS);
      context.fill();
    }
    for (const { text, xMm, yMm, sizeMm, weight } of lines) {
      context.font = `${weight === 'bold' ? 700 : 400} ${sizeMm * DOTS}px 'Atkinson Hyperlegible Next Variable', sans-serif`;
      context.fillText(text, xMm * DOTS, n * h + yMm * DOTS);
    }
    const dot = (qr.sizeMm * DOTS) / qr.modules.length;
    for (const [y, row] of qr.modules.entries()) {
      for (const [x, isDark] of row.entries()) {
        if (!isDark) continue;
        const [left, top] = [
          Math.round(qr.xMm * DOTS + x * dot),
          Math.round(n * h + qr.yMm * DOTS + y * dot),
        ];
        context.fillRect(
          left,
          top,
          Math.round(qr.xMm * DOTS + (x + 1) * dot) - left,
          Math.round(n * h + qr.yMm * DOTS + (y + 1) * dot) - top,
        );
      }
    }
  }
  const picture = context.getImageData(0, 0, canvas.width, canvas.height);
  for (let k = 0; k < picture.data.length; k += 4) {
    const value = (picture.data[k] as number) < DARK_BELOW ? 0 : 255;
    for (let channel = 0; channel < 3; channel++) picture.data[k + channel] = value;
  }
  context.putImageData(picture, 0, 0);
}
