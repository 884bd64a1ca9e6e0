import { JournalBuilder } from '../testing/journal-builder';
import { usualWrapping } from './wrapping';
import { tasteOf, withTaste, type Eater } from './eater';
import { toWrap } from './stock';
import { dealPlates } from './deal-plates';
import { appetiteG, packsWanted } from './packs-wanted';
import { planPacks } from './plan-packs';
import { cutInTwo, tokensOf, type Token } from './table';
import { emptyTray, type Tray } from './tray';
import { besidesTrays, cutsOf, moved, packFacts, trayName, traysOf } from './trays';

const EATERS: readonly Eater[] = [
  { name: 'Ann', plateDg: 2600 },
  { name: 'Bo', plateDg: 1900, byAnimal: { chicken: 2200 } },
];
const WRAPPING = usualWrapping({ eaters: [...EATERS] });
let number = 0;
const newId = (): string => `tray${(number += 1)}`;
const map = (tokens: readonly Token[]): Map<string, Token> =>
  new Map(tokens.map((token) => [token.id, token]));

/** Two birds on the table: thighs and drumsticks weighed together, a back for stock. */
function birds(): { readonly journal: JournalBuilder; readonly tokens: Token[] } {
  const journal = new JournalBuilder();
  journal.add({
    type: 'received',
    lot: 'birds',
    kind: 'whole-chicken',
    count: 2,
    massDg: 33_000,
    paidMinor: 2000,
    on: '2026-11-20',
  });
  const cut = (
    lot: string,
    part: string,
    massDg: number,
    count: number,
    destination: 'main' | 'stock' = 'main',
  ): void => {
    journal.add({ type: 'cut', from: 'birds', lot, part, destination, massDg, count, on: '2026-11-20' });
  };
  cut('thighs', 'thighs', 6001, 4);
  cut('drums', 'drumsticks', 4400, 4);
  cut('back', 'back', 5000, 1, 'stock');
  return { journal, tokens: tokensOf(toWrap(journal.household().journal.state), 'raw', new Map()) };
}

describe('the table', () => {
  it('has a token for every portion, whose weights sum to the tenth of a gram; heaps are whole', () => {
    const { tokens } = birds();
    const thighs = tokens.filter(({ lot }) => lot.id === 'thighs');
    expect(thighs).toHaveLength(4);
    expect(thighs.reduce((sum, { massDg }) => sum + massDg, 0)).toBe(6001);
    expect(thighs[0]?.eaten).toBeCloseTo(0.79, 9);
    expect(tokens.find(({ lot }) => lot.id === 'back')).toMatchObject({ isHeap: true, massDg: 5000 });
  });

  it('plates that are meant cooked count what is left after cooking', () => {
    const { journal } = birds();
    const raw = tokensOf(toWrap(journal.household().journal.state), 'raw', new Map())[0]!;
    const cooked = tokensOf(toWrap(journal.household().journal.state), 'cooked', new Map())[0]!;
    expect(cooked.eaten).toBeCloseTo(raw.eaten * 0.7, 9);
  });

  it('asks for what the household wants: bone allowed for, appetites by animal, white and dark apart', () => {
    const { tokens } = birds();
    const request = packsWanted(tokens, 'chicken', EATERS, WRAPPING)!;
    expect(request.eaters).toEqual([
      { name: 'Ann', targetG: 260, likes: [], never: [] },
      { name: 'Bo', targetG: 220, likes: [], never: [] },
    ]);
    expect(request.together).toEqual([['whole-chicken:thighs', 'whole-chicken:drumsticks']]);
    expect(request.divisible).toEqual([]);
    expect(packsWanted(tokens, 'chicken', EATERS, { ...WRAPPING, sharing: 'same-part' })?.together).toEqual(
      [],
    );
    expect(packsWanted(tokens, 'beef', EATERS, WRAPPING)).toBeNull();
    expect(appetiteG(EATERS, 'guest 1', 'beef')).toBe(225);
  });
});

