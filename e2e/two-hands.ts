import type { Person } from './harness';
import { Thumb } from './thumb';

/** What a hand does, whichever: keys and a mouse at a desk, a thumb on a phone. */
export interface AnyHand {
  /** Goes into a field, marks what stands there, and types. */
  write(name: string, text: string): Promise<void>;
  /** Types the weight at the board. */
  weighs(text: string): Promise<void>;
  press(name: string, role?: string): Promise<void>;
  /** The key that closes a figure, or the deed that takes it. */
  takes(): Promise<void>;
}

/** Keys, and a mouse for buttons. */
export function desk(person: Person): AnyHand {
  const into = async (selector: string, text: string): Promise<void> => {
    const field = await person.page.waitForSelector(selector);
    await field!.click();
    await person.page.keyboard.down('Control');
    await person.press('a');
    await person.page.keyboard.up('Control');
    await person.type(text);
  };
  return {
    write: (name, text) => into(`::-p-called([name="${name}"][role="textbox"])`, text),
    weighs: (text) => into('input.num', text),
    press: (name, role) => person.click(name, role),
    takes: () => person.press('Enter'),
  };
}

/** Fingers only. */
export function phone(person: Person): AnyHand {
  const thumb = new Thumb(person);
  return {
    write: (name, text) => thumb.fill(name, text),
    weighs: (text) => thumb.write('input.num', text),
    press: (name, role) => thumb.tap(name, role),
    takes: () => thumb.touch('.take'),
  };
}
