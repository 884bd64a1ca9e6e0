import { GRADUATIONS } from '@core/scale/graduation';
import { FrameReader } from '@core/scale/frame-reader';
import type { ScaleEvent, ScaleSource } from '@core/scale/scale-source';
import { eventOf } from './frame-events';

/** A scale on the home network, heard through the server that the page came from. */
export class NetworkScale implements ScaleSource {
  readonly name = 'Scale on Wi-Fi';
  readonly graduationDg = GRADUATIONS['1 g'];

  listen(hear: (event: ScaleEvent) => void): Promise<() => void> {
    const stream = new EventSource('/scale/stream');
    const reader = new FrameReader();
    stream.onmessage = ({ data }) => {
      for (const line of reader.push(`${String(data)}\n`)) hear(eventOf(line));
    };
    stream.addEventListener('practice', () => hear({ type: 'practice' }));
    stream.onerror = () =>
      hear({ type: 'lost', why: 'The network or the server that it hangs on does not answer.' });
    return Promise.resolve(() => stream.close());
  }
}
