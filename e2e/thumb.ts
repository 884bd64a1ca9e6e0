import type { Person } from './harness';

/** Fingers and the phone's own keyboard: no mouse and no keys. */
export class Thumb {
  constructor(private readonly person: Person) {}

  /** Taps what has this role and this visible name; scrolled to, clear of the bars, as a thumb does. */
  async tap(name: string, role = 'button'): Promise<void> {
    await this.touch(`::-p-called([name="${name}"][role="${role}"])`);
  }

  async touch(selector: string): Promise<void> {
    await this.person.acts();
    const element = await this.person.page.waitForSelector(selector);
    await element!.evaluate((each) => each.scrollIntoView({ block: 'center' }));
    await element!.tap();
  }

  /** Taps a field, marks what stands there, and types. */
  async write(selector: string, text: string): Promise<void> {
    await this.touch(selector);
    await this.person.page.$eval(selector, (field) => (field as unknown as HTMLInputElement).select());
    await this.person.type(text);
  }

  /** Types in the field of this name. */
  async fill(name: string, text: string): Promise<void> {
    await this.write(`::-p-called([name="${name}"][role="textbox"])`, text);
  }

  /** Nothing is wider than the phone. */
  async fits(): Promise<void> {
    expect([
      this.person.page.url(),
      await this.person.page.evaluate(() => document.documentElement.scrollWidth),
    ]).toEqual([this.person.page.url(), 390]);
  }
}
