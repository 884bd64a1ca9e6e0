import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  ElementRef,
  inject,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { CodeDecoder } from '../compute/code-decoder';
import { Choice, type Options } from '../ui/field/choice';
import { FileChoice } from '../ui/field/file-choice';
import { TextField } from '../ui/field/text-field';
import type { PracticeCode } from './practice-camera';

const FRAME_MS = 250;

/** A code that was read. */
export interface FoundCode {
  readonly text: string;
  /** The practice camera read it. */
  readonly isPractice?: boolean;
}

/** Reads a code: by camera, from a picture, by typing; or with the practice camera. */
@Component({
  selector: 'v-code-reader',
  imports: [Choice, FileChoice, TextField],
  providers: [CodeDecoder],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="ways">
      <button type="button" class="quiet" (click)="camera()">{{ isOn() ? 'Camera off' : 'Camera' }}</button>
      <v-file-choice
        action="A picture"
        label="Picture of a code"
        accept="image/*"
        (chosen)="picture($event)"
      />
      @if (practiceCodes().length > 0) {
        <v-choice
          class="practice"
          look="bare"
          label="Practice camera"
          [options]="shown()"
          value=""
          (valueChange)="show($event)"
        />
      }
    </div>
    <video #video [hidden]="!isOn()" muted playsinline></video>
    <canvas #frame [hidden]="!isShown()" width="480" height="320"></canvas>
    <div class="typed">
      <v-text
        [keys]="keys()"
        [label]="label()"
        [(value)]="typed"
        (keydown.enter)="$event.preventDefault(); say(typed())"
      />
      <button type="button" class="quiet" (click)="say(typed())">Read</button>
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
  readonly keys = input<'text' | 'numeric'>('text');
  /** What the practice camera can be shown; nothing where nobody practises. */
  readonly practiceCodes = input<readonly PracticeCode[]>([]);
  readonly found = output<FoundCode>();
  protected readonly typed = signal('');
  protected readonly shown = computed((): Options<string> => [
    ['', 'Practice camera …'],
    ...this.practiceCodes().map(({ name }) => [name, name] as const),
  ]);
  protected readonly isOn = signal(false);
  protected readonly isShown = signal(false);
  protected readonly said = signal('');
  private stream: MediaStream | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.off());
  }

  protected say(text: string): void {
    if (text.trim() !== '') this.found.emit({ text: text.trim() });
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
    this.found.emit({ text });
  }

  private off(): void {
    clearTimeout(this.timer);
    for (const track of this.stream?.getTracks() ?? []) track.stop();
    this.stream = null;
    this.isOn.set(false);
  }

  protected async picture(file: File): Promise<void> {
    try {
      await this.still(await this.decoder.dotsOf(file));
    } catch {
      this.said.set('That is no picture that can be opened. Take another, or type what is printed.');
    }
  }

  private async still(picture: ImageData, isPractice = false): Promise<void> {
    this.said.set('Looking …');
    const text = await this.decoder.read(picture, true);
    this.said.set(
      text === null
        ? 'No code can be read in it: too blurred, too small, or not all of it. Take another, nearer and straight, or type what is printed.'
        : '',
    );
    if (text !== null) this.found.emit({ text, isPractice });
  }

  /** Draws a code as a camera would see it, a little turned and noisy, and reads it. */
  protected async show(name: string): Promise<void> {
    const code = this.practiceCodes().find((each) => each.name === name);
    if (!code) return;
    const { drawSeen } = await import('./practice-camera');
    const canvas = this.frame().nativeElement;
    this.isShown.set(true);
    await drawSeen(canvas, code);
    await this.still(await this.decoder.dotsOf(canvas), true);
  }
}
