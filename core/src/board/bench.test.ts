import { EMPTY_HOUSEHOLD } from '../records/household';
import { KINDS, kindById } from '../catalogue/kinds';
import type { Kind, Way } from '../catalogue/kind-schema';
import { birdNumberToG, gToBirdNumber, parseBirdNumber } from '../catalogue/bird-number';
import { basisOf } from '../books/basis-of';
import { stillOwed } from '../cost/still-owed';
import type { Entry, Fact } from '../ledger/entry';
import { familyOf } from '../ledger/leaves';
import { drainedDg, flowedDg, totalDg, type Lot } from '../ledger/lot';
import { oneByOne } from '../ledger/one-by-one';
import { append, type Journal } from '../ledger/journal';
import { platesSoFar } from '../pack/plates-so-far';
import { HandsFree } from '../scale/hands-free';
import { KITCHEN_SCALE, SimulatedScale } from '../scale/simulated-scale';
import { SteadinessDetector } from '../scale/steadiness';
import { evenThickness } from '../slice/even-thickness';
import { JournalBuilder, workedPiece } from '../testing/journal-builder';
import { seededUniform } from '../units/random';
import { habitOfWay } from '../yield/prediction';
import { pausedMinutes, runningMinutes, workingMinutes } from '../yield/minutes';
import { partsInTurn } from './parts-in-turn';
import { likelyCount } from './likely-count';
import { mayBeRest } from './may-be-rest';
import { nextPart, type Off } from './next-part';
import { partRanges } from './part-ranges';
import { stillInHand } from './still-in-hand';
import { virtualMassDg } from './virtual-meat';
import { weightQuestion } from './weight-question';

const on = '2026-01-01';

/** The bench without its screen: virtual meat on the practice scale, taken hands free, written down. */
class Bench {
  journal: Journal = EMPTY_HOUSEHOLD.journal;
  readonly steps = new Set<string>();
  private atMs = 0;
  private seq = 0;
  private readonly scale: SimulatedScale;
  private readonly detector = new SteadinessDetector(KITCHEN_SCALE.graduationDg);
  private readonly hands = new HandsFree(KITCHEN_SCALE.graduationDg);

  constructor(
    private readonly kind: Kind,
    private readonly way: Way,
    private readonly uniform: () => number,
  ) {
    this.scale = new SimulatedScale(KITCHEN_SCALE, uniform);
  }

  get piece(): Lot {
    return this.journal.state.lots.get('piece') as Lot;
  }

  get cuts(): Lot[] {
    return familyOf(this.journal.state, this.piece).slice(1);
  }

  run(massDg: number, count: number): void {
    this.write({
      type: 'received',
      lot: 'piece',
      kind: this.kind.id,
      way: this.way.id,
      count,
      massDg,
      paidMinor: 5000,
      on,
    });
    this.write({
      type: 'drained',
      lot: 'piece',
      massDg: this.weigh(virtualMassDg(this.kind, this.way, this.piece, null, this.uniform)),
    });
    for (let weighings = 0; weighings < 120 && this.piece.leftDg > 0; weighings++) {
      const next = nextPart(this.kind, this.way, { massDg, leftDg: this.piece.leftDg }, this.off());
      this.steps.add(this.way.steps[next.step] ?? '');
      if (next.part === null) break;
      const part = this.kind.parts.find(({ id }) => id === next.part);
      const taken = mayBeRest(this.kind, this.way, next.part, this.piece.leftDg, this.off())
        ? this.piece.leftDg
        : Math.min(
            this.piece.leftDg,
            this.weigh(virtualMassDg(this.kind, this.way, this.piece, next.part, this.uniform)),
          );
      this.write({
        type: 'cut',
        from: 'piece',
        lot: `cut-${weighings}`,
        part: next.part,
        destination: part?.destination ?? 'main',
        massDg: taken,
        count: 1,
        on,
      });
    }
    this.write({ type: 'closed', lot: 'piece', reason: 'test' });
  }

  private off(): Off[] {
    return this.cuts.map(({ part, inDg, count }) => ({ part, massDg: inDg, count }));
  }

