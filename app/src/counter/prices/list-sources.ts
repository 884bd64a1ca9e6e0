import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { dropList, keepList } from '@core/deeds/keep-list';
import { listSourceSchema, type ListSource } from '@core/price/shop-list';
import { PriceLists } from '../../devices/price-lists';
import { Clock } from '../../household/clock';
import { MAY_PRACTISE } from '../../household/may-practise';
import { HouseholdStore } from '../../household/household-store';
import { FileChoice } from '../../ui/field/file-choice';
import { TextField } from '../../ui/field/text-field';
import { saveText } from '../../ui/save-text';

/** Where this household's lists come from: files that it read, and paths on the server that it uses. */
@Component({
  selector: 'v-list-sources',
  imports: [FileChoice, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (each of sources(); track each.key) {
      <p class="source">
        <b>{{ each.name }}</b> <span class="soft">{{ each.from }}</span>
        <button
          type="button"
          class="quiet small"
          [attr.aria-label]="'Take out ' + each.name"
          (click)="takeOut(each.key, each.name)"
        >
          Take out
        </button>
      </p>
    }
    <form (submit)="$event.preventDefault(); addPath()" autocomplete="off">
      <v-file-choice
        action="Read a list"
        label="Shops’ list"
        accept=".json,application/json"
        (chosen)="addFile($event)"
      />
      <v-text
        label="Or where it lies on your own server"
        placeholder="/shops/lists.json"
        [most]="500"
        [(value)]="path"
        [problem]="wrongPath()"
      />
      <button type="submit" class="quiet">Add it</button>
    </form>
    @if (problem(); as text) {
      <p class="caution" role="alert">{{ text }}</p>
    }
    <p class="soft">
      A list is a JSON file.
      <button type="button" class="link" (click)="saveExample()">Save one to fill in</button>. A table of
      prices (CSV) is read in the price book.
    </p>
  `,
  styles: `
    .source {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 12px;
      align-items: center;
    }
    form {
      display: flex;
      flex-wrap: wrap;
      gap: 10px 14px;
      align-items: end;
    }
    .link {
      min-height: 44px;
    }
    v-text {
      min-width: min(100%, 300px);
    }
  `,
})
export class ListSources {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly lists = inject(PriceLists);
  private readonly mayPractise = inject(MAY_PRACTISE);

  protected readonly sources = computed(() =>
    [...this.store.lists()].map(([key, source]) => ({
      key,
      name: source.name,
      from: 'path' in source ? source.path : 'a file that was read',
    })),
  );
  protected readonly path = signal('');
  protected readonly tried = signal(false);
  protected readonly problem = signal('');
  private readonly source = computed((): ListSource | null => {
    const path = this.path().trim();
    const read = listSourceSchema.safeParse({ name: path, path });
    return read.success ? read.data : null;
  });
  protected readonly wrongPath = computed(() =>
    this.tried() && !this.source()
      ? 'From the root of the server that Vendicus comes from, like /shops/lists.json. Nothing is fetched from anywhere else.'
      : '',
  );

  protected async addFile(file: File): Promise<void> {
    const read = await this.lists.read(file);
    this.problem.set(read.ok ? '' : read.problem);
    if (read.ok) await this.add({ name: file.name, lists: read.value });
  }

  /** It is kept once it was reached, so that a slip is seen at once. */
  protected async addPath(): Promise<void> {
    this.tried.set(true);
    const source = this.source();
    if (!source) return;
    const loaded = await this.lists.load(source, this.clock.today(), this.mayPractise);
    this.problem.set(loaded.ok ? '' : loaded.problem);
    if (!loaded.ok || !(await this.add(source))) return;
    this.path.set('');
    this.tried.set(false);
  }

  protected takeOut(key: string, name: string): Promise<unknown> {
    return this.store.perform(dropList(name, key));
  }

  /** A list with one line of each kind, in the household's currency. */
  protected saveExample(): void {
    const week = {
      on: this.clock.today(),
      lines: [['strip-steak', 2490, 0] as const, ['beef-grind', 990, 1] as const],
    };
    const { currency } = this.store.settings();
    const list = {
      format: 'vendicus-shop-lists',
      version: 1,
      currency,
      shops: [{ shop: 'A shop', weeks: [week] }],
    };
    saveText('vendicus-shop-list.json', JSON.stringify(list, null, 2), 'application/json');
  }

  private async add(source: ListSource): Promise<boolean> {
    return (await this.store.perform(keepList(source, this.clock.newId()))).ok;
  }
}
