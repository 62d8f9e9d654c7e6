import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { type ComparedRecords } from '@bright-sprout/core/compare/compareOnDay';

/** What the comparison functions need of the records. */
export function comparedRecords({ investigation, readings }: InvestigationRecords): ComparedRecords {
  return { treatments: investigation.treatments, containers: investigation.containers, readings };
}