describe('from the table to the freezer', () => {
  it('a plan becomes trays, trays become packs, and no gram is lost', () => {
    const { journal, tokens } = birds();
    const plan = planPacks(packsWanted(tokens, 'chicken', EATERS, WRAPPING)!).value!;
    const trays = [...traysOf(plan, map(tokens), WRAPPING, newId), ...besidesTrays(tokens, WRAPPING, newId)];
    expect(plan.packs.length).toBeGreaterThan(1);
    for (const fact of packFacts(trays, map(tokens), 'drawer', '2026-11-21', 200)) journal.add(fact);
    const { lots } = journal.household().journal.state;
    const packs = trays.map(({ id }) => lots.get(id)!);
    const left = ['thighs', 'drums', 'back'].reduce((sum, id) => sum + lots.get(id)!.leftDg, 0);
    expect(packs.reduce((sum, { inDg }) => sum + inDg, 0) + left).toBe(15_401);
    for (const pack of packs)
      expect(pack).toMatchObject({ place: 'drawer', wrap: 'vacuum bag', on: '2026-11-21' });
  });

  it('a portion cut in two goes into two packs by weight', () => {
    const journal = new JournalBuilder();
    journal.add({
      type: 'received',
      lot: 'loin',
      kind: 'strip-loin',
      count: 1,
      massDg: 20_000,
      paidMinor: 3000,
      on: '2026-11-20',
    });
    journal.add({
      type: 'cut',
      from: 'loin',
      lot: 'steak',
      part: 'steaks',
      destination: 'main',
      massDg: 3301,
      count: 1,
      on: '2026-11-20',
    });
    const whole = tokensOf(toWrap(journal.household().journal.state), 'raw', new Map()).filter(
      ({ lot }) => lot.id === 'steak',
    );
    const plan = planPacks(packsWanted(whole, 'beef', EATERS, WRAPPING, new Map(), true)!).value!;
    expect(plan.packs).toHaveLength(1);
    const cut = cutInTwo(whole, cutsOf(plan, map(whole)));
    expect(cut.map(({ id }) => id)).toEqual(['steak/1', 'steak/2']);
    const [tray] = traysOf(plan, map(cut), WRAPPING, newId);
    expect(trayName(tray!, map(cut))).toBe('2 cut steaks, dinner for all');
    for (const fact of packFacts([tray!], map(cut), null, '2026-11-21', 200)) journal.add(fact);
    expect(journal.household().journal.state.lots.get(tray!.id)).toMatchObject({ inDg: 3301, plates: 2 });
    expect(journal.household().journal.state.lots.get('steak')).toMatchObject({ leftDg: 0 });
  });

  it('cutting in two is written down once, and the pieces are counted', () => {
    const journal = new JournalBuilder();
    journal.add(
      {
        type: 'received',
        lot: 'loin',
        kind: 'strip-loin',
        count: 1,
        massDg: 20_000,
        paidMinor: 3000,
        on: '2026-11-20',
      },
      {
        type: 'cut',
        from: 'loin',
        lot: 'steaks',
        part: 'steaks',
        destination: 'main',
        massDg: 6000,
        count: 2,
        on: '2026-11-20',
      },
    );
    const whole = tokensOf(toWrap(journal.household().journal.state), 'raw', new Map());
    const steaks = whole.filter(({ lot }) => lot.id === 'steaks');
    const cut = cutInTwo(steaks, new Map([[steaks[0]!.id, 1500]]));
    const [a, b, c] = cut.map(({ id }) => id);
    const tray = (id: string, tokens: readonly string[]): Tray => ({ ...emptyTray(id, WRAPPING), tokens });
    const facts = packFacts([tray('one', [a!, c!]), tray('two', [b!])], map(cut), null, '2026-11-21', 200);
    expect(facts.map(({ type }) => type)).toEqual(['halved', 'packed', 'packed']);
    expect(facts[0]).toMatchObject({ lot: 'steaks', portions: 1 });
    for (const fact of facts) journal.add(fact);
    const { lots } = journal.household().journal.state;
    // Weighed as two, wrapped as three pieces.
    expect(lots.get('steaks')).toMatchObject({ count: 2, countLeft: 0, leftDg: 0 });
    expect(['one', 'two'].map((id) => lots.get(id))).toMatchObject([
      { inDg: 4500, count: 2 },
      { inDg: 1500, count: 1 },
    ]);
  });

  it('the household’s rules are on the trays: thighs each wrapped alone, grind flat', () => {
    const { tokens } = birds();
    const rules = { ...WRAPPING, singly: ['whole-chicken:thighs'], flatMm: 25 };
    const plan = planPacks(
      packsWanted(tokens, 'chicken', EATERS, {
        ...rules,
        sharing: 'same-part',
        ways: { 'whole-chicken:thighs': { each: 4 } },
      })!,
    ).value!;
    const trays = traysOf(plan, map(tokens), rules, newId);
    const isThighs = ({ tokens: ids }: Tray): boolean => ids.every((id) => id.startsWith('thighs'));
    expect(trays.filter(isThighs).map(({ singly }) => singly)).toEqual([true]);
    expect(trays.filter((tray) => !isThighs(tray)).some(({ singly }) => singly)).toBe(false);
    const grind = { ...tokens[0]!, id: 'grind', isHeap: true };
    const bag = traysOf(
      {
        ...plan,
        packs: [],
        collecting: [{ parts: [], portions: [], divisible: { grind: 300 }, massG: 300 }],
      },
      map([grind]),
      rules,
      newId,
    );
    expect(bag).toMatchObject([{ thicknessMm: 25, singly: false }]);
  });

  it('moving puts a portion in one place only; a heap is taken by weight', () => {
    const { tokens } = birds();
    const [a, b] = [
      traysOf(
        planPacks(packsWanted(tokens, 'chicken', EATERS, WRAPPING)!).value!,
        map(tokens),
        WRAPPING,
        newId,
      )[0]!,
      besidesTrays(tokens, WRAPPING, newId)[0]!,
    ];
    const token = map(tokens).get(a.tokens[0]!)!;
    const after = moved([a, b], token, b.id);
    expect(after.filter(({ tokens: own }) => own.includes(token.id)).map(({ id }) => id)).toEqual([b.id]);
    expect(moved(after, token, null).flatMap(({ tokens: own }) => own)).not.toContain(token.id);
    expect(
      moved(
        [a],
        tokens.find(({ isHeap }) => isHeap)!,
        a.id,
        1200,
      )[0]?.heaps,
    ).toEqual({ back: 1200 });
  });
});

