import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Format } from '@core/format/format';

/** Common practice. */
const TOOLS: readonly { readonly name: string; readonly what: string }[] = [
  {
    name: 'Boning knife',
    what: 'Thin and stiff, 13 to 16 cm: seams, silver skin, bones. Held like a pencil or a dagger, never towards the body.',
  },
  {
    name: 'Long breaking or slicing knife',
    what: '25 cm and more: straight steaks in one long stroke. A short knife makes wavy steaks.',
  },
  { name: 'Shears', what: 'For the back of a bird. Bone ends are sharp: the free hand stays outside.' },
  {
    name: 'Steel',
    what: 'Sets the edge straight again, a few light strokes on each side as work goes on; wipe the knife after. It does not sharpen what is blunt: a stone does.',
  },
  {
    name: 'Saw',
    what: 'A fine one, only where a bone must be crossed. Steaks across the bone and most lamb chops want one: ask the shop, or pass. Wipe the bone dust off.',
  },
  { name: 'Board', what: 'Large and heavy, on a damp cloth so that it cannot move. One for meat alone.' },
  { name: 'Paper towel', what: 'Dries the piece, and grips membranes and silver skin.' },
  { name: 'Twine', what: 'Cotton, undyed, for roasts; tie from the middle outwards.' },
  {
    name: 'Trays',
    what: 'One for each destination, and a deep one for the liquid. Weigh them once, or tare them.',
  },
  { name: 'Cut-resistant glove', what: 'On the free hand. For beginners, and no shame for anyone else.' },
];
const RULES = [
  'A sharp knife needs less force and slips less.',
  'Dry hands, dry handle, dry board.',
  'The free hand stays behind the edge; strokes go away from the body.',
  'The edge stays in sight: lift the flap and look before you cut.',
  'Short shallow cuts, 1 to 1.5 cm at a time, the blade against the bone.',
  'Resistance means that the joint was missed: move the limb, find the gap, never force it.',
  'A falling knife has no handle: step back and let it fall.',
  'Knives lie flat, edges away, and never under water where nobody sees them.',
  'Turn the piece so that the knife hand stays comfortable. Tired is the time to stop.',
];

@Component({
  selector: 'v-knives-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <header>
        <h1>Knives, steel and board</h1>
        <p>
          Few tools, kept sharp. Common practice; where you are taught otherwise by someone licensed to, do
          that.
        </p>
      </header>
      <h2>So that nobody is hurt</h2>
      <ol>
        @for (each of rules; track each) {
          <li>{{ format.told(each) }}</li>
        }
      </ol>
      <h2>On the table</h2>
      <dl>
        @for (each of tools; track each.name) {
          <div>
            <dt>{{ each.name }}</dt>
            <dd>{{ format.told(each.what) }}</dd>
          </div>
        }
      </dl>
    </div>
  `,
  styleUrl: './knives-page.css',
})
export class KnivesPage {
  protected readonly format = inject(Format);
  protected readonly tools = TOOLS;
  protected readonly rules = RULES;
}
