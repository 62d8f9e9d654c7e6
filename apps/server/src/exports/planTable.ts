import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { isDated } from '@bright-sprout/core/calendar/days';
import { column, type ExportTable } from '@bright-sprout/core/formats/export/exportTable';
import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';

/** What was planned, line by line: question, treatments, how it is grown and read. */
export function planTable(investigation: InvestigationView): ExportTable {
  const { treatments, bench } = investigation;
  const rows: [string, string][] = [
    ['question', investigation.question],
    ['what was changed', investigation.factor],
    ...treatments.map((t): [string, string] => [
      `treatment ${t.code}`,
      `${t.label}${t.control ? ' (control)' : ''}, ${t.speciesName}`,
    ]),
    ['kind of plant', investigation.speciesName],
    ['grown in', investigation.methodName],
    ['sown on', isDated(investigation.sownOn) ? investigation.sownOn : ''],
    ['ruler read to', investigation.resolution],
    ['sprouted means', bench.sprouted],
    ['not up yet counts as', investigation.beforeSprouting === 'zero' ? 'a height of zero' : 'left out'],
    ['class', investigation.class.name],
    ['zone of the class', investigation.class.timeZone],
    ['how labels were dealt', splitWords(investigation.split)],
  ];
  return {
    name: 'plan',
    title: 'Plan',
    columns: [column('what', 'string', 'Part of the plan.'), column('settled', 'string', 'What was settled.')],
    rows,
  };
}