describe('plates', () => {
  const eaters = [
    { name: 'Ann', targetG: 200 },
    { name: 'Bo', targetG: 150 },
  ];
  it('the large piece goes to the large eater, a heap fills up', () => {
    expect(
      dealPlates(
        eaters,
        [
          { id: 'a', massG: 150 },
          { id: 'b', massG: 205 },
        ],
        0,
      ).map(({ helpings }) => helpings),
    ).toEqual([['b'], ['a']]);
    expect(dealPlates(eaters, [{ id: 'a', massG: 140 }], 210).map(({ massG }) => Math.round(massG))).toEqual([
      200, 150,
    ]);
  });
  it('what is missing is missed by both, and twenty wings are dealt at once', () => {
    const dealt = dealPlates(
      [
        { name: 'Ann', targetG: 260 },
        { name: 'Bo', targetG: 240 },
      ],
      [
        { id: 'a', massG: 203 },
        { id: 'b', massG: 181 },
      ],
      0,
    );
    expect(dealt.map(({ massG }) => massG)).toEqual([203, 181]);
    const wings = Array.from({ length: 20 }, (_, w) => ({ id: `w${w}`, massG: 40 + w }));
    expect(dealPlates(eaters, wings, 0).flatMap(({ helpings }) => helpings)).toHaveLength(20);
  });
});

it('what an eater says of a part replaces what they said before', () => {
  const [ann] = EATERS as [Eater];
  const liking = withTaste(ann, 'whole-chicken:thighs', 'likes');
  expect(tasteOf(liking, 'whole-chicken:thighs')).toBe('likes');
  expect(withTaste(liking, 'whole-chicken:thighs', 'never')).toMatchObject({
    likes: [],
    never: ['whole-chicken:thighs'],
  });
  const { tokens } = birds();
  const eaters = [withTaste(ann, 'whole-chicken:drumsticks', 'never')];
  expect(packsWanted(tokens, 'chicken', eaters, WRAPPING)?.eaters[0]).toMatchObject({
    never: ['whole-chicken:drumsticks'],
  });
});

describe('how parts come to the table', () => {
  /** Parts of one piece on the table. */
  const onTable = (
    kind: string,
    parts: readonly [part: string, massDg: number, destination?: 'grind'][],
  ): Token[] => {
    const journal = new JournalBuilder();
    const received = {
      type: 'received',
      lot: 'piece',
      kind,
      count: 1,
      paidMinor: 3000,
      on: '2026-11-20',
    } as const;
    journal.add({ ...received, massDg: 60_000 });
    for (const [part, massDg, destination = 'main'] of parts)
      journal.add({
        type: 'cut',
        from: 'piece',
        lot: part,
        part,
        destination,
        massDg,
        count: 1,
        on: '2026-11-20',
      });
    return tokensOf(toWrap(journal.household().journal.state), 'raw', new Map());
  };
  const asked = (tokens: readonly Token[]): ReturnType<typeof packsWanted> =>
    packsWanted(tokens, 'beef', EATERS, WRAPPING);

  it('a head is carved, and lies in a pack with the tail; the chain is a heap that is collected', () => {
    const request = asked(
      onTable('beef-tenderloin', [
        ['centre', 1800],
        ['head', 3100],
        ['tail', 900],
        ['chain', 2500, 'grind'],
      ]),
    );
    expect(request?.portions).toEqual([
      { id: 'centre', part: 'beef-tenderloin:centre', massG: 180 },
      { id: 'head', part: 'beef-tenderloin:head', massG: 310, carved: true },
      { id: 'tail', part: 'beef-tenderloin:tail', massG: 90, carved: true },
    ]);
    expect(request?.divisible).toMatchObject([{ id: 'chain', massG: 250, collected: true }]);
    expect(request?.together).toEqual([['beef-tenderloin:head', 'beef-tenderloin:tail']]);
  });

  it('a rib with its bone is carved too, and what was ground is a heap, whatever it was', () => {
    const request = asked(
      onTable('rib-seven-bones', [
        ['roasts-bone-in', 20_000],
        ['steaks-bone-in', 4000, 'grind'],
      ]),
    );
    expect(request?.portions).toMatchObject([{ id: 'roasts-bone-in', carved: true, boneIn: true }]);
    expect(request?.divisible).toMatchObject([{ id: 'steaks-bone-in' }]);
  });

  it('what is kept for later has its own tray, and says so; a crumb of a heap goes with the rest', () => {
    const tokens = onTable('beef-tenderloin', [['chain', 2503, 'grind']]);
    const [tray] = traysOf(planPacks(asked(tokens)!).value!, map(tokens), WRAPPING, newId);
    expect(tray).toMatchObject({ isCollecting: true, eaters: [], heaps: { chain: 2503 } });
    expect(trayName(tray!, map(tokens))).toBe('Chain, to collect');
  });
});
