// Runs in a page of the application's own address: the real base in a real browser, without the screens.
import { copies } from './copies';
import { deeds, foundNoRoom } from './deeds';
import { file, merge } from './exchange';
import { files } from './files';
import { look } from './look';
import { oldBase } from './old-base';
import { spoil } from './spoil';
import { putBack, replaceAll } from './replaced';
import { open, renew, wasGivenBack } from './tab';

const inside = {
  copies,
  deeds,
  file,
  files,
  foundNoRoom,
  look,
  merge,
  oldBase,
  open,
  putBack,
  renew,
  replaceAll,
  spoil,
  wasGivenBack,
};
export type Inside = typeof inside;
Object.assign(globalThis, { torture: inside });
