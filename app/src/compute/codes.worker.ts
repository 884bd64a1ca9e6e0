import { expose } from 'comlink';
import {
  BarcodeFormat,
  BinaryBitmap,
  DecodeHintType,
  GlobalHistogramBinarizer,
  HybridBinarizer,
  MultiFormatReader,
  RGBLuminanceSource,
  type Result,
} from '@zxing/library';

/** A picture: a byte of brightness for each dot. */
export interface CodePicture {
  readonly width: number;
  readonly height: number;
  readonly grey: Uint8ClampedArray;
  /** Whether to try hard: turned pictures, and slower ways to tell dark from light. */
  readonly isStill: boolean;
}

/** Turns of a picture that are tried, in degrees: codes of bars are read along lines. */
const TURNS = [0, 90, 15, -15, 30, -30, 45, -45, 60, -60] as const;
const FORMATS = [
  BarcodeFormat.QR_CODE,
  BarcodeFormat.EAN_13,
  BarcodeFormat.UPC_A,
  BarcodeFormat.CODE_128,
  BarcodeFormat.DATA_MATRIX,
  BarcodeFormat.RSS_14,
  BarcodeFormat.RSS_EXPANDED,
];
const HINTS = new Map<DecodeHintType, unknown>([
  [DecodeHintType.POSSIBLE_FORMATS, FORMATS],
  [DecodeHintType.TRY_HARDER, true],
  [DecodeHintType.ASSUME_GS1, true],
]);

// The reader warns of its own doubts at every picture; what it reads is checked by digits and by form.
console.warn = (): void => undefined;

const api = { read };
export type CodesWorker = typeof api;
expose(api);

/** What the code in a picture says; null where there is none that can be read. */
function read({ width, height, grey, isStill }: CodePicture): string | null {
  for (const degrees of isStill ? TURNS : TURNS.slice(0, 2)) {
    const picture = degrees === 0 ? { width, height, grey } : turned(width, height, grey, degrees);
    for (const Binarizer of isStill ? [HybridBinarizer, GlobalHistogramBinarizer] : [HybridBinarizer]) {
      const found = decode(
        new BinaryBitmap(new Binarizer(new RGBLuminanceSource(picture.grey, picture.width, picture.height))),
      );
      if (found) return found.getText();
    }
  }
  return null;
}

function decode(bitmap: BinaryBitmap): Result | null {
  try {
    const reader = new MultiFormatReader();
    return reader.decode(bitmap, HINTS);
  } catch {
    // Nothing that can be read is no error here.
    return null;
  }
}

/** The picture turned about its middle, on white, large enough to hold all of it. */
function turned(
  width: number,
  height: number,
  grey: Uint8ClampedArray,
  degrees: number,
): { readonly width: number; readonly height: number; readonly grey: Uint8ClampedArray } {
  const angle = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const [w, h] = [
    Math.ceil(Math.abs(width * cos) + Math.abs(height * sin)),
    Math.ceil(Math.abs(width * sin) + Math.abs(height * cos)),
  ];
  const out = new Uint8ClampedArray(w * h).fill(255);
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      const [dx, dy] = [x - w / 2, y - h / 2];
      const [sx, sy] = [
        Math.round(dx * cos + dy * sin + width / 2),
        Math.round(-dx * sin + dy * cos + height / 2),
      ];
      if (sx >= 0 && sx < width && sy >= 0 && sy < height) out[y * w + x] = grey[sy * width + sx] as number;
    }
  }
  return { width: w, height: h, grey: out };
}
