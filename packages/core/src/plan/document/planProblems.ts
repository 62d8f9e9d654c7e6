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
  const say = (field: string, sentence: string) => problems.push({ field, sentence });
  if (plan.question.trim().length < 5) say('question', 'Write the question you want to answer.');
  plan.factors.forEach((factor, f) => {
    if (factor.name.trim() === '') say(`factors.${f}.name`, 'Name what you change.');
    if (factor.levels.length < (comparesNothing(plan.kind) ? 1 : 2)) say(`factors.${f}.levels`, 'Compare at least two things.');
    const names = factor.levels.map((l) => l.label.trim().toLowerCase());
    factor.levels.forEach((level, i) => {
      if (names[i] === '') say(`factors.${f}.levels.${i}`, 'Name this one.');
      else if (names.indexOf(names[i]!) < i) say(`factors.${f}.levels.${i}`, 'This name is taken already.');
      if (level.amount !== null && level.amount < 0) say(`factors.${f}.levels.${i}`, 'An amount cannot be below zero.');
    });
  });
  if (plan.factors.length > 2 && plan.factors.every((f) => f.subject !== 'kind'))
    say('factors', 'Three things at once are more than a class can take apart; a third can only be the kind of seed.');
  const treatments = planTreatments(plan).length;
  if (treatments > MOST_TREATMENTS)
    say('factors', `${treatments} combinations are too many to tell apart; at most ${MOST_TREATMENTS} are possible.`);
  const whole = (field: string, value: number, least: number, most: number, what: string) => {
    if (!Number.isInteger(value) || value < least || value > most)
      say(field, `${what}: a whole number from ${least} to ${most}.`);
  };
  whole('containersEach', plan.containersEach, 1, 60, 'Containers of each');
  whole('reserveEach', plan.reserveEach, 0, 6, 'Pots of each in reserve');
  whole('seedsEach', plan.seedsEach, 1, 500, 'Seeds in each');
  whole('keep', plan.keep, 1, 500, 'Plants left after thinning');
  whole('trays', plan.trays, 1, 6, 'Trays');
  const all = (plan.containersEach + plan.reserveEach) * treatments;
  if (all > MOST_CONTAINERS)
    say('containersEach', `${all} containers are more than one windowsill carries; at most ${MOST_CONTAINERS} are possible.`);
  const amount = (field: string, value: number, most: number, what: string) => {
    if (!Number.isFinite(value) || value < 0 || value > most) say(field, `${what}: from 0 to ${most}.`);
  };
  amount('fillMl', plan.fillMl, 20_000, 'Millilitres in one container');
  amount('doseMl', plan.doseMl, 2000, 'Millilitres each time');
  amount('sparePercent', plan.sparePercent, 300, 'Spare seed in percent');
  amount('packetSeeds', plan.packetSeeds, 100_000, 'Seeds in a packet');
  if (plan.ownCarrier) {
    whole('ownCarrier', plan.ownCarrier.columns, 1, 24, 'Places side by side');
    whole('ownCarrier', plan.ownCarrier.rows, 1, 24, 'Places one behind the other');
    for (const mm of [plan.ownCarrier.wideMm, plan.ownCarrier.deepMm])
      if (!(mm >= 5 && mm <= 2000)) say('ownCarrier', 'A place is between 5 mm and 2 m wide and deep.');
  }
  if (plan.seedLesson && !isIsoDay(plan.seedLesson.on)) say('seedLesson', 'Choose the day of the lesson about the seeds.');
  if (plan.seedLesson && plan.seedLesson.on > plan.sowOn)
    say('seedLesson', 'The lesson about the seeds comes before they are sown.');
  if (plan.goal && plan.goal.name.trim() === '') say('goal', 'Say as tall as what.');
  if (plan.goal && !(plan.goal.mm > 0 && plan.goal.mm <= 5000)) say('goal', 'The goal line lies between 1 mm and 5 m.');
  for (const [field, value] of [
    ['room.day', plan.room.day],
    ['room.night', plan.room.night],
  ] as const)
    if (!Number.isFinite(value) || value < -10 || value > 45) say(field, 'A room has between −10 and 45 °C.');
  if (!speciesById(plan.speciesId)) say('speciesId', 'Choose a kind of seed.');
  if (!methodById(plan.methodId)) say('methodId', 'Choose how it is grown.');
  if (plan.period.trim() !== '' && !parsePeriod(plan.period))
    say('period', 'Write the period like 10:15–11:00, its end after its start.');
  for (const sentence of calendarProblems(plan.calendar)) say('calendar', sentence);
  for (const day of plan.calendar.halfDays ?? []) if (!isIsoDay(day)) say('calendar', 'A half day is not a day in the calendar.');
  for (const day of [...plan.checksAdded, ...plan.checksSkipped])
    if (!isIsoDay(day)) say('cadence', 'A check is not on a day of the calendar.');
  if (plan.kind === 'age-ladder' && !isIsoDay(plan.lessonOn))
    say('lessonOn', 'Choose the lesson day on which every age is to be seen.');
  if (plan.thinOn !== '' && !isIsoDay(plan.thinOn)) say('thinOn', 'Type the day of thinning, or leave it empty.');
  if (plan.lastFrost !== '' && !isIsoDay(plan.lastFrost)) say('lastFrost', 'Type the day of the last frost, or leave it empty.');
  plan.factors.forEach((factor, f) =>
    factor.levels.forEach((level, i) => {
      if (level.seeds !== undefined && (!Number.isInteger(level.seeds) || level.seeds < 1 || level.seeds > 500))
        say(`factors.${f}.levels.${i}`, 'Seeds in each: a whole number from 1 to 500.');
      if (level.speciesId && !speciesById(level.speciesId)) say(`factors.${f}.levels.${i}`, 'Choose a kind of seed.');
    }),
  );
  if (!isIsoDay(plan.sowOn)) say('sowOn', 'Choose the day of sowing.');
  if (!isIsoDay(plan.endOn)) say('endOn', 'Choose the last day.');
  if (isIsoDay(plan.sowOn) && isIsoDay(plan.endOn)) {
    if (plan.endOn <= plan.sowOn) say('endOn', `The end has to come after sowing on ${formatDay(plan.sowOn)}.`);
    else if (daysBetween(plan.sowOn, plan.endOn) > 366) say('endOn', 'A plan lasts a year at most.');
  }
  return problems;
}
