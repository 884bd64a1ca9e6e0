import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { Way } from '@core/catalogue/kind-schema';
import { kindById, partOf } from '@core/catalogue/kinds';
import { OWN } from '@core/catalogue/own-kinds';
import { heatWords, leastHeats } from '@core/catalogue/safe-temperature';
import { otherSchool, waysByFamily } from '@core/catalogue/ways-by-family';
import { meanPlateDg } from '@core/pack/eater';
import { habitOfWay, predict } from '@core/yield/prediction';
import { usualMinutes } from '@core/yield/minutes';
import { usualRanges } from '@core/yield/usual-range';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { PieceDrawing } from '../../ui/piece/piece-drawing';
import { Swatch } from '../../ui/piece/swatch';
import { draftOf } from '../../ui/form/draft-of';
import { Slips } from '../../ui/told/slips';
import { BarePicture } from '../../ui/told/bare-picture';

/** One kind as a page to read before standing at the board; on paper, one sheet with all its ways. */
@Component({
  selector: 'v-guide-page',
  imports: [BarePicture, Slips, RouterLink, PieceDrawing, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './guide-page.html',
  styleUrl: './guide-page.css',
})
export class GuidePage {
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  /** The id of the kind, from the address. */
  readonly kind = input.required<string>();

  protected readonly known = computed(
    () => this.store.kinds().find(({ id }) => id === this.kind()) ?? kindById(this.kind()) ?? null,
  );
  protected readonly isOwn = computed(() => this.kind().startsWith(OWN));
  protected readonly others = this.store.kinds;
  protected readonly families = computed(() => waysByFamily(this.known() ?? { ways: [] }));
  protected readonly wayId = draftOf(
    () => this.known()?.ways[0]?.id ?? '',
    () => this.known()?.id,
  );
  protected readonly way = computed(() => this.known()?.ways.find(({ id }) => id === this.wayId()));
  protected readonly family = computed(() =>
    this.families().find(({ ways }) => ways.some(({ id }) => id === this.wayId())),
  );
  protected readonly steps = computed(() => this.stepsOf(this.way()));
  protected readonly minutes = computed(() => this.minutesOf(this.way()));
  protected readonly shares = computed(() => {
    const [kind, way] = [this.known(), this.way()];
    if (!kind || !way) return [];
    const ranges = usualRanges(kind, way);
    const parts = Object.entries(way.shares).map(([id, share]) => ({
      part: partOf(kind, id),
      share,
      range: ranges.get(id) ?? [share, share],
    }));
    return parts.sort((a, b) => b.share - a.share);
  });
  /** What a usual piece makes here, and costs cleaned: computed, not quoted. */
  protected readonly forUs = computed(() => {
    const [kind, way] = [this.known(), this.way()];
    if (!kind || !way) return '';
    const massDg = ((kind.usualG[0] + kind.usualG[1]) / 2) * 10;
    const question = { massDg, marks: [], on: this.clock.today() };
    const { meat, usable } = predict(
      { kind, way },
      habitOfWay(this.store.state(), { kind, way }),
      this.store.basis(),
      question,
    );
    const plates = (meat.share * massDg) / meanPlateDg(this.store.settings());
    const dinners = plates / Math.max(1, this.store.settings().eaters.length);
    return `one of ${this.format.roughMass(massDg)} makes about ${this.format.number(plates, 0)} plates, ${this.format.number(dinners, 1)} dinners; a usable ${this.format.priceUnit()} costs ${this.format.percent(1 / usable.share - 1, 0)} more than its label says`;
  });
  protected readonly partIds = computed(() => this.shares().flatMap(({ part }) => part?.id ?? []));
  protected readonly heats = computed(() =>
    leastHeats(this.store.settings().keeping, this.known()?.animal ?? null).map((heat) => ({
      what: heat.what,
      least: heatWords(heat, (celsius) => this.format.heat(celsius)),
    })),
  );
  /** The step that is looked at: its cut is drawn. */
  protected readonly looked = linkedSignal<string, string | null>({
    source: this.wayId,
    computation: () => null,
  });

  protected stepsOf(way: Way | undefined) {
    return way?.steps.flatMap((id) => this.known()?.steps.find((step) => step.id === id) ?? []) ?? [];
  }

  protected minutesOf(way: Way | undefined): number {
    const kind = this.known();
    return kind && way ? usualMinutes(kind, way) : 0;
  }

  protected chooseSchool(question: string, answer: string): void {
    const [family, way] = [this.family(), this.way()];
    if (family && way) this.wayId.set(otherSchool(family, way, question, answer).id);
  }

  protected freed(ids: readonly string[]): string {
    const shares = this.way()?.shares ?? {};
    return ids
      .filter((id) => shares[id] !== undefined)
      .map((id) => partOf(this.known() ?? undefined, id)?.name.toLowerCase())
      .join(', ');
  }

  /** What a way gives, in one line for paper. */
  protected sharesLine(way: Way): string {
    const parts = Object.entries(way.shares).sort(([, a], [, b]) => b - a);
    return parts
      .map(
        ([id, share]) =>
          `${partOf(this.known() ?? undefined, id)?.name.toLowerCase()} ${this.format.percent(share, share < 0.1 ? 1 : 0)}`,
      )
      .join(', ');
  }

  protected print(): void {
    globalThis.print();
  }
}
