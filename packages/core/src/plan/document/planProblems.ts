import { say } from '@bright-sprout/words/say';
import { isIsoDay, daysBetween, formatDay } from '../../calendar/days';
import { parsePeriod } from '../../calendar/period';
import { calendarProblems } from '../../calendar/schoolCalendar';
import { methodById, speciesById } from '../../seeds/catalogue';
import { comparesNothing, MOST_CONTAINERS, MOST_TREATMENTS, type PlanDocument } from './planDocument';
import { planTreatments } from './planTreatments';

/** Something in the plan that cannot be, with the field it stands at. */
export interface PlanProblem {
  field: string;
  sentence: string;
}

/** What has to be mended before a plan can be worked out at all. Nothing is changed by it. */
export function planProblems(plan: PlanDocument): PlanProblem[] {
  const problems: PlanProblem[] = [];
  const refuse = (field: string, sentence: string) => problems.push({ field, sentence });
  if (plan.question.trim().length < 5) refuse('question', say('planning.writeQuestionWantAnswer'));
  plan.factors.forEach((factor, f) => {
    if (factor.name.trim() === '') refuse(`factors.${f}.name`, say('planning.nameChange'));
    if (factor.levels.length < (comparesNothing(plan.kind) ? 1 : 2))
      refuse(`factors.${f}.levels`, say('planning.compareLeastTwoThings'));
    const names = factor.levels.map((l) => l.label.trim().toLowerCase());
    factor.levels.forEach((level, i) => {
      if (names[i] === '') refuse(`factors.${f}.levels.${i}`, say('planning.nameThisOne'));
      else if (names.indexOf(names[i]!) < i) refuse(`factors.${f}.levels.${i}`, say('planning.nameTakenAlready'));
      if (level.amount !== null && level.amount < 0) refuse(`factors.${f}.levels.${i}`, say('planning.amountCannotBelowZero'));
    });
  });
  if (plan.factors.length > 2 && plan.factors.every((f) => f.subject !== 'kind'))
    refuse('factors', say('planning.threeThingsOnceMore'));
  const treatments = planTreatments(plan).length;
  if (treatments > MOST_TREATMENTS)
    refuse('factors', say('planning.combinationsTooManyTell', { treatments, mostTreatments: MOST_TREATMENTS }));
  const whole = (field: string, value: number, least: number, most: number, what: string) => {
    if (!Number.isInteger(value) || value < least || value > most)
      refuse(field, say('planning.wholeNumber', { what, least, most }));
  };
  whole('containersEach', plan.containersEach, 1, 60, say('planning.containersOfEach'));
  whole('reserveEach', plan.reserveEach, 0, 6, say('planning.potsReserve'));
  whole('seedsEach', plan.seedsEach, 1, 500, say('planning.seedsInEach'));
  whole('keep', plan.keep, 1, 500, say('planning.plantsLeftAfterThinning'));
  whole('trays', plan.trays, 1, 6, say('planning.trays'));
  const all = (plan.containersEach + plan.reserveEach) * treatments;
  if (all > MOST_CONTAINERS)
    refuse('containersEach', say('planning.containersMoreWindowsillCarries', { all, mostContainers: MOST_CONTAINERS }));
  const amount = (field: string, value: number, most: number, what: string) => {
    if (!Number.isFinite(value) || value < 0 || value > most) refuse(field, say('planning.fromTo', { what, most }));
  };
  amount('fillMl', plan.fillMl, 20_000, say('planning.millilitresContainer'));
  amount('doseMl', plan.doseMl, 2000, say('planning.millilitresTime'));
  amount('sparePercent', plan.sparePercent, 300, say('planning.spareSeedPercent'));
  amount('packetSeeds', plan.packetSeeds, 100_000, say('planning.seedsPacket'));
  if (plan.ownCarrier) {
    whole('ownCarrier', plan.ownCarrier.columns, 1, 24, say('planning.placesSideSide'));
    whole('ownCarrier', plan.ownCarrier.rows, 1, 24, say('planning.placesBehindOther'));
    for (const mm of [plan.ownCarrier.wideMm, plan.ownCarrier.deepMm])
      if (!(mm >= 5 && mm <= 2000)) refuse('ownCarrier', say('planning.placeBetweenMmM'));
  }
  if (plan.seedLesson && !isIsoDay(plan.seedLesson.on)) refuse('seedLesson', say('planning.chooseDayLessonAbout'));
  if (plan.seedLesson && plan.seedLesson.on > plan.sowOn) refuse('seedLesson', say('planning.lessonAboutSeedsComes'));
  if (plan.goal && plan.goal.name.trim() === '') refuse('goal', say('planning.sayTall'));
  if (plan.goal && !(plan.goal.mm > 0 && plan.goal.mm <= 5000)) refuse('goal', say('planning.goalLineLiesBetween'));
  for (const [field, value] of [
    ['room.day', plan.room.day],
    ['room.night', plan.room.night],
  ] as const)
    if (!Number.isFinite(value) || value < -10 || value > 45) refuse(field, say('planning.roomBetweenC'));
  if (!speciesById(plan.speciesId)) refuse('speciesId', say('planning.chooseKindSeed'));
  if (!methodById(plan.methodId)) refuse('methodId', say('planning.chooseGrown'));
  if (plan.period.trim() !== '' && !parsePeriod(plan.period)) refuse('period', say('planning.writePeriodLikeEnd'));
  for (const sentence of calendarProblems(plan.calendar)) refuse('calendar', sentence);
  for (const day of plan.calendar.halfDays ?? []) if (!isIsoDay(day)) refuse('calendar', say('planning.halfDayDayCalendar'));
  for (const day of [...plan.checksAdded, ...plan.checksSkipped])
    if (!isIsoDay(day)) refuse('cadence', say('planning.checkDayCalendar'));
  if (plan.kind === 'age-ladder' && !isIsoDay(plan.lessonOn)) refuse('lessonOn', say('planning.chooseLessonDayEvery'));
  if (plan.thinOn !== '' && !isIsoDay(plan.thinOn)) refuse('thinOn', say('planning.typeDayThinningLeave'));
  if (plan.lastFrost !== '' && !isIsoDay(plan.lastFrost)) refuse('lastFrost', say('planning.typeDayLastFrost'));
  plan.factors.forEach((factor, f) =>
    factor.levels.forEach((level, i) => {
      if (level.seeds !== undefined && (!Number.isInteger(level.seeds) || level.seeds < 1 || level.seeds > 500))
        refuse(`factors.${f}.levels.${i}`, say('planning.seedsWholeNumber'));
      if (level.speciesId && !speciesById(level.speciesId)) refuse(`factors.${f}.levels.${i}`, say('planning.chooseKindSeed'));
    }),
  );
  if (!isIsoDay(plan.sowOn)) refuse('sowOn', say('common.chooseDaySowing'));
  if (!isIsoDay(plan.endOn)) refuse('endOn', say('planning.chooseLastDay'));
  if (isIsoDay(plan.sowOn) && isIsoDay(plan.endOn)) {
    if (plan.endOn <= plan.sowOn) refuse('endOn', say('planning.endComeAfterSowing', { sowOn: formatDay(plan.sowOn) }));
    else if (daysBetween(plan.sowOn, plan.endOn) > 366) refuse('endOn', say('planning.planLastsYearMost'));
  }
  return problems;
}
