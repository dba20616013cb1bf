import type { Criterion, RubricStrand } from '@pelvo/core';
import { newId } from '../../device';
import { COUNTED_EDITING } from './counted';
import { CRITICAL_EDITING } from './critical';
import type { EditingOf } from './editing';
import { LADDER_EDITING } from './ladder';
import { LEVELS_EDITING } from './levels';
import { MEASURED_EDITING } from './measured';

export { NumberField } from './editing';

/** How each kind is edited; one that is missing does not compile. */
export const EDITING: { readonly [K in Criterion['kind']]: EditingOf<K> } = {
  levels: LEVELS_EDITING,
  critical: CRITICAL_EDITING,
  measured: MEASURED_EDITING,
  counted: COUNTED_EDITING,
  ladder: LADDER_EDITING,
};

const editingOf = (criterion: Criterion) => EDITING[criterion.kind] as unknown as EditingOf<never>;

export const cellsOf = (criterion: Criterion) => editingOf(criterion).cells(criterion as never);

/** The parts of a criterion that belong to its kind, to be changed. */
export function EditedBy({ criterion, onChange }: { criterion: Criterion; onChange: (criterion: Criterion) => void }) {
  const { Editing } = editingOf(criterion);
  return <Editing criterion={criterion as never} onChange={onChange} />;
}

export const newCriterion = (strand: RubricStrand, kind: Criterion['kind']): Criterion =>
  ({
    key: newId().slice(0, 8),
    name: 'New criterion',
    strand,
    evidence: kind === 'measured' ? 'measured' : 'seen',
    faults: [],
    kind,
    ...EDITING[kind].fresh,
  }) as Criterion;
