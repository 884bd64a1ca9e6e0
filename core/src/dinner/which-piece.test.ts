import { basisOf } from '../books/basis-of';
import { KINDS } from '../catalogue/kinds';
import { Format } from '../format/format';
import { whySuits, worthAskingWords } from '../format/which-words';
import type { PriceNote } from '../price/price-note';
import { offersTogether } from '../price/offers-together';
import { stockOf } from '../pack/stock';
import { JournalBuilder } from '../testing/journal-builder';
import { bookOf, priceNote } from '../testing/price-notes';
import { whichPiece, type WhichPiece, type Wishes } from './which-piece';

const TODAY = '2026-01-20';
const ANY: Wishes = { use: null, hardest: 'boning', minutes: null, knifeOnly: false };
const settings = { system: 'metric', decimal: '.', currency: 'EUR' } as const;
const format = new Format({ settings: () => settings, today: () => TODAY, zone: () => 'UTC' });

/** What suits a household of three whose freezer has so much room. */
function which(journal: JournalBuilder, wishes: Partial<Wishes>, freeDg: number | null = null): WhichPiece {
  const household = journal.household();
  const { state } = household.journal;
  return whichPiece({
    state,
    stock: stockOf(state),
    kinds: KINDS,
    pricing: basisOf(household).pricing,
    room: freeDg === null ? null : { freeDg, perDayDg: 20_000, atLeast: false },
    plate: { dg: 2000 },
    eaters: 3,
    today: TODAY,
    wishes: { ...ANY, ...wishes },
  });
}
const names = ({ suits }: WhichPiece): string[] => suits.map(({ kind }) => kind.id);
const why = ({ leftOut }: WhichPiece, id: string): string | undefined =>
  leftOut.find(({ kind }) => kind.id === id)?.why;

describe('which piece for us', () => {
  it('for the pan: logs of steaks and chops, no shoulder and no leg to roast', () => {
    const found = which(new JournalBuilder(), { use: 'quick' });
    expect(names(found)).toEqual(expect.arrayContaining(['strip-loin', 'ribeye', 'pork-loin', 'lamb-rack']));
    expect(why(found, 'lamb-leg')).toBe('not-for-that');
    for (const { wanted, plates } of found.suits.slice(0, 4)) expect(wanted / plates).toBeGreaterThan(0.75);
  });

  it.each([
    ['slow', 'pork-spare-ribs', 'strip-loin'],
    ['roast', 'whole-chicken', 'pork-spare-ribs'],
    ['grind', 'top-round', 'lamb-rack'],
  ] as const)('for %s: %s, and no %s', (use, first, never) => {
    const found = which(new JournalBuilder(), { use });
    expect(names(found)).toContain(first);
    expect(names(found)).not.toContain(never);
  });

  it('who cannot take bones out yet is sent to straight slices and joints', () => {
    const found = which(new JournalBuilder(), { hardest: 'joints' });
    expect(new Set(found.suits.map(({ work }) => work))).toEqual(new Set(['slices', 'joints']));
    expect(why(found, 'pork-shoulder-butt')).toBe('too-hard');
    expect(why(found, 'beef-tenderloin')).toBe('too-hard');
  });

  it('a quarter of an hour is enough for a rack of lamb, and not for a leg', () => {
    const found = which(new JournalBuilder(), { minutes: 15 });
    expect(names(found)).toContain('lamb-rack');
    expect(why(found, 'lamb-leg')).toBe('too-long');
    for (const { minutes } of found.suits) expect(minutes).toBeLessThanOrEqual(15);
  });

  it('with a knife only a bird is not halved with shears in ten minutes, and still taken apart in more', () => {
    const bird = (wishes: Partial<Wishes>): string | undefined =>
      which(new JournalBuilder(), wishes).suits.find(({ kind }) => kind.id === 'whole-chicken')?.way.id;
    expect(['halves', 'quarters', 'flattened']).toContain(bird({ minutes: 10 }));
    expect(bird({ minutes: 10, knifeOnly: true })).toBeUndefined();
    expect(bird({ knifeOnly: true })).toBe('eight-pieces');
  });

  it('what does not fit into the freezer is left out', () => {
    const found = which(new JournalBuilder(), {}, 15_000);
    expect(why(found, 'whole-turkey')).toBe('no-room');
    expect(names(found)).toContain('lamb-rack');
  });

  it('money moves the order by what is saved: a chicken at half of what its pieces cost is first', () => {
    const priced = (whole: number): JournalBuilder =>
      ['breast-bone-in', 'thigh-bone-in', 'drumstick', 'wing'].reduce(
        (journal, cut) => journal.price(`chicken-${cut}`, 1000),
        new JournalBuilder().price('piece-whole-chicken', whole),
      );
    const [first] = which(priced(400), { use: 'roast' }).suits;
    expect(first?.kind.id).toBe('whole-chicken');
    expect(first?.savedPerPlate).toBeGreaterThan(0);
    expect(whySuits(first!, { ...ANY, use: 'roast' }, format)).toMatch(
      /^\d+ plates, .*to roast\. A plate €\d+\.\d\d below bought cut, at €4\.00\/kg\. \d+ minutes, /,
    );
    const dear = which(priced(1600), { use: 'roast' }).suits.find(({ kind }) => kind.id === 'whole-chicken');
    expect(dear?.savedPerPlate).toBeLessThan(0);
    expect(dear?.score).toBeLessThan(first?.score ?? 0);
    expect(whySuits(dear!, { ...ANY, use: 'roast' }, format)).toContain('above bought cut');
    const later = new Format({ settings: () => settings, today: () => '2026-04-20', zone: () => 'UTC' });
    expect(whySuits(dear!, ANY, later)).toContain('at €16.00/kg, noted 4 months ago.');
  });

  it('with prices missing a saving is at least so much, and no loss is claimed', () => {
    const bird = (whole: number): string => {
      const journal = new JournalBuilder()
        .price('piece-whole-chicken', whole)
        .price('chicken-breast-bone-in', 1000)
        .price('chicken-thigh-bone-in', 1000);
      const found = which(journal, {}).suits.find(({ kind }) => kind.id === 'whole-chicken')!;
      return whySuits(found, ANY, format);
    };
    expect(bird(300)).toMatch(/A plate at least €\d+\.\d\d below bought cut/);
    expect(bird(900)).toMatch(/Goes for €9\.00\/kg; worth it up to at least €\d\.\d\d\/kg\./);
  });

  it('what was eaten is liked, and what lies there in plenty can wait', () => {
    const journal = new JournalBuilder().add(
      {
        type: 'received',
        lot: 'leg',
        kind: 'lamb-leg',
        count: 1,
        massDg: 30_000,
        paidMinor: 3000,
        on: '2026-01-02',
      },
      {
        type: 'cut',
        from: 'leg',
        lot: 'meat',
        part: 'boneless-leg',
        destination: 'main',
        massDg: 20_000,
        count: 1,
        on: '2026-01-02',
      },
      {
        type: 'packed',
        lot: 'pack',
        from: [{ lot: 'meat', amount: 'all' }],
        name: 'Leg',
        plates: 10,
        on: '2026-01-02',
      },
      { type: 'eaten', lot: 'pack', amount: { plates: 4 }, on: '2026-01-10' },
    );
    const [leg, rack] = ['lamb-leg', 'lamb-rack'].map((id) =>
      which(journal, {}).suits.find(({ kind }) => kind.id === id)!,
    );
    expect(leg).toMatchObject({ liked: 1, left: 6 });
    expect(rack).toMatchObject({ liked: 1, left: 0 });
    expect(names(which(journal, {})).slice(0, 2).sort()).toEqual(['lamb-leg', 'lamb-rack']);
    expect(whySuits(leg!, ANY, format)).toContain('6 plates of it lie there already.');
  });

  it('says nothing of money where no price is known', () => {
    for (const suits of which(new JournalBuilder(), {}).suits)
      expect(whySuits(suits, ANY, format)).toContain('No price of it is known yet.');
  });
});

