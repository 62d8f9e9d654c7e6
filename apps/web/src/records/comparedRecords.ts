import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type Askable, askableOf } from '@bright-sprout/core/compare/askable';
import { type GroupedRecords } from '@bright-sprout/core/compare/groups';
import { measuresShown, policiesOf } from './found';

/** What the comparison functions need of the records. */
export function comparedRecords({ investigation, readings }: InvestigationRecords): GroupedRecords {
  return {
    treatments: investigation.treatments.map(({ code, label, control, speciesName }) => ({
      code,
      label,
      control,
      kind: speciesName,
    })),
    containers: investigation.containers,
    readings,
  };
}

/** What can be asked of an investigation. */
export function askableRecords(records: InvestigationRecords, others: Askable['others'] = []): Askable {
  const { investigation, readings } = records;
  return askableOf({
    records: comparedRecords(records),
    design: investigation.design,
    measures: measuresShown(investigation, readings),
    policies: policiesOf(investigation),
    others,
    predicted: investigation.expected.some((e) => e.heightMm !== null),
  });
}
