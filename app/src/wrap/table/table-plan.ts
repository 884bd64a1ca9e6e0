import { rollup, sum } from 'd3-array';
import { computed, inject, Injectable, signal } from '@angular/core';
import type { PackPlan } from '@core/pack/pack-plan';
import type { PackRequest } from '@core/pack/pack-request';
import { packsWanted } from '@core/pack/packs-wanted';
import { planTold, type PlanTold } from '@core/pack/plan-told';
import { animalsOf } from '@core/pack/table';
import type { Tray } from '@core/pack/tray';
import { PackPlans } from '../../compute/pack-plans';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { Wrapping, type Stays } from './wrapping';

/** One way to pack the table, animal by animal. */
interface Way {
  readonly isCut: boolean;
  readonly plans: readonly PackPlan[];
  readonly told: PlanTold;
  readonly outOfPlaceG: number;
}

/** A plan with cuts is worth showing where it is so much better, g. */
const WORTH_A_KNIFE_G = 40;

/** The plan of the table: as the portions are, and beside it with portions cut in two where that is better. */
@Injectable()
export class TablePlan {
  private readonly wrapping = inject(Wrapping);
  private readonly notices = inject(Notices);
  private readonly store = inject(HouseholdStore);
  readonly search = inject(PackPlans);

  private readonly found = signal<{ readonly ways: readonly Way[]; readonly stays: Stays } | null>(null);
  private readonly chosenAt = signal(0);
  /** The ways that are offered: one, or with cuts too. */
  readonly ways = computed(() => this.found()?.ways ?? []);
  readonly chosen = computed(() => this.ways()[this.chosenAt()] ?? null);
  /** Trays that the plan has left as they were. */
  readonly kept = computed(() => this.found()?.stays.kept.length ?? 0);
  readonly whys = signal<readonly string[]>([]);
  private readonly laid = signal<readonly Tray[] | null>(null);
  /** Somebody has changed what the plan had laid: what it says of itself holds no longer. */
  readonly isTouched = computed(() => this.laid() !== this.wrapping.laid());

  /** Somebody eats here, or something is packed by number or by weight. */
  readonly mayPlan = computed(
    () =>
      this.wrapping.eaters().length > 0 ||
      Object.values(this.wrapping.settings().ways ?? {}).some((way) => !('carved' in way)),
  );

  /** Plans everything that is in no tray that stays. */
  async plan(): Promise<void> {
    // What was typed just before counts, also where the disk is slow.
    await this.store.written();
    if (!this.mayPlan()) return this.notices.problem('Say first who eats here: packs are planned by that.');
    const stays = this.wrapping.stays();
    const counted = rollup(
      stays.kept.flatMap(({ wanted }) => wanted ?? []),
      (same) => same.length,
      (name) => name,
    );
    const ask = (mayCut: boolean): PackRequest[] =>
      animalsOf(stays.free).flatMap(
        (animal) =>
          packsWanted(
            stays.free,
            animal,
            this.wrapping.eaters(),
            this.wrapping.settings(),
            counted,
            mayCut,
          ) ?? [],
      );
    const requests = [ask(false), ask(true)] as const;
    const answers = await this.search.ask(requests.flat());
    if (!answers) return this.notices.problem('Called off. The trays are as they were.');
    const [whole, cut] = requests.map((own, k): Way => {
      const at = k * requests[0].length;
      const plans = answers.slice(at, at + own.length).flatMap(({ value }) => value ?? []);
      const appetites = own.map(({ eaters }) => new Map(eaters.map(({ name, targetG }) => [name, targetG])));
      return {
        isCut: k === 1,
        plans,
        told: planTold(plans, appetites),
        outOfPlaceG: sum(plans, ({ outOfPlaceG }) => outOfPlaceG),
      };
    }) as [Way, Way];
    this.whys.set(answers.slice(0, requests[0].length).flatMap(({ problem }) => problem ?? []));
    const hasMore = cut.told.full > whole.told.full;
    const isWorth = cut.told.cuts > 0 && (hasMore || cut.outOfPlaceG < whole.outOfPlaceG - WORTH_A_KNIFE_G);
    this.found.set({ ways: isWorth ? [whole, cut] : [whole], stays });
    this.choose(isWorth && hasMore ? 1 : 0);
  }

  /** Lays one of the ways on the trays. */
  choose(at: number): void {
    const found = this.found();
    const way = found?.ways[at];
    if (!found || !way) return;
    this.chosenAt.set(at);
    this.wrapping.lay(way.plans, found.stays);
    this.laid.set(this.wrapping.laid());
  }

  forget(): void {
    this.found.set(null);
    this.whys.set([]);
  }
}
