import { DestroyRef, inject, Injectable } from '@angular/core';
import type { CodesWorker } from './codes.worker';
import { WorkerCall } from './worker-call';

/** Longer sides are made smaller: more dots make codes no clearer, only slower. */
const LONGEST = 1400;

/** Reads the code in a picture, in a worker. */
@Injectable()
export class CodeDecoder {
  private readonly call = new WorkerCall<CodesWorker>(
    () => new Worker(new URL('./codes.worker', import.meta.url), { type: 'module' }),
  );

  constructor() {
    inject(DestroyRef).onDestroy(() => this.call.cancel());
  }

  /** What the code in a picture says; null where none can be read. */
  read({ width, height, data }: ImageData, isStill: boolean): Promise<string | null> {
    const grey = new Uint8ClampedArray(width * height);
    for (let k = 0; k < grey.length; k++)
      grey[k] =
        ((data[4 * k] as number) * 306 +
          (data[4 * k + 1] as number) * 601 +
          (data[4 * k + 2] as number) * 117) >>
        10;
    return this.call.ask((worker) => worker.read({ width, height, grey, isStill }));
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
}
