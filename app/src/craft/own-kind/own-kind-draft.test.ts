import { kindById } from '@core/catalogue/kinds';
import { copyOfKind } from '@core/catalogue/own-kind';
import type { Kind } from '@core/catalogue/kind-schema';
import { at, inHousehold } from '../../testing/household';
import { OwnKindDraft } from './own-kind-draft';

describe('a kind while it is being written', () => {
  /** A new kind: a copy of another, or a blank one. */
  const open = async (from: string | null, change: Partial<Kind> = {}): Promise<OwnKindDraft> => {
    const { it: draft } = await inHousehold(OwnKindDraft, {}, [OwnKindDraft, at({ id: 'new' }, { from })]);
    draft.change(change);
    return draft;
  };

  it('a copy is finished at once, and comes out as it went in', async () => {
    const draft = await open('whole-chicken');
    const copy = copyOfKind(kindById('whole-chicken')!, draft.kind().id);
    expect(draft.problems()).toEqual([]);
    expect(draft.finished()).toEqual(copy);
  });

  it('says what a blank one lacks, and is finished when it has it', async () => {
    const draft = await open(null);
    expect(draft.problems()).toEqual(['Give the kind a name.']);
    draft.change({ name: 'Goose' });
    expect(draft.problems()).toEqual([]);
    expect(draft.finished()).toMatchObject({ name: 'Goose', plural: 'Goose, several' });
  });

  it.each([
    ['over', '98', /come to 101 %, 1 % too much/],
    ['under', '90', /come to 93 %, 7 % too little/],
    ['no number', 'most', /not a share from 0 to 100/],
    ['negative', '-5', /not a share from 0 to 100/],
  ])('shares that are %s are said', async (_what, text, problem) => {
    const draft = await open(null, { name: 'Goose' });
    draft.setShare('usual', 'main', text);
    expect(draft.problems().join('\n')).toMatch(problem);
  });

  it('a new part is given by the last step, and wants a name and a share', async () => {
    const draft = await open(null, { name: 'Goose' });
    draft.addPart();
    const part = draft.kind().parts.at(-1)!;
    expect(draft.problems()).toEqual(['Give every part a name.']);
    draft.changePart(part.id, { name: 'Portions' });
    draft.setShare('usual', 'main', '67');
    draft.setShare('usual', part.id, '30 %');
    expect(draft.problems().join()).toMatch(/two parts called “Portions”/);
    draft.changePart(part.id, { name: 'Fat', destination: 'render' });
    expect(draft.problems()).toEqual([]);
    expect(draft.finished().ways[0]?.shares).toEqual({ main: 0.67, [part.id]: 0.3 });
    draft.removePart(part.id);
    expect(draft.problems().join()).toMatch(/30 % too little/);
  });

  it('a part that no step of the way gives is said', async () => {
    const draft = await open(null, { name: 'Goose' });
    const [, cut] = draft.kind().steps;
    draft.toggleFrees(cut!, 'main');
    expect(draft.problems().join()).toMatch(/no step gives “Portions”/);
  });

  it('steps move, in every way', async () => {
    const draft = await open('eye-of-round');
    draft.moveStep('silver', -1);
    expect(
      draft
        .kind()
        .steps.map(({ id }) => id)
        .slice(0, 3),
    ).toEqual(['open', 'silver', 'fat-off']);
    for (const way of draft.kind().ways)
      expect(way.steps.indexOf('silver')).toBeLessThan(way.steps.indexOf('fat-off'));
    expect(draft.problems()).toEqual([]);
  });

  it('a weight that is none is asked for', async () => {
    const draft = await open(null, { name: 'Goose' });
    draft.setUsual('heavy', '5 kg');
    expect(draft.problems().join()).toMatch(/usual weight/);
    draft.setUsual('6 kg', '5 kg');
    expect(draft.problems().join()).toMatch(/Exchange them/);
  });
});
