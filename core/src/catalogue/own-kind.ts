import type { Kind } from './kind-schema';

/** A kind of the household's own to begin with: one way, one part, the two steps that every piece has. */
export function blankKind(id: string): Kind {
  return {
    id,
    name: '',
    plural: '',
    synonyms: [],
    animal: 'beef',
    bone: 'boneless',
    knife: { enough: true, why: 'The household’s own kind: nothing is known of it yet.' },
    usualG: [500, 5000],
    about: 'A kind of our own.',
    parts: [{ id: 'main', name: 'Portions', portion: 'portion', portions: 'portions', destination: 'main' }],
    steps: [
      {
        id: 'open',
        title: 'Open and drain',
        how: 'Over a deep tray; pour the liquid away, pat it dry, weigh it again: this is the true start.',
        tool: 'shears, tray, paper',
        caution: 'Raw juices carry germs: wash hands, tray and sink before anything else touches them.',
        frees: [],
        purpose: 'liquid is weighed out',
        minutes: 4,
      },
      {
        id: 'cut',
        title: 'Cut it up',
        how: 'As you know it.',
        tool: 'knife',
        caution: 'Strokes go away from the body, and the free hand stays behind the edge.',
        frees: ['main'],
        minutes: 10,
      },
    ],
    ways: [
      {
        id: 'usual',
        name: 'As usual',
        about: 'As we cut it.',
        shares: { main: 0.97 },
        lossShare: 0.03,
        estimated: true,
        steps: ['open', 'cut'],
      },
    ],
    lookFor: ['Little free liquid in the bag.'],
    endCheck: ['Run a hand over it for bone chips, gristle and glands.'],
    scatter: { phi: 200, why: 'Nothing is known yet of how much these differ; own weighings teach it.' },
    marks: [],
    askFor: 'The whole piece, still in its bag.',
  };
}

/**
 * A copy of a kind to change: everything of it under an id and name of its own, its drawing too.
 * Its shares are estimates until own weighings replace them.
 */
export function copyOfKind(kind: Kind, id: string): Kind {
  return {
    ...kind,
    id,
    name: `${kind.name}, our way`,
    itemNumber: undefined,
    drawnAs: kind.drawnAs ?? kind.id,
    ways: kind.ways.map((way) => ({ ...way, estimated: true })),
  };
}
