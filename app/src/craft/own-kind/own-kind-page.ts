import { ANIMAL_IDS } from '@core/ledger/animal';
import { removeKind, saveKind } from '@core/deeds/own-kind';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { DESTINATION_IDS } from '@core/ledger/destination';
import { SHOP_ITEMS } from '@core/catalogue/shop-items';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { Ask } from '../../ui/ask/ask';
import { PieceDrawing } from '../../ui/piece/piece-drawing';
import { OwnKindDraft } from './own-kind-draft';
import { readText } from '@core/format/readers';
import { Check } from '../../ui/field/check';
import { asOptions, Choice, type Options } from '../../ui/field/choice';
import { Few } from '../../ui/field/few';
import { Field } from '../../ui/field/field';
import { TextField } from '../../ui/field/text-field';
import { Slips } from '../../ui/told/slips';
import { BarePicture } from '../../ui/told/bare-picture';

/** A kind of the household's own: its parts, ways and steps. One that ships is copied, never changed. */
@Component({
  selector: 'v-own-kind-page',
  imports: [BarePicture, Slips, Check, Choice, Few, Field, FormsModule, TextField, RouterLink, PieceDrawing],
  providers: [OwnKindDraft],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './own-kind-page.html',
  styleUrl: './own-kind-page.css',
})
export class OwnKindPage {
  protected readonly draft = inject(OwnKindDraft);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  private readonly notices = inject(Notices);
  private readonly router = inject(Router);
  private readonly ask = inject(Ask);

  /** The kind to change, or "new". */
  readonly id = input.required<string>();
  /** The kind that a new one begins as. */
  readonly from = input<string>();

  protected readonly animals = asOptions(ANIMAL_IDS);
  protected readonly bones = asOptions(['boneless', 'bone-in']);
  protected readonly destinations = asOptions(DESTINATION_IDS);
  protected readonly readText = readText;
  protected readonly tried = signal(false);
  protected readonly isNew = computed(() => this.id() === 'new');
  protected readonly isMissing = computed(
    () => !this.isNew() && !this.store.kinds().some(({ id }) => id === this.id()),
  );
  protected readonly items = computed((): Options<string> => {
    const animal = this.draft.kind().animal;
    const items = SHOP_ITEMS.filter((each) => each.animal === animal && each.piece === undefined);
    return [['', 'nothing particular'], ...items.map(({ id, name }) => [id, name] as const)];
  });

  protected synonyms(text: string): string[] {
    return text
      .split(',')
      .map((each) => each.trim())
      .filter(Boolean);
  }

  protected async save(): Promise<void> {
    this.tried.set(true);
    if (this.draft.problems().length > 0)
      return this.notices.problem('Not saved yet: see what is still wrong, at the end of the page.');
    const kind = this.draft.finished();
    const written = await this.store.perform(saveKind(kind, this.store.kinds()));
    if (!written.ok) return;
    this.draft.forget();
    await this.router.navigate(['/', this.household, 'craft', kind.id]);
  }

  protected async remove(): Promise<void> {
    const kind = this.draft.kind();
    const deed = removeKind(kind, this.store.pieces());
    const text = `${kind.name} has not been bought yet. It would be gone from the lists.`;
    if (deed.ok && !(await this.ask.confirm('Take it out?', text, 'Take it out'))) return;
    if ((await this.store.perform(deed)).ok) await this.router.navigate(['/', this.household, 'craft']);
  }
}
