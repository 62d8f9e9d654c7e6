import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { recordedDays, standingsOn } from '@bright-sprout/core/measure/standing';
import { type RibbonDay } from './DayRibbon';

/** Share of the containers with an answer on each recorded day; a lost one has been answered for good. */
export function ribbonDays({ investigation, readings }: InvestigationRecords): RibbonDay[] {
  const ids = investigation.containers.map((c) => c.id);
  return recordedDays(readings).map((day) => {
    const answered = [...standingsOn(ids, readings, day).values()].filter((s) => s.state !== 'not-checked').length;
    return { day, share: ids.length === 0 ? 0 : answered / ids.length };
  });
}
