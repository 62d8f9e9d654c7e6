import { type AlikeView, type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type GroupedRecords } from '@bright-sprout/core/compare/groups';
import { atEqualAge, matched, pooledRecords, type Run } from '@bright-sprout/core/compare/pooled';
import { type Question } from '@bright-sprout/core/compare/question';
import { useMemo } from 'react';
import { useSeveralInvestigations } from '../../../api/queries';
import { comparedRecords } from '../../../records/comparedRecords';

const NONE: readonly string[] = [];

/** The records that a question is put to: its own, or those of several classes together, all at equal age. */
export function useTakenTogether(
  records: InvestigationRecords,
  question: Question,
  alike: readonly AlikeView[],
): { runs: Run[]; compared: GroupedRecords; question: Question } {
  const wanted = question.between === 'classes' || question.between === 'earlier' ? question.withOthers : NONE;
  const ids = useMemo(() => wanted.filter((id) => alike.some((a) => a.id === id)), [wanted, alike]);
  const others = useSeveralInvestigations(ids);
  const own = useMemo(() => comparedRecords(records), [records]);
  return useMemo(() => {
    const run = (of: InvestigationRecords, compared = comparedRecords(of)): Run => ({
      id: of.investigation.id,
      name: `${of.investigation.class.name} ${of.investigation.sownOn.slice(0, 4)}`,
      sownOn: of.investigation.sownOn,
      records: compared,
    });
    const runs = [run(records, own), ...others.map((o) => run(o)).filter((r) => matched(own, r.records) !== null)];
    if (runs.length === 1) return { runs, compared: own, question };
    return { runs, compared: pooledRecords(runs), question: atEqualAge(question, records.investigation.sownOn) };
  }, [records, own, question, others]);
}
