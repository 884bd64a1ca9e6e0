import { groups, sum } from 'd3-array';
import { undoing } from '@core/deeds/undoing';
import { CdkDrag, CdkDropList, CdkDropListGroup } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, signal } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { lotName } from '@core/catalogue/lot-name';
import type { Lot } from '@core/ledger/lot';
import { lastActOn } from '@core/ledger/undo';
import type { Token } from '@core/pack/table';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { costsOfLots } from '../../household/costs';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { Overdue } from '../../household/parts/overdue';
import { PlaceChoice } from '../../household/parts/place-choice';
import { PackPlans } from '../../compute/pack-plans';
import { LEFT_WORDS, planWords, wayWords } from './plan-words';
import { TablePlan } from './table-plan';
import { TokenChip } from './token-chip';
import { TrayCard } from './tray-card';
import { WantedForm } from './wanted-form';
import { Wrapping } from './wrapping';
import { draftOf } from '../../ui/form/draft-of';
import { BarePicture } from '../../ui/told/bare-picture';
import { Progress } from '../../ui/told/progress';
import { DRAG_DELAY } from '../../ui/drag-delay';

/** Which portions go into which pack: planned in one act, then set right by hand. */
@Component({
  selector: 'v-wrap-page',
  imports: [
    BarePicture,
    CdkDrag,
    CdkDropList,
    CdkDropListGroup,
    Overdue,
    PlaceChoice,
    Progress,
    RouterLink,
    TokenChip,
    TrayCard,
    WantedForm,
  ],
  providers: [Wrapping, TablePlan, PackPlans],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './wrap-page.html',
  styleUrl: './wrap-page.css',
})
export class WrapPage {
  protected readonly dragDelay = DRAG_DELAY;
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  protected readonly store = inject(HouseholdStore);
  protected readonly costOf = costsOfLots();
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly wrapping = inject(Wrapping);
  protected readonly plan = inject(TablePlan);
  protected readonly wayWords = wayWords;
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly router = inject(Router);

  protected readonly lotName = lotName;
  protected readonly isWishing = signal(false);
  protected readonly place = draftOf(() => this.store.shelves()[0]?.id ?? '');
  private readonly today = this.clock.today;

  /** What lies on the table, by the piece it came from. */
  protected readonly tables = computed(() => {
    const { lots } = this.store.state();
    const cameFrom = ({ lot }: Token): string => {
      const from = lots.get(lot.sources[0]?.lot ?? '');
      if (!from) return 'Mixed';
      return `${lotName(from)}${from.shop ? `, ${from.shop}` : ''}${from.on ? `, ${this.format.age(from.on)}` : ''}`;
    };
    return groups(this.wrapping.onTable(), cameFrom).map(([name, tokens]) => ({ name, tokens }));
  });

  private readonly massOf = (grams: number): string => this.format.mass(Math.round(grams) * 10);
  /** What a person asks: before anything is put together, what lies there; then what it comes to. */
  protected readonly reading = computed((): { readonly first: string; readonly then: readonly string[] } => {
    const chosen = this.plan.chosen();
    if (chosen && !this.plan.isTouched()) {
      const [first = '', ...then] = planWords(chosen.told, this.wrapping.eaters().length, this.massOf);
      const kept = this.plan.kept();
      const stays = kept > 0 ? [`${this.format.count(kept, 'tray')} beside it as it was.`] : [];
      return { first, then: [...stays, ...then] };
    }
    const packs = this.wrapping.filled().length;
    const left = this.wrapping.onTable().length;
    if (packs > 0)
      return {
        first: `${this.format.count(packs, 'pack')}, ready to be wrapped.`,
        then: left > 0 ? [`${this.format.count(left, 'thing')} on no tray yet.`] : [],
      };
    const massDg = sum(this.wrapping.tokens(), (token) => token.massDg);
    return {
      first: `${this.format.mass(massDg)} lie here to be wrapped.`,
      then: ['One act shares all of it out into dinners for those who eat here.'],
    };
  });
  protected readonly deed = computed(() => {
    const packs = this.format.count(this.wrapping.filled().length, 'pack');
    const shelf = this.store.shelves().find(({ id }) => id === this.place());
    return `${shelf && shelf.cold !== 'freezer' ? 'Put away' : 'Freeze'} ${packs}`;
  });
  /** What no pack takes, with the one reason. */
  protected readonly left = computed(() =>
    (this.plan.chosen()?.told.left ?? []).flatMap(({ id, why }) => {
      const token = this.wrapping.byId().get(id);
      return token ? [{ token, why: LEFT_WORDS[why] }] : [];
    }),
  );

  protected readonly recent = computed(() =>
    this.store
      .stock()
      .filter((lot) => lot.form === 'pack' && lot.on === this.today() && lot.sources.length > 0)
      .reverse(),
  );
  protected readonly recentIds = computed(() =>
    this.recent()
      .map(({ id }) => id)
      .join(','),
  );

  protected drop({ token, tray }: { readonly token: string; readonly tray: string | null }): void {
    this.wrapping.hoverOut();
    this.wrapping.move(token, tray);
  }

  /** Digits put what has the focus on that tray, 0 back on the table; arrows on the next tray. */
  protected key({
    event,
    token,
    tray,
  }: {
    readonly event: KeyboardEvent;
    readonly token: string;
    readonly tray: string | null;
  }): void {
    const trays = this.wrapping.trays();
    const at = trays.findIndex(({ id }) => id === tray);
    const to = /^\d$/.test(event.key)
      ? Number(event.key) - 1
      : event.key === 'ArrowRight'
        ? Math.min(trays.length - 1, at + 1)
        : event.key === 'ArrowLeft'
          ? at - 1
          : null;
    if (to === null || to >= trays.length || event.ctrlKey || event.altKey || event.metaKey) return;
    event.preventDefault();
    this.wrapping.move(token, to < 0 ? null : (trays[to]?.id ?? null));
    this.refocus(token);
  }

  /** The focus goes with what was moved. */
  private refocus(token: string): void {
    setTimeout(() =>
      this.host.querySelector<HTMLElement>(`[data-token="${CSS.escape(token)}"] button`)?.focus(),
    );
  }

  protected newTray(): void {
    const tray = this.wrapping.add();
    if (this.wrapping.held().size > 0) this.wrapping.putHeld(tray.id);
  }

  protected async freeze(): Promise<void> {
    if (this.wrapping.filled().length === 0)
      return this.notices.problem('Put something on a tray first, or let the packs be planned.');
    const ids = await this.wrapping.freeze(this.place() || null);
    if (ids) this.plan.forget();
    if (ids)
      await this.router.navigate(['/', this.household, 'wrap', 'labels'], {
        queryParams: { packs: ids.join(',') },
      });
  }

  protected async unwrap(pack: Lot): Promise<void> {
    const last = lastActOn(this.store.household().journal, new Set([pack.id]));
    if (!last) return;
    const said = `${lotName(pack)} undone; its portions are on the table again`;
    await this.store.perform(undoing(this.store.household(), pack.made, said).deed);
  }
}