  /** Puts it on, waits until the weight is taken, and takes it off again. */
  private weigh(massDg: number): number {
    this.scale.put(massDg, this.atMs);
    let taken: number | null = null;
    for (const end = this.atMs + 5000; this.atMs < end && taken === null; this.atMs += 100) {
      const now = this.detector.next(this.scale.read(this.atMs));
      if (now.state === 'steady' && this.hands.wants(now, 0, 'one-by-one') === 'take') taken = now.massDg;
    }
    expect([this.kind.id, this.way.id, taken]).not.toContain(null);
    this.hands.taken(taken ?? 0);
    this.scale.put(0, this.atMs);
    for (const end = this.atMs + 3000; this.atMs < end; this.atMs += 100) {
      const now = this.detector.next(this.scale.read(this.atMs));
      if (now.state === 'steady') this.hands.wants(now, 0, 'one-by-one');
    }
    return taken ?? 0;
  }

  private write(fact: Fact): void {
    const entry = {
      ...fact,
      id: `e-${this.seq}`,
      at: new Date(Date.UTC(2026, 0, 1) + this.seq * 60_000).toISOString(),
      device: 'tablet',
      seq: this.seq++,
    } as Entry;
    const result = append(this.journal, entry);
    expect(result.problem).toBeFalsy();
    this.journal = result.value ?? this.journal;
  }
}

const ALL_WAYS = KINDS.flatMap((kind) => kind.ways.map((way) => [kind.id, way.id, kind, way] as const));

describe('every kind and way runs through the bench with the practice scale', () => {
  it.each(ALL_WAYS)('%s, %s', (_kind, _way, kind, way) => {
    const isBird = kind.animal === 'chicken';
    const count = isBird ? 2 : 1;
    const massDg = Math.round(((kind.usualG[0] + kind.usualG[1]) / 2) * 10) * count;
    const bench = new Bench(kind, way, seededUniform(11));
    bench.run(massDg, count);
    const { piece, cuts } = bench;
    // Mass: what was bought is what came off, ran out and was not found.
    expect(totalDg(piece)).toBe(flowedDg(piece, 'cut', 'liquid', 'unaccounted') + piece.leftDg);
    expect(cuts.reduce((sum, { inDg }) => sum + inDg, 0)).toBe(flowedDg(piece, 'cut'));
    expect(flowedDg(piece, 'unaccounted')).toBeLessThan(drainedDg(piece) * 0.12);
    // Every part that the way gives was weighed, each led to by a step of its own.
    expect(new Set(cuts.map(({ part }) => part))).toEqual(new Set(Object.keys(way.shares)));
    const toLead = partsInTurn(kind, way).map(({ step }) => step);
    expect(bench.steps.size).toBeGreaterThan(0);
    for (const part of Object.keys(way.shares))
      expect(toLead.some((step) => kind.steps.find(({ id }) => id === step)?.frees.includes(part))).toBe(
        true,
      );
  });
});

