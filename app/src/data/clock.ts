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
    const now = new Date();
    const two = (value: number): string => String(value).padStart(2, '0');
    return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
  }

  newId(): string {
    return randomId();
  }
}
