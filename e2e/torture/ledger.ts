import type { Found } from './inside/look';
import type { Values } from './inside/texts';

/** A deed that is about to be written. */
interface Planned {
  readonly entries: number;
  /** What each register is to say by it. */
  readonly registers: Values;
}

/** What the one outside knows: which deeds were planned, which were confirmed, and what they said. */
export class Ledger {
  /** In the order in which they were planned; a register is written by one hand alone. */
  private readonly planned = new Map<string, Planned>();
  /** Entries as they were when their deed was confirmed, by id. */
  private readonly entries = new Map<string, string>();
  private readonly complaints: string[] = [];
  readonly confirmed = new Set<string>();

  plans(deed: string, planned: Planned): void {
    this.planned.set(deed, planned);
  }

  confirms(deed: string, entries: Values): void {
    this.confirmed.add(deed);
    for (const [id, text] of Object.entries(entries)) this.entries.set(id, text);
  }

  complains(text: string): void {
    this.complaints.push(text);
  }

  /** What is lost, half-written or other than it was written, in words; nothing where all is well. */
  faultsIn({ deeds, entries, registers, spoilt, damaged, isLawful }: Found): string[] {
    const lost = [...this.confirmed].filter((deed) => !(deed in deeds) || !(`price/${deed}` in registers));
    const half = [...this.planned].filter(([deed, planned]) => {
      const found = deeds[deed] ?? 0;
      const isThere = `price/${deed}` in registers;
      return (found !== 0 && found !== planned.entries) || (found !== 0) !== isThere;
    });
    const others = [...this.entries].filter(([id, text]) => id in entries && entries[id] !== text);
    return [
      ...this.complaints,
      ...lost.map((deed) => `lost: ${deed}`),
      ...half.map(([deed, planned]) => `half-written: ${deed}, ${deeds[deed] ?? 0} of ${planned.entries}`),
      ...others.map(([id, text]) => `another value: ${id} was ${text}, and is ${entries[id] ?? ''}`),
      ...this.wrongRegisters(registers),
      ...(spoilt > 0 ? [`spoilt: ${spoilt}`] : []),
      ...(damaged > 0 ? [`damaged copies: ${damaged}`] : []),
      ...(isLawful ? [] : ['mass is lost or made']),
    ];
  }

  /** A register says what the last confirmed deed has said, or what was on its way after that. */
  private wrongRegisters(found: Values): string[] {
    const said = new Map<string, { readonly deed: string; readonly value: string }[]>();
    for (const [deed, { registers }] of this.planned)
      for (const [register, value] of Object.entries(registers))
        said.set(register, [...(said.get(register) ?? []), { deed, value }]);
    return [...said].flatMap(([register, all]) => {
      const last = all.findLastIndex(({ deed }) => this.confirmed.has(deed));
      const may = all.slice(Math.max(last, 0)).map(({ value }) => value);
      const is = found[register];
      if (is === undefined ? last < 0 : may.includes(is)) return [];
      return [`a register: ${register} was to say ${may.join(' or ')}, and says ${is ?? 'nothing'}`];
    });
  }
}
