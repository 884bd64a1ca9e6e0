import { received, steak } from '../testing/facts';
import { JournalBuilder } from '../testing/journal-builder';
import { practised, practisedWords } from './practised';

const of = (builder: JournalBuilder, ...lots: string[]): string =>
  practisedWords(practised(builder.household().journal, new Set(lots)));

describe('what was practised is told apart', () => {
  const cut = (): JournalBuilder =>
    new JournalBuilder()
      .add({ ...received(), practice: 'camera' })
      .add({ type: 'drained', lot: 'p', massDg: 49_000, practice: 'scale' })
      .add({ ...steak('s'), practice: 'scale' }, steak('t'));

  it('by what gave it, of these lots alone', () => {
    expect(of(cut(), 'p', 's', 't')).toBe(
      'For practice: 2 weights from the practice scale, its label from the practice camera.',
    );
    expect(of(cut(), 't')).toBe('');
    expect(of(cut(), 's')).toBe('For practice: one weight from the practice scale.');
  });

  it('not what was undone, nor what was put right by hand', () => {
    const righted = cut().add(
      { type: 'corrected', entry: 'tablet-2', set: { massDg: 3400, typed: '340 g' } },
      { type: 'undone', entries: ['tablet-1'] },
    );
    expect(of(righted, 's')).toBe('');
    expect(of(righted, 'p')).toBe('For practice: its label from the practice camera.');
  });
});
