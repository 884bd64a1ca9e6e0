import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Router } from '@angular/router';
import { HAND_WORK, type HandWork } from '@core/catalogue/hand-work';
import { whichPiece, type Suits, type Wishes } from '@core/dinner/which-piece';
import { Format } from '@core/format/format';
import { leftOutWords, whySuits, worthAskingWords } from '@core/format/which-words';
import { roomOfAll } from '@core/freeze/room';
import { plateOf } from '@core/pack/eater';
import { offersTogether } from '@core/price/offers-together';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { draftKey } from '../../household/draft-key';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { minutesHere } from '../../household/minutes-here';
import { Check } from '../../ui/field/check';
import { Choice, type Options } from '../../ui/field/choice';
import { Few } from '../../ui/field/few';
import { TextField } from '../../ui/field/text-field';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { Fold } from '../../ui/over/fold';
import { PieceDrawing } from '../../ui/piece/piece-drawing';
import { PieceAsked } from '../piece/piece-asked';

/** Which piece suits this household now: what for, how hard, how long, what there is room for, at today's prices. */
@Component({
  selector: 'v-which-page',
  imports: [Check, Choice, Few, Fold, PieceDrawing, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './which-page.html',
  styleUrl: './which-page.css',
})
export class WhichPage {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly minutesOf = minutesHere();
  private readonly colds = inject(Colds);
  private readonly today = inject(Clock).today;
  private readonly router = inject(Router);
  private readonly household = inject(HOUSEHOLD_NAME);
  private readonly asked = inject(PieceAsked);

  protected readonly uses: Options<NonNullable<Wishes['use']> | 'any'> = [
    ['any', 'anything'],
    ['quick', 'the pan'],
    ['roast', 'the oven'],
    ['slow', 'the pot'],
    ['grind', 'the grinder'],
    ['variety', 'a variety'],
  ];
  protected readonly works: Options<HandWork> = HAND_WORK.map(
    (work) =>
      [
        work,
        {
          slices: 'straight slices only',
          joints: 'joints as well',
          seams: 'seams between muscles as well',
          boning: 'taking bones out as well',
        }[work],
      ] as const,
  );
  protected readonly use = signal<NonNullable<Wishes['use']> | 'any'>('any');
  protected readonly hardest = signal<HandWork>('boning');
  protected readonly minutes = signal('');
  protected readonly knifeOnly = signal(false);

  private readonly minutesRead = computed(() => {
    const minutes = this.format.parseNumber(this.minutes());
    return minutes !== null && minutes > 0 ? minutes : null;
  });
  protected readonly wrongMinutes = computed(() =>
    this.minutes().trim() !== '' && this.minutesRead() === null ? 'So many minutes, like 30.' : '',
  );
  private readonly wishes = computed((): Wishes => {
    const use = this.use();
    return {
      use: use === 'any' ? null : use,
      hardest: this.hardest(),
      minutes: this.minutesRead(),
      knifeOnly: this.knifeOnly(),
    };
  });
  private readonly found = computed(() => {
    const { store } = this;
    const settings = store.settings();
    return whichPiece({
      minutesOf: this.minutesOf(),
      state: store.state(),
      stock: this.colds.free(),
      kinds: store.kinds(),
      pricing: store.basis().pricing,
      kindWishes: store.basis().wishes,
      room: roomOfAll(store.appliances(), store.stock(), settings.freezerL),
      plate: plateOf(settings),
      eaters: settings.eaters.length,
      today: this.today(),
      wishes: this.wishes(),
    });
  });
  protected readonly rows = computed(() =>
    this.found().suits.map((suits: Suits) => ({
      kind: suits.kind,
      way: suits.way,
      why: whySuits(suits, this.wishes(), this.format),
    })),
  );
  protected readonly leftOut = computed(() =>
    this.found().leftOut.map(({ kind, why }) => ({ name: kind.name, why: leftOutWords(why) })),
  );
  protected readonly offers = computed(() =>
    offersTogether(this.store.basis().pricing.book, this.store.kinds(), this.today()).map((offer) => ({
      id: offer.kinds[0].id,
      says: worthAskingWords(offer, this.format),
    })),
  );

  constructor() {
    const key = draftKey('which');
    keepInTab(key, {
      use: this.use,
      hardest: this.hardest,
      minutes: this.minutes,
      knifeOnly: this.knifeOnly,
    });
  }

  protected goOnWith(kind: string, page: 'ask' | ''): void {
    this.asked.askFor(kind);
    void this.router.navigate(['/', this.household, 'counter', ...(page ? [page] : [])]);
  }
}
