import type { Base } from '../../../app/src/household/disk/base';
import type { Joining } from '../../../app/src/household/disk/joining';
import type { Repository } from '../../../app/src/household/disk/repository';
import type { DeedNote, SecondPlace } from '../../../app/src/household/disk/second-place';
import type { Fault } from '../fault';

interface Tab {
  readonly repository: Repository;
  readonly joining: Joining;
}

/** Plants a fault in this page's way to the base. */
export function sabotage({ repository, joining }: Tab, fault: Fault): void {
  const { base, second } = repository;
  const planted: Partial<Record<Fault, () => void>> = {
    'never-overwritten': () => neverOverwrites(base),
    'replaced-not-kept': () => Object.assign(joining, { keep: () => Promise.resolve() }),
    'durability-relaxed': () => {
      const { _options } = base.database as unknown as { _options: object };
      Object.assign(_options, { chromeTransactionDurability: 'relaxed' });
    },
    'heavier-note': () => writesHeavier(second),
  };
  planted[fault]?.();
}

function neverOverwrites(base: Base): void {
  const put = base.putRecords.bind(base);
  base.putRecords = async (records, spoilt) => {
    const there = new Set((await base.registers(spoilt)).map(({ register }) => register));
    return put(new Map([...records].filter(([register]) => !there.has(register))), spoilt);
  };
}

/** In the second place every weight is a gram more. */
function writesHeavier(second: SecondPlace): void {
  const add = second.add.bind(second);
  second.add = (note, household, isCleared) => {
    const text = JSON.stringify(note).replace(/"massDg":(\d+)/g, (_, dg) => `"massDg":${Number(dg) + 10}`);
    return add(JSON.parse(text) as DeedNote, household, isCleared);
  };
}
