import type { Kind } from '../catalogue/kind-schema';
import type { RecordValue } from '../records/record';
import type { Lot } from '../ledger/lot';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

type OwnKind = RecordValue<'kind'>;

/** Saves a kind of the household's own, where no other is called so. */
export function saveKind(kind: OwnKind, kinds: readonly Kind[]): Result<Deed> {
  const name = kind.name.toLowerCase();
  const twin = kinds.find((each) => each.id !== kind.id && each.name.toLowerCase() === name);
  return twin
    ? failure(`There is a “${twin.name}” already. Give this one another name.`)
    : success({ records: [{ type: 'kind', key: kind.id, value: kind }], say: `${kind.name} is saved.` });
}

/** Takes a kind out of the lists; not one that a piece was bought as. */
export function removeKind({ id, name }: Pick<Kind, 'id' | 'name'>, pieces: readonly Lot[]): Result<Deed> {
  const bought = pieces.filter(({ kind }) => kind === id).length;
  return bought > 0
    ? failure(
        `${bought} ${bought === 1 ? 'piece was' : 'pieces were'} bought as ${name}: it stays, or they would lose their parts.`,
      )
    : success({ records: [{ type: 'kind', key: id, value: null }], say: `${name} is taken out.` });
}
