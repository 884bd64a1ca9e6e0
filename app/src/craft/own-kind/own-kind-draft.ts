import { typedMass } from '@core/format/typed-mass';
import { faultWords } from '@core/units/fault-words';
import { computed, inject, Injectable, linkedSignal, untracked, type Signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { ActivatedRoute } from '@angular/router';
import { combineLatest, map } from 'rxjs';
import { OWN } from '@core/catalogue/own-kinds';
import { HouseholdStore } from '../../household/household-store';
import { kindProblems } from '@core/catalogue/kind-problems';
import { kindSchema, type Kind, type Part, type Step, type Way } from '@core/catalogue/kind-schema';
import { blankKind, copyOfKind } from '@core/catalogue/own-kind';
import { Clock } from '../../household/clock';
import { draftKey } from '../../household/draft-key';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { Format } from '@core/format/format';

/** The address of a kind that is not there yet. */
const NEW_KIND = 'new';
type Span = readonly [string, string];

/** Which kind the address names, and which one to copy. */
function askedKind(): Signal<{
  readonly id: string;
  readonly from: string | null;
  readonly name: string;
}> {
  const { paramMap, queryParamMap } = inject(ActivatedRoute);
  return toSignal(
    combineLatest([paramMap, queryParamMap]).pipe(
      map(([path, query]) => ({
        id: path.get('id') ?? NEW_KIND,
        from: query.get('from'),
        name: query.get('name') ?? '',
      })),
    ),
    { requireSync: true },
  );
}

/** A kind while it is being written: a whole kind, and the figures as they are being typed. */
@Injectable()
export class OwnKindDraft {
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);

  private readonly store = inject(HouseholdStore);
  private readonly asked = askedKind();
  /** What it begins with: a kind of the household's own, a copy of another, or a blank one. */
  private readonly begun = computed((): Kind => {
    const { id, from, name } = this.asked();
    return untracked(() => {
      const known = this.store.kinds().find((kind) => kind.id === (id === NEW_KIND ? from : id));
      const ownId = `${OWN}${this.clock.newId()}`;
      if (id !== NEW_KIND && known) return known;
      return known ? copyOfKind(known, ownId) : { ...blankKind(ownId), name };
    });
  });
  private readonly kindNow = linkedSignal<Kind, Kind>({ source: this.begun, computation: (kind) => kind });
  readonly kind = this.kindNow.asReadonly();
  /** Shares in per cent as typed, by way and part; "loss" is liquid and unaccounted. */
  private readonly typed = linkedSignal<Kind, ReadonlyMap<string, string>>({
    source: this.begun,
    computation: (kind) => this.sharesOf(kind),
  });
  private readonly usualNow = linkedSignal<Kind, Span>({
    source: this.begun,
    computation: ({ usualG: [low, high] }) => [this.format.mass(low * 10), this.format.mass(high * 10)],
  });
  /** The usual weight of one, from and to, as typed. */
  readonly usual = this.usualNow.asReadonly();

  private readonly draft = draftKey('kind');
  readonly forget = keepInTab(() => this.keptAs(), {
    kind: this.kindNow,
    typed: Object.assign(() => [...this.typed()], {
      set: (rows: [string, string][]) => this.typed.set(new Map(rows)),
    }),
    usual: this.usualNow,
  });

  /** A draft of a kind that was changed elsewhere meanwhile is another one. */
  private keptAs(): string {
    const { id, from, name } = this.asked();
    return `${this.draft()} ${id} ${from ?? ''}${name} ${id === NEW_KIND ? '' : JSON.stringify(this.begun())}`;
  }

  /** What is to be saved. */
  readonly finished = computed<Kind>(() => {
    const kind = this.kind();
    const name = kind.name.trim();
    const [low, high] = this.usual().map(
      (text) => (typedMass(text, 'large', this.format)?.massDg ?? NaN) / 10,
    );
    return {
      ...kind,
      name,
      plural: kind.plural.trim() || (name === '' ? '' : `${name}, several`),
      usualG: [low ?? NaN, high ?? NaN],
      ways: kind.ways.map((way) => this.withShares(way)),
    };
  });

  /** What is wrong, in words, each with what to do. */
  readonly problems = computed(() => {
    const kind = this.finished();
    const problems: string[] = [];
    if (kind.name === '') problems.push('Give the kind a name.');
    if (!kind.usualG.every((grams) => grams > 0))
      problems.push(`Write the usual weight of one, from and to, like 1.5 ${this.format.priceUnit()}.`);
    if (kind.parts.some(({ name }) => name.trim() === '')) problems.push('Give every part a name.');
    if (kind.steps.some(({ title, how, tool }) => [title, how, tool].some((text) => text.trim() === '')))
      problems.push('Every step has a title, what to do, and a tool.');
    if (kind.ways.some(({ name }) => name.trim() === '')) problems.push('Give every way a name.');
    for (const way of kind.ways)
      for (const [part, share] of [...Object.entries(way.shares), ['loss', way.lossShare] as const])
        if (!(share >= 0 && share <= 1))
          problems.push(
            `“${way.name}”: ${part === 'loss' ? 'the loss' : (kind.parts.find(({ id }) => id === part)?.name ?? part)} is not a share from 0 to 100 %.`,
          );
    if (problems.length > 0) return problems;
    const known = kindProblems(kind);
    if (known.length > 0) return known;
    const parsed = kindSchema.safeParse(kind);
    return parsed.success
      ? []
      : parsed.error.issues.map((issue) => `${issue.path.join(' ')}: ${faultWords(issue)}`);
  });

  private sharesOf({ ways }: Kind): ReadonlyMap<string, string> {
    const percent = (share: number): string =>
      this.format.number(Math.round(share * 1000) / 10, 1).replace(/[.,]0$/, '');
    const shares = ways.flatMap((way) =>
      [...Object.entries(way.shares), ['loss', way.lossShare] as const].map(
        ([part, share]) => [`${way.id}/${part}`, percent(share)] as const,
      ),
    );
    return new Map(shares);
  }

  setUsual(...usual: Span): void {
    this.usualNow.set(usual);
  }

  change(part: Partial<Kind>): void {
    this.kindNow.update((kind) => ({ ...kind, ...part }));
  }

  changePart(id: string, change: Partial<Part>): void {
    this.change({ parts: this.kind().parts.map((part) => (part.id === id ? { ...part, ...change } : part)) });
  }

  addPart(): void {
    const part: Part = { id: this.newId(), name: '', destination: 'main' };
    const steps = this.kind().steps;
    // Something must take it off: the last step does until another is chosen.
    this.change({
      parts: [...this.kind().parts, part],
      steps: steps.map((step, index) =>
        index === steps.length - 1 ? { ...step, frees: [...step.frees, part.id] } : step,
      ),
    });
  }

  removePart(id: string): void {
    const kind = this.kind();
    this.change({
      parts: kind.parts.filter((part) => part.id !== id),
      steps: kind.steps.map((step) => this.without(step, id)),
      ways: kind.ways.map((way) => ({
        ...way,
        shares: Object.fromEntries(Object.entries(way.shares).filter(([part]) => part !== id)),
      })),
      marks: kind.marks.filter(({ from, to }) => !to.includes(id) && (from === 'all' || !from.includes(id))),
    });
    this.typed.update((typed) => new Map([...typed].filter(([key]) => !key.endsWith(`/${id}`))));
  }

  changeStep(id: string, change: Partial<Step>): void {
    this.change({ steps: this.kind().steps.map((step) => (step.id === id ? { ...step, ...change } : step)) });
  }

  /** A step gives a part, or no longer. */
  toggleFrees(step: Step, part: string): void {
    this.changeStep(
      step.id,
      step.frees.includes(part) ? this.without(step, part) : { frees: [...step.frees, part] },
    );
  }

  addStep(): void {
    const step: Step = {
      id: this.newId(),
      title: '',
      how: '',
      tool: 'knife',
      caution: 'Strokes go away from the body, and the free hand stays behind the edge.',
      frees: [],
      purpose: 'it is ready for the next step',
      minutes: 5,
    };
    this.change({
      steps: [...this.kind().steps, step],
      ways: this.kind().ways.map((way) => ({ ...way, steps: [...way.steps, step.id] })),
    });
  }

  removeStep(id: string): void {
    this.change({
      steps: this.kind().steps.filter((step) => step.id !== id),
      ways: this.kind().ways.map((way) => ({ ...way, steps: way.steps.filter((step) => step !== id) })),
    });
  }

  moveStep(id: string, by: number): void {
    const order = this.kind().steps.map((step) => step.id);
    const at = order.indexOf(id);
    order.splice(at, 1);
    order.splice(Math.max(0, at + by), 0, id);
    const place = (step: string): number => order.indexOf(step);
    this.change({
      steps: [...this.kind().steps].sort((a, b) => place(a.id) - place(b.id)),
      ways: this.kind().ways.map((way) => ({
        ...way,
        steps: [...way.steps].sort((a, b) => place(a) - place(b)),
      })),
    });
  }

  changeWay(id: string, change: Partial<Way>): void {
    this.change({ ways: this.kind().ways.map((way) => (way.id === id ? { ...way, ...change } : way)) });
  }

  /** A way uses a step, in the order of the steps, or not. */
  toggleStep(way: Way, step: string): void {
    const used = way.steps.includes(step) ? way.steps.filter((id) => id !== step) : [...way.steps, step];
    this.changeWay(way.id, {
      steps: this.kind()
        .steps.map(({ id }) => id)
        .filter((id) => used.includes(id)),
    });
  }

  addWay(): void {
    const way: Way = {
      id: this.newId(),
      name: '',
      about: 'Another way of ours.',
      shares: {},
      lossShare: 0.03,
      estimated: true,
      steps: this.kind().steps.map(({ id }) => id),
    };
    this.change({ ways: [...this.kind().ways, way] });
    this.setShare(way.id, 'loss', '3');
  }

  removeWay(id: string): void {
    this.change({ ways: this.kind().ways.filter((way) => way.id !== id) });
  }

  share(way: string, part: string): string {
    return this.typed().get(`${way}/${part}`) ?? '';
  }

  setShare(way: string, part: string, text: string): void {
    this.typed.update((typed) => new Map([...typed, [`${way}/${part}`, text]]));
  }

  /** What the shares of a way come to so far, in per cent. */
  sum(way: Way): number {
    const { shares, lossShare } = this.withShares(way);
    return Object.values(shares).reduce((a, b) => a + b, lossShare) * 100;
  }

  private withShares(way: Way): Way {
    // Hundredths of a per cent, so that 26.9 % is 0.269 and nothing near it.
    const read = (part: string): number =>
      Math.round((this.format.parseNumber(this.share(way.id, part).replace('%', '')) ?? NaN) * 100) / 10_000;
    const named = this.kind().parts.filter(({ id }) => this.share(way.id, id).trim() !== '');
    return {
      ...way,
      shares: Object.fromEntries(named.map(({ id }) => [id, read(id)])),
      lossShare: this.share(way.id, 'loss').trim() === '' ? 0 : read('loss'),
    };
  }

  private without(step: Step, part: string): Step {
    const frees = step.frees.filter((id) => id !== part);
    return {
      ...step,
      frees,
      purpose: frees.length === 0 ? (step.purpose ?? 'it is ready for the next step') : step.purpose,
    };
  }

  private newId(): string {
    return `n${this.clock.newId()}`;
  }
}
