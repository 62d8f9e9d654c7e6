import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { isDated } from '@bright-sprout/core/calendar/days';
import { column, type ExportTable } from '@bright-sprout/core/formats/export/exportTable';
import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';

/** What was planned, line by line: question, treatments, how it is grown and read. */
export function planTable(investigation: InvestigationView): ExportTable {
  const { treatments, bench } = investigation;
  const rows: [string, string][] = [
    ['question', investigation.question],
    [say('exports.whatWasChanged'), investigation.factor],
    ...treatments.map((t): [string, string] => [
      say('exports.treatmentCode', { code: t.code }),
      say('exports.control', { label: t.label, control: t.control, speciesName: t.speciesName }),
    ]),
    [say('exports.kindPlant'), investigation.speciesName],
    [say('exports.grownIn'), investigation.methodName],
    [say('exports.sownOn'), isDated(investigation.sownOn) ? investigation.sownOn : ''],
    [say('exports.rulerRead'), investigation.resolution],
    [say('exports.sproutedMeans'), bench.sprouted],
    [say('exports.yetCounts'), investigation.beforeSprouting === 'zero' ? say('exports.heightZero') : say('common.leftOut')],
    ['class', investigation.class.name],
    [say('exports.zoneClass'), investigation.class.timeZone],
    [say('exports.labelsDealt'), splitWords(investigation.split)],
  ];
  return {
    name: 'plan',
    title: say('common.plan'),
    columns: [column('what', 'string', say('exports.partPlan')), column('settled', 'string', say('exports.whatWasSettled'))],
    rows,
  };
}