describe('what comes next', () => {
  const loin = kindById('strip-loin') as Kind;
  const way = loin.ways[0] as Way;
  const at = (leftDg: number, ...off: [string, number, number?][]): ReturnType<typeof nextPart> =>
    nextPart(
      loin,
      way,
      { massDg: 50_000, leftDg },
      off.map(([part, massDg, count = 1]) => ({ part, massDg, count })),
    );
  const step = (next: { step: number }): string | undefined => way.steps[next.step];

  it('begins with a look at the piece, then the first part', () => {
    const next = at(48_500);
    expect([next.part, step(next)]).toEqual(['strip-and-tail', 'orient']);
  });

  it('goes on part by part, and weighs the ends at both ends', () => {
    expect(at(47_000, ['strip-and-tail', 1500]).part).toBe('fat-cap');
    expect(at(40_000, ['strip-and-tail', 1500], ['fat-cap', 7000]).part).toBe('ends');
    const first = at(38_900, ['strip-and-tail', 1500], ['fat-cap', 7000], ['ends', 1100]);
    expect([first.part, step(first)]).toEqual(['steaks', 'slice']);
  });

  const trimmed: [string, number, number?][] = [
    ['strip-and-tail', 1500],
    ['fat-cap', 7000],
    ['ends', 1100],
  ];
  it('steaks go on until what is left is the end', () => {
    expect(at(20_000, ...trimmed, ['steaks', 18_900, 6]).part).toBe('steaks');
    const last = at(4200, ...trimmed, ['steaks', 34_700, 11]);
    expect([last.part, step(last)]).toEqual(['ends', 'stop']);
  });

  it('a part taken out of turn does not stop the rest', () => {
    expect(at(46_500, ['ends', 1000]).part).toBe('strip-and-tail');
    expect(at(45_000, ['trimmings', 800]).part).toBe('strip-and-tail');
    expect(at(39_000, ['strip-and-tail', 1500], ['steaks', 3500]).part).toBe('steaks');
  });

  it('follows another way chosen in the middle of the work', () => {
    const other = loin.ways[1] as Way;
    const off = [
      ['strip-and-tail', 1600],
      ['fat-cap', 7500],
      ['ends', 2300],
      ['steaks', 2900],
    ] as const;
    expect(
      nextPart(
        loin,
        other,
        { massDg: 52_500, leftDg: 37_000 },
        off.map(([part, massDg]) => ({ part, massDg, count: 1 })),
      ).part,
    ).toBe('steaks');
  });

  it('nothing more once all is off', () => {
    expect(at(300, ...trimmed, ['steaks', 34_700, 11], ['ends', 3900]).part).toBeNull();
  });

  it.each<[string, string, number, boolean]>([
    ['the end may be all that is left', 'ends', 4200, true],
    ['a last steak too', 'steaks', 4000, true],
    ['several steaks are to be weighed', 'steaks', 9000, false],
    ['nothing left is no rest', 'ends', 0, false],
    ['trimmings that no way counts on are no rest', 'trimmings', 900, false],
  ])('the rest: %s', (_what, part, leftDg, isRest) => {
    const off = [...trimmed, ['steaks', 34_700, 11] as const].map(([each, massDg, count = 1]) => ({
      part: each,
      massDg,
      count,
    }));
    expect(mayBeRest(loin, way, part, leftDg, off)).toBe(isRest);
  });

  it('the rest is no part while another has not been weighed at all', () => {
    expect(mayBeRest(loin, way, 'ends', 4000, [{ part: 'steaks', massDg: 34_000, count: 10 }])).toBe(false);
  });
});

describe('usual ranges and what a weight outside them asks', () => {
  const kind = kindById('beef-tenderloin') as Kind;
  const way = kind.ways[0] as Way;

  it('the catalogue’s alone at first, the own beside it once a piece was cut', () => {
    const none = partRanges(kind, way, habitOfWay(EMPTY_HOUSEHOLD.journal.state, { kind, way }));
    expect(none.get('centre')?.own).toBeNull();
    const [low, high] = none.get('centre')?.catalogue ?? [0, 0];
    expect(low).toBeLessThan(0.42);
    expect(high).toBeGreaterThan(0.42);
    const past = new JournalBuilder().add(
      { type: 'received', lot: 'p', kind: kind.id, way: way.id, count: 1, massDg: 40_000, paidMinor: 1, on },
      ...Object.entries(way.shares).map(([part, share], index): Fact => ({
        type: 'cut',
        from: 'p',
        lot: `c${index}`,
        part,
        destination: 'main',
        massDg: Math.round(share * 40_000 * (part === 'fat' ? 0.8 : 1)),
        count: 1,
        on,
      })),
      { type: 'closed', lot: 'p', reason: 'none', loss: 'lost' },
    );
    const some = partRanges(kind, way, habitOfWay(past.household().journal.state, { kind, way }));
    expect(some.get('fat')?.own?.[1]).toBeLessThan(some.get('fat')?.catalogue[1] ?? 0);
  });

  const range = { catalogue: [0.03, 0.05], own: null } as const;
  it.each([
    [
      'meat with the silver skin can go to grind',
      0.06,
      range,
      'bin',
      false,
      { code: 'meat-on-it', destination: 'grind' },
    ],
    ['lean on the fat', 0.06, range, 'render', false, { code: 'lean-on-it', destination: 'grind' }],
    [
      'more steaks than usual is asked, and stays',
      0.06,
      range,
      'main',
      false,
      { code: 'more-than-usual', destination: null },
    ],
    [
      'less is asked once no more is expected',
      0.02,
      range,
      'second',
      true,
      { code: 'less-than-usual', destination: null },
    ],
    ['and not before', 0.02, range, 'second', false, null],
    ['little waste is good', 0.01, range, 'bin', true, null],
    ['inside the range nothing is asked', 0.04, range, 'bin', true, null],
    [
      'the own range counts before the catalogue’s',
      0.048,
      { ...range, own: [0.02, 0.04] as const },
      'bin',
      true,
      { code: 'meat-on-it', destination: 'grind' },
    ],
  ] as const)('%s', (_what, share, ranges, destination, isDone, question) => {
    expect(weightQuestion(share, ranges, destination, isDone)).toEqual(question);
  });
});

