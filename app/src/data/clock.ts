import { Injectable } from '@angular/core';
import { customAlphabet } from 'nanoid';

const LETTERS = '0123456789abcdefghijklmnopqrstuvwxyz';
const randomId = customAlphabet(LETTERS, 14);

/** Time and identifiers, which the core never makes by itself. */
@Injectable({ providedIn: 'root' })
export class Clock {
  /** Now, in UTC. */
  instant(): string {
    return new Date().toISOString();
  }

  /** Today where the household is. */
  today(): string {
    return this.dayOf(this.instant());
  }

  /** The day of a moment where the household is. */
  dayOf(instant: string): string {
    const at = new Date(instant);
    const two = (value: number): string => String(value).padStart(2, '0');
    return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
  }

  newId(): string {
    return randomId();
  }
}
