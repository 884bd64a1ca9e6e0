import 'fake-indexeddb/auto';
import { TestBed } from '@angular/core/testing';
import { setupZonelessTestEnv } from 'jest-preset-angular/setup-env/zoneless';
import { Clock } from '../household/clock';
import { GivenClock } from './given-clock';

setupZonelessTestEnv();
beforeEach(() => TestBed.configureTestingModule({ providers: [{ provide: Clock, useClass: GivenClock }] }));

// jsdom has no structuredClone, which the stand-in for IndexedDB needs.
globalThis.structuredClone ??= (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

// Nor a screen whose width could be asked for: it is as wide as a desk.
globalThis.matchMedia ??= (media) =>
  Object.assign(new EventTarget(), { media, matches: false, onchange: null }) as MediaQueryList;

// Nor anything to scroll.
Element.prototype.scrollIntoView ??= () => undefined;