describe('steps that take nothing off', () => {
  it.each([
    ['whole-chicken', 'eight-pieces', ['fat-skin'], 'thighs', 'legs-off'],
    ['whole-turkey', 'white-boneless', ['fat-skin'], 'thighs', 'legs-off'],
    [
      'whole-chicken',
      'small-drumsticks',
      ['fat-skin', 'thighs', 'drumsticks'],
      'wing-drumettes',
      'wings-off',
    ],
    ['strip-loin', 'trim-first', [], 'strip-and-tail', 'orient'],
  ])('%s, %s, %j off: %s come next, with %s first', (id, wayId, offParts, part, step) => {
    const kind = kindById(id) as Kind;
    const way = kind.ways.find((each) => each.id === wayId) as Way;
    const off = offParts.map((each): Off => ({
      part: each,
      massDg: (way.shares[each] ?? 0) * 50_000,
      count: 2,
    }));
    const next = nextPart(kind, way, { massDg: 50_000, leftDg: 40_000 }, off);
    expect([next.part, way.steps[next.step]]).toEqual([part, step]);
  });
});

describe('parts that come off in another order', () => {
  it('wings, thighs and drumsticks off: the guide is past the draining', () => {
    const kind = kindById('whole-chicken') as Kind;
    const way = kind.ways[0] as Way;
    const off: Off[] = [
      { part: 'wings', massDg: 1840, count: 2 },
      { part: 'thighs', massDg: 2800, count: 2 },
      { part: 'drumsticks', massDg: 2160, count: 2 },
    ];
    const next = nextPart(kind, way, { massDg: 16_000, leftDg: 9000 }, off);
    expect([next.part, way.steps[next.step]]).toEqual(['back', 'back-out']);
  });

  it.each(KINDS.flatMap((kind) => kind.ways.map((way) => [kind, way] as const)))(
    '$0.name, $1.name: once it is drained, no guide goes back to the draining, in whatever order parts come off',
    (kind, way) => {
      const parts = Object.keys(way.shares);
      const all = parts.map((part): Off => ({ part, massDg: (way.shares[part] ?? 0) * 50_000, count: 1 }));
      for (const left of parts) {
        const off = all.filter(({ part }) => part !== left);
        const next = nextPart(kind, way, { massDg: 50_000, leftDg: (way.shares[left] ?? 0) * 50_000 }, off);
        expect(next.step).toBeGreaterThan(0);
      }
      expect(nextPart(kind, way, { massDg: 50_000, leftDg: 49_000 }, []).step).toBeGreaterThan(0);
    },
  );
});