describe('offers that go together', () => {
  const offered = (item: string, over: Partial<PriceNote> = {}): PriceNote => ({
    ...priceNote('2026-01-18', 2000, 'A', { offer: true }),
    item,
    ...over,
  });
  const asked = (...notes: PriceNote[]): (readonly [string, boolean])[] =>
    offersTogether(bookOf(...notes), KINDS, TODAY).flatMap(({ kinds, isNeighbour }) =>
      kinds.map(({ id }) => [id, isNeighbour] as const),
    );

  it('strip steak on offer: the strip loin, and its neighbours in the loin', () => {
    expect(asked(offered('strip-steak'))).toEqual([
      ['strip-loin', false],
      ['beef-tenderloin', true],
      ['beef-tenderloin-peeled', true],
    ]);
  });

  it('the tenderloin itself on offer: the strip loin beside it, not itself again', () => {
    expect(asked(offered('piece-beef-tenderloin'))).toEqual([
      ['strip-loin', true],
      ['beef-tenderloin-peeled', true],
    ]);
  });

  it('pork loin is no neighbour of beef loin', () => {
    expect(asked(offered('pork-chop-boneless'))).toEqual([['pork-loin', false]]);
  });

  it('not one of last month, no regular price, and no ground meat', () => {
    expect(
      asked(
        offered('strip-steak', { on: '2025-12-20' }),
        offered('ribeye-steak', { offer: false }),
        offered('beef-grind'),
      ),
    ).toEqual([]);
  });

  it('is said with where and for how much', () => {
    const [own, neighbour] = offersTogether(bookOf(offered('strip-steak')), KINDS, TODAY);
    expect(worthAskingWords(own!, format)).toBe(
      'Strip steak is on offer at A (€20.00/kg, 2 days ago): ask for the whole strip loin.',
    );
    expect(worthAskingWords(neighbour!, format)).toContain(
      ': ask for beef tenderloin or beef tenderloin, peeled as well.',
    );
  });
});
