import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  ElementRef,
  inject,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { CodeDecoder } from '../compute/code-decoder';
import type { StandInCode } from './stand-in-camera';

const FRAME_MS = 250;

/** Reads a code: by camera, from a picture, by typing; or with a camera that is not there. */
@Component({
  selector: 'v-code-reader',
  providers: [CodeDecoder],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="ways">
      <button type="button" class="quiet" (click)="camera()">{{ isOn() ? 'Camera off' : 'Camera' }}</button>
      <label class="quiet file"
        >A picture<input type="file" accept="image/*" #file (change)="picture(file)"
      /></label>
      @if (standIns().length > 0) {
        <label class="stand-in"
          ><span class="visually-hidden">A camera that is not there</span
          ><select #standIn class="text" (change)="show(standIn.value); standIn.value = ''">
            <option value="">A camera that is not there …</option>
            @for (each of standIns(); track each.name) {
              <option [value]="each.name">{{ each.name }}</option>
            }
          </select></label
        >
      }
    </div>
    <video #video [hidden]="!isOn()" muted playsinline></video>
    <canvas #frame [hidden]="!isShown()" width="480" height="320"></canvas>
    <div class="typed">
      <div class="field">
        <label [for]="field()">{{ label() }}</label><input
          class="text"
          [id]="field()"
          #typed
          autocomplete="off"
          (keydown.enter)="$event.preventDefault(); say(typed.value)"
        />
      </div>
      <button type="button" class="quiet" (click)="say(typed.value)">Read</button>
    </div>
    <p class="said" role="status">{{ said() }}</p>
  `,
  styleUrl: './code-reader.css',
})
export class CodeReader {
  private readonly decoder = inject(CodeDecoder);
  private readonly video = viewChild.required<ElementRef<HTMLVideoElement>>('video');
  private readonly frame = viewChild.required<ElementRef<HTMLCanvasElement>>('frame');
  readonly label = input('Or type it');
  readonly field = input('code');
  /** What the camera that is not there can be shown. */
  readonly standIns = input<readonly StandInCode[]>([]);
  readonly found = output<string>();
  protected readonly isOn = signal(false);
  protected readonly isShown = signal(false);
  protected readonly said = signal('');
  private stream: MediaStream | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.off());
  }

  protected say(text: string): void {
    if (text.trim() !== '') this.found.emit(text.trim());
  }

  protected async camera(): Promise<void> {
    if (this.isOn()) return this.off();
    try {
      this.stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
    } catch {
      return this.said.set(
        'No camera here, or it may not be used. Take a picture instead, or type what is printed.',
      );
    }
    const video = this.video().nativeElement;
    video.srcObject = this.stream;
    await video.play();
    this.isOn.set(true);
    this.said.set('Hold the code before the camera.');
    this.look();
  }

  private look(): void {
    this.timer = setTimeout(() => void this.lookOnce(), FRAME_MS);
  }

  private async lookOnce(): Promise<void> {
    if (!this.isOn()) return;
    const text = await this.decoder.read(await this.decoder.dotsOf(this.video().nativeElement), false);
    if (text === null) return this.look();
    this.off();
    this.said.set('');
    this.found.emit(text);
  }

  private off(): void {
    clearTimeout(this.timer);
    for (const track of this.stream?.getTracks() ?? []) track.stop();
    this.stream = null;
    this.isOn.set(false);
  }

  protected async picture(field: HTMLInputElement): Promise<void> {
    const file = field.files?.[0];
    field.value = '';
    if (!file) return;
    try {
      await this.still(await this.decoder.dotsOf(file));
    } catch {
      this.said.set('That is no picture that can be opened. Take another, or type what is printed.');
    }
  }

  private async still(picture: ImageData): Promise<void> {
    this.said.set('Looking …');
    const text = await this.decoder.read(picture, true);
    this.said.set(
      text === null
        ? 'No code can be read in it: too blurred, too small, or not all of it. Take another, nearer and straight, or type what is printed.'
        : '',
    );
    if (text !== null) this.found.emit(text);
  }

  /** Draws a code as a camera would see it, a little turned and noisy, and reads it. */
  protected async show(name: string): Promise<void> {
    const code = this.standIns().find((each) => each.name === name);
    if (!code) return;
    const { drawSeen } = await import('./stand-in-camera');
    const canvas = this.frame().nativeElement;
    this.isShown.set(true);
    await drawSeen(canvas, code);
    await this.still(await this.decoder.dotsOf(canvas));
  }
}
