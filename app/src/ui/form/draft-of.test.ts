import { signal } from '@angular/core';
import { draftOf } from './draft-of';

describe('a draft', () => {
  it('keeps what is typed while its source says the same anew, and starts over when it says something else', () => {
    const place = signal({ name: '', order: 1 });
    const name = draftOf(() => place().name);
    const both = draftOf(() => [place().name, 'shelf']);
    name.set('Garage');
    both.set(['Garage', 'drawer']);
    place.set({ name: '', order: 2 });
    expect(name()).toBe('Garage');
    expect(both()).toEqual(['Garage', 'drawer']);
    place.set({ name: 'Cellar', order: 2 });
    expect(name()).toBe('Cellar');
    expect(both()).toEqual(['Cellar', 'shelf']);
  });

  it('starts over when it is about something else, which says the same', () => {
    const piece = signal({ id: 'a', note: '' });
    const note = draftOf(
      () => piece().note,
      () => piece().id,
    );
    note.set('for Sunday');
    piece.set({ id: 'b', note: '' });
    expect(note()).toBe('');
  });
});
