import { Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { countReader, orEmpty } from '@core/format/readers';
import { Choice } from './choice';
import { Field } from './field';

@Component({
  imports: [Choice, Field],
  template: `
    <v-field label="Guests" [value]="'' + guests()" [read]="read" (changed)="guests.set($event)" />
    <v-choice label="Thaws" [options]="ways" [value]="way()" (valueChange)="chosen.set($event)" />
  `,
})
class Page {
  readonly guests = signal(2);
  readonly read = orEmpty(0, countReader(0, 60, 'Guests are'));
  readonly way = signal('cold');
  readonly chosen = signal('');
  readonly ways = [
    ['cold', 'in the refrigerator'],
    ['water', 'in cold water'],
  ] as const;
}

function page() {
  const fixture = TestBed.createComponent(Page);
  fixture.detectChanges();
  const root = fixture.nativeElement as HTMLElement;
  const field = root.querySelector('input')!;
  const type = (text: string): void => {
    field.value = text;
    field.dispatchEvent(new Event('change'));
    fixture.detectChanges();
  };
  return {
    fixture,
    root,
    field,
    type,
    alert: () => root.querySelector('[role=alert]')?.textContent?.trim() ?? '',
  };
}

describe('a field', () => {
  it('takes what can be read, and shows it as it counts', () => {
    const { fixture, field, type } = page();
    type(' 12 ');
    expect(fixture.componentInstance.guests()).toBe(12);
    expect(field.value).toBe('12');
    type('');
    expect([fixture.componentInstance.guests(), field.value]).toEqual([0, '0']);
  });

  it('keeps what is being typed while what was said before comes back; then shows what counts', () => {
    const { fixture, field } = page();
    field.value = '1';
    field.dispatchEvent(new Event('input'));
    fixture.componentInstance.guests.set(7);
    fixture.detectChanges();
    expect(field.value).toBe('1');
    field.dispatchEvent(new Event('blur'));
    expect(field.value).toBe('7');
  });

  it('keeps what cannot be read, says so beside it and what counts; Escape brings that back', () => {
    const { fixture, field, type, alert } = page();
    type('many');
    expect(fixture.componentInstance.guests()).toBe(2);
    expect(field.value).toBe('many');
    expect(alert()).toBe('Guests are a whole number from 0 to 60. 2 stands.');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(field.getAttribute('aria-describedby')).toBe(`${field.id}-why`);
    field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    fixture.detectChanges();
    expect([field.value, alert()]).toEqual(['2', '']);
  });

  it('shows the same value again where it was typed otherwise', () => {
    const { field, type } = page();
    type('002');
    expect(field.value).toBe('2');
  });
});

describe('a choice', () => {
  it('tells what was chosen, and shows it once it counts', async () => {
    const { fixture, root } = page();
    const settled = async (): Promise<void> => {
      await fixture.whenStable();
      fixture.detectChanges();
    };
    const box = root.querySelector<HTMLElement>('[role=combobox]')!;
    const press = (code: string): void => {
      box.dispatchEvent(new KeyboardEvent('keydown', { code, key: code, bubbles: true }));
      fixture.detectChanges();
    };
    await settled();
    expect(box.textContent).toContain('in the refrigerator');
    press('ArrowDown');
    press('ArrowDown');
    press('Enter');
    // The list takes what closes it once it has opened.
    while (fixture.componentInstance.chosen() === '') await new Promise((done) => setTimeout(done, 20));
    await settled();
    expect(fixture.componentInstance.chosen()).toBe('water');
    expect(box.textContent).toContain('in the refrigerator');
    fixture.componentInstance.way.set('water');
    await settled();
    expect(box.textContent).toContain('in cold water');
  });
});
