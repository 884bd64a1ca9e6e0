import { received, steak } from '../testing/facts';
import { JournalBuilder } from '../testing/journal-builder';
import { touchedBy } from './touched';

describe('what a deed changed', () => {
  const { journal } = new JournalBuilder()
    .add(received(), steak('s'), { type: 'undone', entries: ['tablet-1'] })
    .household();

  it('is its lots and its registers', () => {
    const rewritten = [{ type: 'meal', key: '2026-11-26', was: null, wrote: null }] as const;
    expect(touchedBy(journal, { entries: ['tablet-1'], rewritten })).toEqual(['p', 's', 'meal:2026-11-26']);
  });

  it('of what was undone, what that had been about', () => {
    expect(touchedBy(journal, { entries: ['tablet-2'], rewritten: [] })).toEqual(['p', 's']);
  });
});
