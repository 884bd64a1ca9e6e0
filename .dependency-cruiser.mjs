// The arrows of docs/architecture.md, and no circles, types included. A folder that is not named here fails.
import { readdirSync } from 'node:fs';

// Inside the core, `units` is the ground, and `ledger` knows nothing else.
const LEDGER = ['units', 'ledger'];
const TRADE = [...LEDGER, 'catalogue'];
const COMPUTED = [...TRADE, 'optimise', 'label', 'scale', 'slice', 'feast', 'price', 'cost', 'yield', 'pack'];
const RECORDED = [...COMPUTED, 'board', 'cold', 'freeze', 'dinner'];
const CORE = {
  units: [],
  ledger: ['units'],
  optimise: [],
  label: ['units'],
  scale: ['units'],
  catalogue: LEDGER,
  slice: TRADE,
  feast: ['units'],
  price: [...TRADE, 'feast'],
  cost: [...TRADE, 'price'],
  yield: [...TRADE, 'price', 'cost'],
  pack: [...TRADE, 'cost', 'optimise'],
  board: [...TRADE, 'yield', 'scale'],
  cold: TRADE,
  freeze: [...TRADE, 'pack', 'cold'],
  dinner: [...TRADE, 'feast', 'price', 'cost', 'yield', 'pack', 'cold', 'freeze'],
  records: RECORDED,
  format: [...RECORDED, 'records'],
  said: [...TRADE, 'format'],
  books: [...RECORDED, 'records', 'format'],
  deeds: [...RECORDED, 'records', 'format', 'books', 'said'],
  exchange: [...RECORDED, 'records', 'format', 'books'],
  story: [...LEDGER, 'pack', 'price', 'records', 'exchange'],
};
const PLACES = ['counter', 'block', 'wrap', 'freezer', 'books', 'craft', 'start'];
// What the places of the app stand on; none of it knows a place.
const GROUND = ['ui', 'compute', 'devices', 'household'];
const APP = {
  ui: [],
  compute: [],
  devices: ['ui', 'compute'],
  household: ['ui', 'compute'],
  ...Object.fromEntries(PLACES.map((place) => [place, GROUND])),
  shell: [...GROUND, ...PLACES],
  testing: GROUND,
};

function allNamed(folder, named) {
  const there = readdirSync(folder, { withFileTypes: true }).filter((each) => each.isDirectory());
  for (const { name } of there)
    if (!named.includes(name))
      throw new Error(`${folder}/${name} stands under no rule: .dependency-cruiser.mjs`);
}
allNamed('core/src', [...Object.keys(CORE), 'testing']);
allNamed('app/src', Object.keys(APP));

/** Tests may reach for whatever they check. */
const TESTS = '\\.test\\.ts$';
const rooms = (folder, names) => `^${folder}/(${names.join('|')})/`;
const OWN = ['core', 'app', 'cli', 'demo', 'server', 'e2e'];
const ours = `^(${OWN.join('|')})/`;

/** From here only there, of all that is ours. */
const only = (name, from, to) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: TESTS },
  to: { path: ours, pathNot: [from, ...to] },
});
const core = rooms('core/src', Object.keys(CORE));

export default {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...Object.entries(CORE).map(([room, to]) =>
      only(`core-${room}`, rooms('core/src', [room]), to.length > 0 ? [rooms('core/src', to)] : []),
    ),
    only('core-testing', '^core/src/testing/', [core]),
    ...Object.entries(APP).map(([room, to]) =>
      only(`app-${room}`, rooms('app/src', [room]), [
        core,
        ...(to.length > 0 ? [rooms('app/src', to)] : []),
        ...(room === 'testing' ? ['^core/src/testing/'] : []),
      ]),
    ),
    only('app-main', '^app/src/main\\.ts$', ['^app/src/shell/']),
    only('cli', '^cli/', [core]),
    only('demo', '^demo/', [core]),
    only('server', '^server/', [rooms('core/src', ['scale', 'units'])]),
    only('e2e', '^e2e/', [
      core,
      '^core/src/testing/',
      '^app/src/household/',
      '^app/src/start/first-settings\\.ts$',
    ]),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.node.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.mjs', '.js', '.json'] },
  },
};
