import type { Weighed } from '@core/deeds/weigh';
import { computed, inject, Injectable, linkedSignal, signal, untracked } from '@angular/core';
import { boardTime } from '@core/board/board-time';
import { likelyCount } from '@core/board/likely-count';
import { nextPart, DONE } from '@core/board/next-part';
import { mayBeRest } from '@core/board/may-be-rest';
import { partRanges } from '@core/board/part-ranges';
import { virtualMassDg } from '@core/board/virtual-meat';
import { unitInDoubt } from '@core/board/unit-in-doubt';
import { weightQuestion } from '@core/board/weight-question';
import type { Destination } from '@core/ledger/destination';
import { kindById, partOf } from '@core/catalogue/kinds';
import { partsOfWay } from '@core/catalogue/parts-of-way';
import { familyOf } from '@core/ledger/leaves';
import { drainedDg, type Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { meanPlateDg } from '@core/pack/eater';
import { lastActOn, lastUndoOn } from '@core/ledger/undo';
import { platesSoFar } from '@core/pack/plates-so-far';
import { HandsFree } from '@core/scale/hands-free';
import type { MassDg } from '@core/units/mass';
import { seededUniform } from '@core/units/random';
import { runningMinutes } from '@core/yield/minutes';
import { habitOfWay } from '@core/yield/prediction';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { ScaleLink } from '../../devices/scale/scale-link';
import { draftOf } from '../../ui/field/draft-of';

/** What lies on the board, what comes next, and what the scale says: everything that the bench shows. Acts are in BenchActs. */
@Injectable()
export class Bench {
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  readonly link = inject(ScaleLink);

  /** The piece from the address; else the last one opened. */
  readonly asked = signal<string | undefined>(undefined);
  readonly piece = computed<Lot | undefined>(() => {
    const asked = this.store.state().lots.get(this.asked() ?? '');
    return asked?.form === 'piece' ? asked : this.store.openPieces()[0];
  });
  private readonly pieceId = computed(() => this.piece()?.id ?? '');
  readonly kind = computed(
    () =>
      this.store.kinds().find(({ id }) => id === this.piece()?.kind) ?? kindById(this.piece()?.kind ?? null),
  );
  readonly way = computed(
    () => this.kind()?.ways.find(({ id }) => id === this.piece()?.way) ?? this.kind()?.ways[0],
  );
  readonly name = computed(() => (this.piece() ? lotName(this.piece() as Lot) : ''));
  readonly family = computed(() => (this.piece() ? familyOf(this.store.state(), this.piece() as Lot) : []));
  readonly cuts = computed(() => this.family().slice(1));
  readonly drained = computed(() => (this.piece() ? drainedDg(this.piece() as Lot) : 0));
  readonly isAtWork = computed(() => !(this.piece()?.closed ?? true));

  readonly skippedDraining = signal<ReadonlySet<string>>(new Set());
  /** Nothing is off yet and the liquid has not been weighed out. */
  readonly mustDrain = computed(() => {
    const piece = this.piece();
    return (
      piece !== undefined &&
      !piece.closed &&
      piece.flows.length === 0 &&
      piece.foundDg === 0 &&
      !this.skippedDraining().has(piece.id)
    );
  });

  /** The parts of the way chosen, in the order of work; then the kind's others that may turn up. */
  readonly parts = computed(() => {
    const [kind, way] = [this.kind(), this.way()];
    return kind && way ? partsOfWay(kind, way) : [];
  });
  readonly partIds = computed(() => this.parts().map(({ id }) => id));
  private readonly offDg = computed(() => {
    const masses = new Map<string, number>();
    for (const { part, inDg } of this.cuts())
      if (part !== null) masses.set(part, (masses.get(part) ?? 0) + inDg);
    return masses;
  });
  /** How much of each part is off, against its usual share of a piece like this. */
  readonly off = computed(() => {
    const usualDg = (part: string): number => (this.way()?.shares[part] ?? 0) * (this.piece()?.inDg ?? 0);
    return new Map(
      [...this.offDg()].map(([part, massDg]) => [part, usualDg(part) > 0 ? massDg / usualDg(part) : 1]),
    );
  });

  private readonly weighedSoFar = computed(() =>
    this.cuts().map(({ part, inDg, count }) => ({ part, massDg: inDg, count })),
  );
  private readonly next = computed(() => {
    const [kind, way, piece] = [this.kind(), this.way(), this.piece()];
    return kind && way && piece
      ? nextPart(kind, way, { massDg: piece.inDg, leftDg: piece.leftDg }, this.weighedSoFar())
      : null;
  });
  /** Everything that the way gives is off. */
  readonly isOff = computed(
    () =>
      !this.mustDrain() &&
      this.cuts().length > 0 &&
      (this.piece()?.leftDg === 0 || this.next()?.part === null),
  );
  /** What is left may be all of this part. */
  readonly isRest = computed(() => {
    const [kind, way, piece] = [this.kind(), this.way(), this.piece()];
    return (
      kind !== undefined &&
      way !== undefined &&
      piece !== undefined &&
      !this.mustDrain() &&
      mayBeRest(kind, way, this.part(), piece.leftDg, this.weighedSoFar())
    );
  });

  /** What to ask about a figure without its unit that is a usual one in the other. */
  private unitDoubt(text: string): string | null {
    const [small, large] = [this.format.parseMass(text, 'small'), this.format.parseMass(text, 'large')];
    const piece = this.piece();
    if (!piece || !small || !large || small.massDg === large.massDg) return null;
    const or = `${large.typed}, or ${small.typed}? Write the unit`;
    if (this.mustDrain())
      return large.massDg > piece.inDg * 1.05 && small.massDg >= piece.inDg / 2 ? `${or}.` : null;
    const range = this.range();
    if (!range) return null;
    const [lowDg, highDg] = range.own ?? range.catalogue;
    const usual = { lowDg, isPortioned: this.currentPart()?.portion !== undefined };
    return unitInDoubt({ smallDg: small.massDg, largeDg: large.massDg }, usual, piece.leftDg)
      ? `${or}: usually ${this.format.roughSpan(lowDg, highDg)}${usual.isPortioned ? ' in all' : ''}.`
      : null;
  }

  /** Changes with every weighing and every undo. */
  private readonly cutsMark = computed(
    () =>
      `${this.pieceId()}/${this.way()?.id}/${this.mustDrain()}/${this.cuts()
        .map(({ id, part, inDg }) => `${id}${part}${inDg}`)
        .join()}`,
  );
  readonly part = linkedSignal<string, string>({
    source: this.cutsMark,
    computation: () => untracked(() => this.next()?.part ?? this.cuts().at(-1)?.part ?? ''),
  });
  readonly ownPart = signal('');
  readonly currentPart = computed(() => partOf(this.kind(), this.part()));
  readonly destination = draftOf<Destination>(() => this.currentPart()?.destination ?? 'main', this.part);
  /** How many somebody says the next weight is; null where nobody does. */
  readonly typedCount = linkedSignal<string, string | null>({
    source: this.pieceId,
    computation: () => null,
  });

  readonly step = linkedSignal<string, number>({
    source: computed(() => `${this.cutsMark()}/${this.part()}`),
    computation: () => untracked(() => this.stepOfPart()),
  });
  readonly steps = computed(() =>
    (this.way()?.steps ?? []).flatMap((id) => this.kind()?.steps.find((step) => step.id === id) ?? []),
  );
  readonly currentStep = computed(() => this.steps()[this.step()]);

  /** Typing while a scale is there. */
  readonly typing = signal(false);
  readonly isTyped = computed(() => this.typing() || !this.link.isConnected());
  readonly typedText = signal('');
  readonly typed = computed(() => {
    const text = this.typedText().trim();
    if (text === '') return null;
    const mass = this.format.parseMass(text, this.mustDrain() ? 'large' : 'small');
    if (mass === null)
      return {
        problem: `That is not a weight. Write it like 372 ${this.format.smallUnit()} or 1.2 ${this.format.priceUnit()}.`,
      };
    if (mass.massDg <= 0) return { problem: 'A weight is more than zero.' };
    const doubt = this.unitDoubt(text);
    return doubt ? { problem: doubt } : { mass };
  });
  /** What the scale shows now, without the tare. */
  readonly liveDg = computed(() => {
    const reading = this.link.reading();
    return reading && !reading.isOverload ? reading.massDg - this.link.tareDg() : null;
  });
  readonly weighed = computed<Weighed | null>(() => {
    if (this.isTyped()) return this.typed()?.mass ?? null;
    const [now, tareDg] = [this.link.steadiness(), this.link.tareDg()];
    if (now.state !== 'steady' || now.massDg - tareDg < this.link.graduationDg()) return null;
    return { massDg: now.massDg - tareDg, ...(tareDg > 0 ? { grossDg: now.massDg, tareDg } : {}) };
  });

  /** How many of the part in hand a weight is likely of. */
  likelyCount(massDg: MassDg): number {
    const [kind, way, piece] = [this.kind(), this.way(), this.piece()];
    if (!kind || !way || !piece) return 1;
    return likelyCount(kind, way, piece, { part: this.part(), massDg }, this.weighedSoFar());
  }
  /** How many the next weight is: as typed, or as likely. */
  readonly count = computed(() => this.typedCount() ?? `${this.likelyCount(this.weighed()?.massDg ?? 0)}`);

  private readonly ranges = computed(() => {
    // What past pieces teach does not change while one is cut: read once for each piece and way.
    const [kind, way] = [this.kind(), this.way()];
    return kind && way && this.pieceId()
      ? partRanges(
          kind,
          way,
          untracked(() => habitOfWay(this.store.state(), { kind, way })),
        )
      : new Map<string, never>();
  });
  /** The usual range of the part in hand, in all and in tenths of a gram, and how much of it is off with this weight. */
  readonly range = computed(() => {
    const [piece, range] = [this.piece(), this.ranges().get(this.part())];
    if (!piece || !range) return null;
    const inDg = ([low, high]: readonly [number, number]): readonly [number, number] => [
      low * piece.inDg,
      high * piece.inDg,
    ];
    return {
      catalogue: inDg(range.catalogue),
      own: range.own && inDg(range.own),
      offDg: this.offDg().get(this.part()) ?? 0,
    };
  });

  readonly dismissed = signal<ReadonlySet<string>>(new Set());
  /** What the weight taken last may mean. */
  readonly question = computed(() => {
    const [last, piece] = [this.cuts().at(-1), this.piece()];
    const range = this.ranges().get(last?.part ?? '');
    if (!last || !piece || !range || piece.closed || this.dismissed().has(last.id)) return null;
    const share = (this.offDg().get(last.part ?? '') ?? 0) / piece.inDg;
    const asked = weightQuestion(share, range, last.destination, this.isOff());
    const [low, high] = range.own ?? range.catalogue;
    return (
      asked && {
        ...asked,
        lot: last,
        massDg: share * piece.inDg,
        lowDg: low * piece.inDg,
        highDg: high * piece.inDg,
      }
    );
  });

  readonly plates = computed(() => platesSoFar(this.cuts(), meanPlateDg(this.store.settings())));

  private readonly familyIds = computed(() => new Set(this.family().map(({ id }) => id)));
  readonly undoable = computed(() => lastActOn(this.store.household().journal, this.familyIds()));
  readonly redoable = computed(() => lastUndoOn(this.store.household().journal, this.familyIds()));

  readonly note = computed(() => this.store.pieceNotes().get(this.pieceId()) ?? {});
  readonly isPaused = computed(() => this.note().pauses?.some(({ to }) => to === undefined) ?? false);
  /** Working time so far: as it was corrected, else as it runs. */
  readonly minutes = computed(
    () =>
      this.note().minutes ??
      runningMinutes(
        this.store.minutes().get(this.pieceId()) ?? 0,
        this.isAtWork() ? this.undoable()?.at : undefined,
        this.note().pauses ?? [],
        this.clock.now(),
      ),
  );

  readonly nowAt = this.clock.now;
  /** How long it has been out of the refrigerator, while it is on the board. */
  readonly boardTime = computed(() =>
    this.isAtWork()
      ? boardTime(
          this.store.household().journal,
          this.familyIds(),
          this.note().cold ?? [],
          this.clock.now(),
          this.note().hot ?? false,
        )
      : null,
  );

  /** The hand that is not needed; new with each scale. */
  readonly hands = computed(() => new HandsFree(this.link.graduationDg()));

  private readonly virtual = seededUniform(Math.floor(performance.timeOrigin));

  /** What the next part could weigh, for the stand-in's tray. */
  virtualMassDg(): number {
    const [kind, way, piece] = [this.kind(), this.way(), this.piece()];
    if (!kind || !way || !piece) return 0;
    const part = this.mustDrain() ? null : this.part();
    return this.isRest() && !this.currentPart()?.portion
      ? piece.leftDg
      : virtualMassDg(kind, way, piece, part, this.virtual);
  }

  /** Whether a part counts as off. */
  isPartOff(part: string): boolean {
    return (this.off().get(part) ?? 0) >= DONE;
  }

  private stepOfPart(): number {
    if (this.mustDrain()) return 0;
    const next = this.next();
    if (next && (next.part === this.part() || next.part === null)) return next.step;
    return Math.max(
      0,
      this.steps().findIndex(({ frees }) => frees.includes(this.part())),
    );
  }
}
