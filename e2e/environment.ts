import { TestEnvironment } from 'jest-environment-node';
import * as chromium from './chromium';

/** Where an interface test runs: with the one browser of its process, that the next file finds running. */
export default class BrowserEnvironment extends TestEnvironment {
  override async setup(): Promise<void> {
    await super.setup();
    Object.assign(this.global, { vendicusChromium: chromium });
  }
}
