import { readFrame, type Frame } from './frame';

/** Longer lines are no weights; a device gone mad shall not fill the memory. */
const LONGEST = 64;
/** Line ends, and the marks that some devices put around each line. */
const ENDS = /[\r\n\u0002\u0003]/;

/** What one line was: a weight, or something else. */
export type Line = { readonly frame: Frame } | { readonly rubbish: string };

/**
 * Puts a stream of chunks together into lines and reads them. Chunks may end anywhere: half a
 * line waits for its rest, several in one are all read, and what is no weight is handed on as
 * rubbish.
 *
 * @example new FrameReader().push('ST,GS,+ 37').length // 0
 */
export class FrameReader {
  private rest = '';

  push(chunk: string): Line[] {
    const lines = (this.rest + chunk).split(ENDS);
    this.rest = lines.pop() ?? '';
    const tooLong = this.rest.length > LONGEST ? this.rest.slice(0, LONGEST) : null;
    if (tooLong !== null) this.rest = '';
    return [...lines, ...(tooLong === null ? [] : [tooLong])]
      .filter((line) => line.trim() !== '')
      .map(understand);
  }
}

function understand(line: string): Line {
  const frame = line.length > LONGEST ? null : readFrame(line);
  return frame ? { frame } : { rubbish: line.slice(0, LONGEST) };
}