describe('how many a weight is', () => {
  const chicken = kindById('whole-chicken') as Kind;
  const eight = chicken.ways[0] as Way;
  const bird = { inDg: 16_000, count: 1 };
  const off = (part: string, count: number): Off[] => [{ part, massDg: 1300, count }];
  // A thigh of a bird of 1.6 kg is about 140 g: 17.5 % of it are both.
  it.each<[string, string, number, number, Off[], typeof bird]>([
    ['one thigh', 'thighs', 1450, 1, [], bird],
    ['both at once', 'thighs', 2700, 2, [], bird],
    ['the second', 'thighs', 1350, 1, off('thighs', 1), bird],
    ['a heavy second, where one is left', 'thighs', 2300, 1, off('thighs', 1), bird],
    ['never more than there are', 'thighs', 5000, 2, [], bird],
    ['eight of four birds', 'thighs', 11_000, 8, [], { inDg: 64_000, count: 4 }],
    ['what is no portion is one', 'back', 2600, 1, [], bird],
    ['what is not of the kind', 'nothing', 2600, 1, [], bird],
  ])('%s', (_what, part, massDg, count, before, piece) => {
    expect(likelyCount(chicken, eight, piece, { part, massDg }, before)).toBe(count);
  });

  it('what is packed stays in the hand until its usual number or weight is there', () => {
    const birds = { inDg: 80_000, leftDg: 60_000, count: 4 };
    const thighs = (count: number): Off => ({ part: 'thighs', massDg: 1850 * count, count });
    expect(stillInHand(chicken, eight, birds, [thighs(2), thighs(2)])).toBe('thighs');
    expect(stillInHand(chicken, eight, birds, [thighs(2), thighs(2), thighs(4)])).toBeNull();
    // Three quarters of its usual share are enough.
    const share = eight.shares['fat-skin'] ?? 0;
    const fat = (part: number): Off => ({ part: 'fat-skin', massDg: 80_000 * share * part, count: 1 });
    expect(stillInHand(chicken, eight, birds, [fat(0.4)])).toBe('fat-skin');
    expect(stillInHand(chicken, eight, birds, [fat(0.4), fat(0.4)])).toBeNull();
    expect(stillInHand(chicken, eight, birds, [])).toBeNull();
    expect(stillInHand(chicken, eight, birds, [{ part: 'neck collar', massDg: 90, count: 1 }])).toBeNull();
  });

  it('nobody can tell how many steaks make a kilogram', () => {
    const loin = kindById('strip-loin') as Kind;
    const asked = { part: 'steaks', massDg: 10_500 };
    expect(likelyCount(loin, loin.ways[0] as Way, { inDg: 50_000, count: 1 }, asked, [])).toBe(1);
  });
});

