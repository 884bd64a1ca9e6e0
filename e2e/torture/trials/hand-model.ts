/** What is on the disk: entries by id, as they stand there, and registers. */
export interface Stored {
  readonly entries: readonly (readonly [id: string, text: string])[];
  readonly registers: readonly string[];
}

/** Knows what was on the disk, and says what may not be. */
export interface HandModel {
  /**
   * @param may `nothing` of an act that writes nothing, such as going back; `one` of a press; `more` where a field
   *   that stands for itself was left by it, too
   * @returns what is wrong, in words
   */
  after(now: Stored, may: 'nothing' | 'one' | 'more'): string[];
}

/** A model of a household under a hand: entries are only ever added, by what does something, one deed an act. */
export function handModel(begin: Stored): HandModel {
  const known = new Map(begin.entries);
  let registers = begin.registers;
  return {
    after(now, may) {
      const writesNothing = may === 'nothing';
      const there = new Map(now.entries);
      const lost = [...known]
        .filter(([id, text]) => there.get(id) !== text)
        .map(([id]) => `lost or changed: ${id}`);
      const fresh = now.entries.filter(([id]) => !known.has(id));
      const deeds = new Set(fresh.map(([id, text]) => (JSON.parse(text) as { deed?: string }).deed ?? id));
      const twice =
        may !== 'more' && deeds.size > 1
          ? [`done twice by one act: ${fresh.map(([, text]) => text).join(' ')}`]
          : [];
      const unasked = writesNothing ? fresh.map(([, text]) => `written unasked: ${text}`) : [];
      const isRewritten = writesNothing && now.registers.join('\n') !== registers.join('\n');
      const set = isRewritten
        ? now.registers.filter((each) => !registers.includes(each)).map((each) => `set unasked: ${each}`)
        : [];
      for (const [id, text] of fresh) known.set(id, text);
      registers = now.registers;
      return [...lost, ...twice, ...unasked, ...set];
    },
  };
}
