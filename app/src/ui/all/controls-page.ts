import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { Format } from '@core/format/format';
import { countReader, massReader } from '@core/format/readers';
import { readTime } from '@core/format/read-time';
import type { MenuItem } from 'primeng/api';
import { Ask } from '../ask/ask';
import { Check } from '../field/check';
import { asOptions, Choice } from '../field/choice';
import { Day } from '../field/day';
import { Few } from '../field/few';
import { Field } from '../field/field';
import { FileChoice } from '../field/file-choice';
import { Pick } from '../field/pick';
import { ReadableForm } from '../form/readable-form';
import { TextField } from '../field/text-field';
import { MenuButton } from '../over/menu-button';
import { PopoverButton } from '../over/popover-button';
import { Progress } from '../told/progress';
import { Toggle } from '../field/toggle';
import { Slips } from '../told/slips';
import { ToldFigure } from '../told/told-figure';
import { Waiting } from '../told/waiting';

/** The day that this page is about: it shows the same whenever it is looked at. */
const TODAY = '2026-11-26';
const FORMAT = new Format({
  settings: () => ({ system: 'metric', decimal: '.', currency: 'EUR' }),
  today: () => TODAY,
  zone: () => 'UTC',
});

/** So many shops as nobody has; one of them as bad input has it. */
const SHOPS = [
  'Ærø Kød 🥩',
  'الجزارة عند الميناء',
  'x'.repeat(200),
  ...Array.from({ length: 1997 }, (_, nth) => `Shop ${nth + 1}`),
];

/** Every control in every state: for the eye, and for the tests. In development only. */
@Component({
  selector: 'v-controls-page',
  imports: [
    Check,
    Choice,
    Day,
    Few,
    Field,
    FileChoice,
    MenuButton,
    Pick,
    PopoverButton,
    Progress,
    ReadableForm,
    Slips,
    TextField,
    ToldFigure,
    Waiting,
    Toggle,
  ],
  providers: [{ provide: Format, useValue: FORMAT }],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './controls-page.html',
  styleUrl: './controls-page.css',
})
export class ControlsPage {
  private readonly ask = inject(Ask);
  protected readonly format = inject(Format);
  protected readonly today = TODAY;

  protected readonly name = signal('Lamb shanks');
  protected readonly long = signal('x'.repeat(200));
  protected readonly note = signal('');
  protected readonly search = signal('');
  protected readonly massDg = signal(12_000);
  protected readonly time = signal('18:30');
  protected readonly guests = signal(2);
  protected readonly animal = signal('beef');
  protected readonly nothing = signal('');
  protected readonly many = signal('part 7');
  protected readonly shop = signal('');
  protected readonly day = signal('');
  protected readonly bought = signal('2026-11-20');
  protected readonly yes = signal(true);
  protected readonly no = signal(false);
  protected readonly unit = signal('kg');
  protected readonly sent = signal(0);
  protected readonly answered = signal('');
  protected readonly done = signal('');
  protected readonly percent = signal(40);

  protected readonly animals = asOptions(['beef', 'pork', 'lamb', 'chicken', 'turkey']);
  protected readonly orNothing = [['', 'unknown'], ...this.animals] as const;
  protected readonly parts = asOptions(Array.from({ length: 40 }, (_, nth) => `part ${nth + 1}`));
  protected readonly units = asOptions(['kg', 'lb', '100 g', 'each']);
  protected readonly shops = SHOPS;
  protected readonly readMass = massReader(this.format, 'small');
  protected readonly readTime = readTime;
  protected readonly readGuests = countReader(0, 60, 'Guests are');
  protected readonly rows = [
    { piece: 'Strip loin', weight: '5.318 kg', paid: '€79.77', saved: '€31.20' },
    { piece: 'Lamb leg, bone-in', weight: '2.400 kg', paid: '€33.36', saved: '−€4.10' },
  ];
  protected readonly items: MenuItem[] = [
    { label: 'Print', icon: 'pi pi-print', command: () => this.done.set('printed') },
    { label: 'Save as CSV', icon: 'pi pi-download', command: () => this.done.set('saved') },
  ];

  protected async asks(): Promise<void> {
    const yes = await this.ask.confirm(
      'A warm freezer',
      'At −5 °C meat does not keep as published.',
      'Save it all the same',
    );
    this.answered.set(yes ? 'yes' : 'no');
  }
}