describe('what a piece still owes', () => {
  it('counts what is still on it and would settle it: 60.00 paid, 1.4 kg at 24.00 off', () => {
    const builder = new JournalBuilder()
      .add(
        {
          type: 'received',
          lot: 'piece',
          kind: 'beef-tenderloin',
          count: 1,
          massDg: 50_000,
          paidMinor: 6000,
          on,
        },
        ...[1, 2, 3, 4].map((n): Fact => ({
          type: 'cut',
          from: 'piece',
          lot: `s${n}`,
          part: 'centre',
          destination: 'main',
          massDg: 3500,
          count: 1,
          on,
        })),
      )
      .price('fillet-steak', 2400);
    const household = builder.household();
    const state = household.journal.state;
    const piece = state.lots.get('piece') as Lot;
    const owed = stillOwed(piece, familyOf(state, piece).slice(1), basisOf(household).pricing, on);
    // 4 × 0.35 kg × 24.00 = 33.60; 26.40 owed. Of 2.1 kg of centre two more steaks are on it, 16.80;
    // then the head, 0.7 kg at the same price.
    expect(owed).toMatchObject({ worthMinor: 3360, owedMinor: 2640, isLowerBound: false });
    expect(owed?.more.map(({ part, count }) => [part.id, count])).toEqual([
      ['centre', 2],
      ['head', 1],
    ]);
  });

  it('counts in parts that are still on the piece, the dearest first', () => {
    const cut = (
      part: string,
      massDg: number,
      count: number,
      destination: 'main' | 'second' = 'main',
    ): Fact => ({
      type: 'cut',
      from: 'piece',
      lot: part,
      part,
      destination,
      massDg,
      count,
      on,
    });
    const household = new JournalBuilder()
      .add(
        {
          type: 'received',
          lot: 'piece',
          kind: 'whole-chicken',
          count: 1,
          massDg: 20_000,
          paidMinor: 1400,
          on,
        },
        cut('drumsticks', 2700, 2),
        cut('thighs', 3500, 1),
      )
      .price('chicken-drumstick', 500)
      .price('chicken-thigh-bone-in', 700)
      .price('chicken-breast-bone-in', 1000)
      .price('chicken-wing', 400)
      .household();
    const { state } = household.journal;
    const piece = state.lots.get('piece') as Lot;
    const owed = stillOwed(piece, familyOf(state, piece).slice(1), basisOf(household).pricing, on);
    // Off: 0.27 × 5.00 + 0.35 × 7.00 = 3.80; 10.20 owed. A breast half 0.39 kg × 10.00 = 3.90, the other thigh
    // 2.45, a wing 0.115 kg × 4.00 = 0.46: two breast halves (7.80), then one thigh (2.45) would be 10.25.
    expect(owed?.owedMinor).toBe(1020);
    expect(owed?.more.map(({ part, count }) => [part.id, count])).toEqual([
      ['breast', 2],
      ['thighs', 1],
    ]);
  });

  it('the worked piece has paid for itself, 27.22 over, as the Books say', () => {
    const household = workedPiece().household();
    const state = household.journal.state;
    const piece = state.lots.get('piece') as Lot;
    const owed = stillOwed(piece, familyOf(state, piece).slice(1), basisOf(household).pricing, on);
    expect(owed).toMatchObject({ worthMinor: 8722, owedMinor: -2722, more: [] });
  });

  it('says when a price is missing, and nothing where nobody knows what was paid', () => {
    const household = new JournalBuilder()
      .add(
        { type: 'received', lot: 'piece', kind: 'strip-loin', count: 1, massDg: 50_000, paidMinor: 6000, on },
        {
          type: 'cut',
          from: 'piece',
          lot: 's',
          part: 'steaks',
          destination: 'main',
          massDg: 3500,
          count: 1,
          on,
        },
      )
      .household();
    const { state } = household.journal;
    const piece = state.lots.get('piece') as Lot;
    expect(stillOwed(piece, familyOf(state, piece).slice(1), basisOf(household).pricing, on)).toMatchObject({
      worthMinor: 0,
      owedMinor: 6000,
      isLowerBound: true,
      more: [],
    });
    expect(stillOwed({ ...piece, paidMinor: null }, [], basisOf(household).pricing, on)).toBeNull();
  });
});

describe('small judgements', () => {
  it('plates so far: shoulder of 3.5 kg, 83 % usable, plates of 150 to 225 g are 19 and 13 (common practice)', () => {
    const cuts = [
      { kind: 'pork-shoulder-butt', part: 'roasts', destination: 'main', inDg: Math.round(35_000 * 0.83) },
      { kind: 'pork-shoulder-butt', part: 'fat', destination: 'render', inDg: 2800 },
    ] as const;
    expect([1500, 2250].map((dg) => Math.round(platesSoFar(cuts, { dg })))).toEqual([19, 13]);
    expect(platesSoFar(cuts, { dg: 0 })).toBe(0);
  });

  it('a bone on the plate is not eaten', () => {
    expect(
      platesSoFar([{ kind: 'whole-chicken', part: 'thighs', destination: 'main', inDg: 2500 }], { dg: 1700 }),
    ).toBeCloseTo((2500 * 0.79) / 1700, 9);
  });

  it('bird number × 100 g (common practice): 16 is 1.6 kg', () => {
    expect([birdNumberToG(16), gToBirdNumber(1640)]).toEqual([1600, 16]);
    expect(['size 16', 'No. 16', '#16', 'nr 7'].map(parseBirdNumber)).toEqual([16, 16, 16, 7]);
    expect(['16', 'size', 'size 0', '1.6 kg', 'size 1600'].map(parseBirdNumber)).toEqual([
      null,
      null,
      null,
      null,
      null,
    ]);
  });

  it('several bought together and kept apart: even shares, nothing lost', () => {
    let id = 0;
    const facts = oneByOne(
      { type: 'received', lot: 'a', kind: 'whole-chicken', count: 3, massDg: 50_000, paidMinor: 2000, on },
      () => `b${id++}`,
    );
    expect(facts.map(({ lot }) => lot)).toEqual(['a', 'b0', 'b1']);
    expect(facts.map(({ count }) => count)).toEqual([1, 1, 1]);
    expect(facts.map(({ massDg }) => massDg)).toEqual([16_667, 16_667, 16_666]);
    expect(facts.map(({ paidMinor }) => paidMinor)).toEqual([667, 667, 666]);
  });

  it('time: pauses do not count, nor does a piece left alone', () => {
    const minute = (n: number): string => new Date(Date.UTC(2026, 0, 1, 10, n)).toISOString();
    const pauses = [
      { from: minute(5), to: minute(9) },
      { from: minute(7), to: minute(10) },
      { from: minute(30) },
    ];
    expect(pausedMinutes(pauses, minute(0), minute(20))).toBe(5);
    expect(pausedMinutes(pauses, minute(6), minute(8))).toBe(2);
    expect(pausedMinutes(pauses, minute(0), minute(40))).toBe(15);
    expect(runningMinutes(12, minute(0), [], minute(6))).toBe(18);
    expect(runningMinutes(12, minute(25), pauses, minute(36))).toBe(17);
    expect(runningMinutes(12, minute(0), [], minute(50))).toBe(12);
    expect(runningMinutes(12, undefined, [], minute(50))).toBe(12);
    const journal = workedPiece().household().journal;
    const at = (n: number): string => new Date(Date.UTC(2026, 0, 1, 0, n)).toISOString();
    expect(workingMinutes(journal).get('piece')).toBe(5);
    expect(workingMinutes(journal, new Map([['piece', [{ from: at(2), to: at(4) }]]])).get('piece')).toBe(3);
  });
});

