import 'fake-indexeddb/auto';
import { setupZonelessTestEnv } from 'jest-preset-angular/setup-env/zoneless';

setupZonelessTestEnv();

// jsdom has no structuredClone, which the stand-in for IndexedDB needs.
globalThis.structuredClone ??= (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

// Nor a screen whose width could be asked for: it is as wide as a desk.
globalThis.matchMedia ??= (media) =>
  Object.assign(new EventTarget(), { media, matches: false, onchange: null }) as MediaQueryList;
