import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { TestEnvironment } from 'jest-environment-node';
import * as chromium from './chromium';

/** In which components something was typed, a file for each file of tests: see tools/forms.mjs. */
const FILLED = join('dist', 'filled');

/** Where an interface test runs: with the one browser of its process, that the next file finds running. */
export default class BrowserEnvironment extends TestEnvironment {
  private readonly filled = new Set<string>();
  private readonly told: string;

  constructor(...given: ConstructorParameters<typeof TestEnvironment>) {
    super(...given);
    const [, context] = given;
    this.told = join(FILLED, `${relative('e2e', context.testPath).replace(/\.test\.ts$/, '')}.json`);
  }

  override async setup(): Promise<void> {
    await super.setup();
    Object.assign(this.global, { vendicusChromium: chromium, vendicusFilled: this.filled });
  }

  override async teardown(): Promise<void> {
    mkdirSync(dirname(this.told), { recursive: true });
    writeFileSync(this.told, JSON.stringify([...this.filled].sort()));
    await super.teardown();
  }
}