describe('even thickness', () => {
  const acts = (zones: [string, number][]): string[] =>
    evenThickness(zones.map(([name, thicknessMm]) => ({ name, thicknessMm })))?.zones.map(({ act }) => act) ??
    [];

  it('a leg of 60, 55 and 28 mm: the thick ones open like a book, the thin one stays', () => {
    const plan = evenThickness([
      { name: 'inside', thicknessMm: 60 },
      { name: 'outside', thicknessMm: 55 },
      { name: 'middle', thicknessMm: 28 },
    ]);
    expect(plan?.zones.map(({ act }) => act)).toEqual(['open', 'open', 'leave']);
    expect(plan?.zones[0]?.cutAtMm).toBe(30);
    // Time goes with the square of thickness: (60/28)² before.
    expect(plan?.unevenBefore).toBeCloseTo((60 / 28) ** 2, 9);
    expect(plan?.unevenAfter).toBeLessThan(1.3);
  });

  it.each<[string, [string, number][], string[]]>([
    [
      'what is even stays',
      [
        ['a', 30],
        ['b', 32],
      ],
      ['leave', 'leave'],
    ],
    [
      'a little too thick is slashed',
      [
        ['a', 40],
        ['b', 30],
      ],
      ['slash', 'leave'],
    ],
    [
      'three times as thick opens twice',
      [
        ['a', 75],
        ['b', 25],
      ],
      ['open-twice', 'leave'],
    ],
    ['one zone is nothing to compare', [['a', 30]], []],
  ])('%s', (_what, zones, expected) => {
    expect(acts(zones)).toEqual(expected);
  });

  it('never makes it less even, nor thinner than a sheet that tears', () => {
    const uniform = seededUniform(3);
    for (let each = 0; each < 500; each++) {
      const zones = Array.from({ length: 2 + Math.floor(uniform() * 4) }, (_, index) => ({
        name: `${index}`,
        thicknessMm: 10 + uniform() * 80,
      }));
      const plan = evenThickness(zones)!;
      expect(plan.unevenAfter).toBeLessThanOrEqual(plan.unevenBefore + 1e-9);
      for (const zone of plan.zones) {
        expect(zone.reachedMm).toBeGreaterThanOrEqual(8 - 1e-9);
        expect(zone.slashMm).toBeLessThan(zone.thicknessMm);
      }
    }
  });

  it.each([0, -5, NaN, 500])('refuses %s mm', (thicknessMm) => {
    expect(() =>
      evenThickness([
        { name: 'a', thicknessMm },
        { name: 'b', thicknessMm: 30 },
      ]),
    ).toThrow(/is no thickness/);
  });
});
