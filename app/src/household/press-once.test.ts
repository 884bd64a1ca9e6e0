import { TestBed } from '@angular/core/testing';
import * as fc from 'fast-check';
import { PressOnce } from './press-once';

/** A thumb, or a mouse. */
const press = (button: HTMLElement): boolean =>
  button.dispatchEvent(new MouseEvent('click', { detail: 1, bubbles: true, cancelable: true }));

/** A page with buttons that each do a deed, which takes a while to be written. */
function page(takesMs: readonly number[]) {
  const once = TestBed.inject(PressOnce);
  const done: number[] = [];
  const buttons = takesMs.map((ms, at) => {
    const button = document.body.appendChild(document.createElement('button'));
    button.addEventListener('click', () => {
      done.push(at);
      once.wait(new Promise((written) => setTimeout(() => written({ ok: true }), ms)));
    });
    return button;
  });
  return { buttons, done };
}

describe('a thumb that presses twice', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => {
    jest.useRealTimers();
    document.body.replaceChildren();
  });

  it('does a deed once, however long it takes to be written; pressed anew later, once more', async () => {
    const { buttons, done } = page([2000, 10]);
    const [slow, quick] = buttons;
    press(slow!);
    await jest.advanceTimersByTimeAsync(1500);
    press(slow!);
    press(quick!);
    await jest.advanceTimersByTimeAsync(100);
    press(quick!);
    await jest.advanceTimersByTimeAsync(3000);
    press(slow!);
    press(quick!);
    expect(done).toEqual([0, 1, 0, 1]);
  });

  it('does nothing else than single presses would, in whatever order and haste', async () => {
    const presses = fc.array(fc.record({ at: fc.nat(2), waits: fc.constantFrom(0, 50, 300, 390, 5000) }), {
      maxLength: 12,
    });
    await fc.assert(
      fc.asyncProperty(
        presses,
        fc.array(fc.nat(3000), { minLength: 3, maxLength: 3 }),
        async (all, takes) => {
          document.body.replaceChildren();
          const { buttons, done } = page(takes);
          let alone = 0;
          for (const { at, waits } of all) {
            const before = done.length;
            press(buttons[at]!);
            press(buttons[at]!);
            alone += done.length > before ? 1 : 0;
            expect(done.length - before).toBeLessThanOrEqual(1);
            await jest.advanceTimersByTimeAsync(waits);
          }
          expect(done).toHaveLength(alone);
          await jest.advanceTimersByTimeAsync(10_000);
          for (const [at, button] of buttons.entries()) {
            press(button);
            expect(done.at(-1)).toBe(at);
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  it('waits only for what a key has done', async () => {
    const { buttons, done } = page([50]);
    buttons[0]!.click();
    buttons[0]!.click();
    await jest.advanceTimersByTimeAsync(60);
    buttons[0]!.click();
    expect(done).toEqual([0, 0]);
  });

  it('leaves alone what does no deed, and what takes its turns by itself', () => {
    const { buttons, done } = page([1000]);
    buttons[0]!.setAttribute('data-in-turn', '');
    press(buttons[0]!);
    press(buttons[0]!);
    expect(done).toEqual([0, 0]);
    const plain = document.body.appendChild(document.createElement('button'));
    let count = 0;
    plain.addEventListener('click', () => (count += 1));
    press(plain);
    press(plain);
    expect(count).toBe(2);
  });
});
