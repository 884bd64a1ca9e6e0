import { ean13, gs1_128, gs1datamatrix, qrcode, upca } from 'bwip-js/browser';

/** The drawers of the kinds of codes that stickers and labels carry. */
const DRAWERS = { ean13, upca, 'gs1-128': gs1_128, gs1datamatrix, qrcode } as const;
type CodeKind = keyof typeof DRAWERS;

/** What the practice camera is shown: the kind of code, as its drawer calls it, and what it says. */
export interface PracticeCode {
  readonly name: string;
  readonly kind: CodeKind;
  readonly text: string;
}

const TURN = 0.05;
const NOISE = 26;

/** Draws a code on a sheet of paper as a hand would hold it before a camera: turned a little, grainy. */
export async function drawSeen(canvas: HTMLCanvasElement, { kind, text }: PracticeCode): Promise<void> {
  const code = document.createElement('canvas');
  DRAWERS[kind](code, {
    bcid: kind.replace('_', '-'),
    text,
    scale: 3,
    paddingwidth: 10,
    paddingheight: 10,
    backgroundcolor: 'ffffff',
    includetext: false,
  });
  const context = canvas.getContext('2d');
  if (!context) return;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.fillStyle = '#d9cfbf';
  context.fillRect(0, 0, canvas.width, canvas.height);
  const scale = Math.min(1, (canvas.width * 0.92) / code.width, (canvas.height * 0.85) / code.height);
  context.translate(canvas.width / 2, canvas.height / 2);
  context.rotate(TURN);
  context.scale(scale, scale);
  context.drawImage(code, -code.width / 2, -code.height / 2);
  context.setTransform(1, 0, 0, 1, 0, 0);
  const picture = context.getImageData(0, 0, canvas.width, canvas.height);
  // The same grain each time, so that what is read is the same.
  let grain = 1;
  for (let k = 0; k < picture.data.length; k += 4) {
    grain = (grain * 16807) % 2147483647;
    const by = (grain / 2147483647 - 0.5) * NOISE;
    for (let channel = 0; channel < 3; channel++)
      picture.data[k + channel] = (picture.data[k + channel] as number) + by;
  }
  context.putImageData(picture, 0, 0);
}
