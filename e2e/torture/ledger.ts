import type { Found } from './inside/look';

/** What the one outside knows: which deeds were planned, with how many entries, and which were confirmed. */
export class Ledger {
  readonly planned = new Map<string, number>();
  readonly confirmed = new Set<string>();

  /** What is lost or half-written, in words; nothing where all is well. */
  faultsIn({ deeds, registers, spoilt, damaged, isLawful }: Found): string[] {
    const there = new Set(registers);
    const lost = [...this.confirmed].filter((deed) => !(deed in deeds) || !there.has(deed));
    const half = [...this.planned].filter(([deed, entries]) => {
      const found = deeds[deed] ?? 0;
      return (found !== 0 && found !== entries) || (found !== 0) !== there.has(deed);
    });
    return [
      ...lost.map((deed) => `lost: ${deed}`),
      ...half.map(([deed, entries]) => `half-written: ${deed}, ${deeds[deed] ?? 0} of ${entries}`),
      ...(spoilt > 0 ? [`spoilt: ${spoilt}`] : []),
      ...(damaged > 0 ? [`damaged copies: ${damaged}`] : []),
      ...(isLawful ? [] : ['mass is lost or made']),
    ];
  }
}
