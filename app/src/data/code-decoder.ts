import { DestroyRef, inject, Injectable } from '@angular/core';
import type { CodeAnswer, CodeQuestion } from '../workers/codes.worker';

/** Longer sides are made smaller: more dots make codes no clearer, only slower. */
const LONGEST = 1400;

/** Reads the code in a picture, in a worker. */
@Injectable()
export class CodeDecoder {
  private worker: Worker | null = null;
  private number = 0;
  private readonly waiting = new Map<number, (text: string | null) => void>();

  constructor() {
    inject(DestroyRef).onDestroy(() => this.worker?.terminate());
  }

  /** What the code in a picture says; null where none can be read. */
  read(picture: ImageData, isStill: boolean): Promise<string | null> {
    this.number += 1;
    const { number } = this;
    this.worker ??= this.start();
    const grey = new Uint8ClampedArray(picture.width * picture.height);
    for (let k = 0; k < grey.length; k++)
      grey[k] =
        ((picture.data[4 * k] as number) * 306 +
          (picture.data[4 * k + 1] as number) * 601 +
          (picture.data[4 * k + 2] as number) * 117) >>
        10;
    return new Promise((resolve) => {
      this.waiting.set(number, resolve);
      this.worker?.postMessage({
        number,
        width: picture.width,
        height: picture.height,
        grey,
        isStill,
      } satisfies CodeQuestion);
    });
  }

  /** A picture file as dots. */
  async dotsOf(source: Blob | HTMLVideoElement | HTMLCanvasElement): Promise<ImageData> {
    const image = source instanceof Blob ? await createImageBitmap(source) : source;
    const [width, height] =
      image instanceof HTMLVideoElement ? [image.videoWidth, image.videoHeight] : [image.width, image.height];
    const scale = Math.min(1, LONGEST / Math.max(width, height));
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [
      Math.max(1, Math.round(width * scale)),
      Math.max(1, Math.round(height * scale)),
    ];
    const context = canvas.getContext('2d', { willReadFrequently: true });
    if (!context) throw new Error('This browser draws no pictures.');
    context.fillStyle = '#fff';
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(image, 0, 0, canvas.width, canvas.height);
    return context.getImageData(0, 0, canvas.width, canvas.height);
  }

  private start(): Worker {
    const worker = new Worker(new URL('../workers/codes.worker', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<CodeAnswer>) => {
      this.waiting.get(data.number)?.(data.text);
      this.waiting.delete(data.number);
    };
    return worker;
  }
}
