import { say } from '@bright-sprout/words/say';
import { inOneLine } from '../words/inOneLine';
import { type IsoDay } from '../calendar/days';
import { eventWords } from '../plan/calendar/eventWords';
import { type PlanEvent, type PlanEventKind } from '../plan/calendar/planEvents';

/** What is done for plants between checks. */
export const CARE_KINDS = [
  'sowing-step',
  'water',
  'turn',
  'light',
  'vent',
  'thin',
  'transplant',
  'harden',
  'bring-in',
  'before-leaving',
] as const;
export type CareKind = (typeof CARE_KINDS)[number];

/** What care follows from method and protocol. */
export interface CareRule {
  water: 'damp-before' | 'by-touch' | 'fixed-volume' | 'by-weight';
  /** One watering of one container, mL. */
  doseMl: number;
  /** Seeds lie on wet paper, pad or sponge. */
  paper: boolean;
  openBag: 'never' | 'mist';
  /** They lie in a closed bag or box; not kept for what was sown before this was asked. */
  closed?: boolean;
  /** What each treatment gets each time, where not all get the same; `liquid` is empty for plain water. */
  gets?: { treatments: string[]; doseMl: number; liquid: string }[];
}

export interface CareTask {
  /** The same on every day it comes back; what is ticked names it. */
  id: string;
  kind: CareKind;
  title: string;
  note: string;
  /** What is given as a rule, mL for each container; null where nothing is measured out. */
  amountMl: number | null;
}

const OF_EVENT: Partial<Record<PlanEventKind, CareKind>> = { thin: 'thin', transplant: 'transplant', weekend: 'before-leaving' };

function watering({ water, doseMl, paper, closed, openBag, gets }: CareRule): CareTask {
  const task = { id: 'water', kind: 'water' as const, title: say('care.water') };
  if (closed && openBag === 'never')
    return {
      ...task,
      title: say('care.lookThroughWall'),
      note: say('care.dropsInsideMeanDamp'),
      amountMl: null,
    };
  if (paper)
    return {
      ...task,
      title: say('care.lookPaper'),
      note: inOneLine(say('care.onlyWhereLooksPale'), ownLiquids(gets)),
      amountMl: null,
    };
  if (water === 'by-weight') return { ...task, note: inOneLine(say('care.weightLabel'), ownLiquids(gets)), amountMl: null };
  const dry = water === 'fixed-volume' ? '' : say('care.onlyWhereSoilFeels');
  // Amounts that differ cannot be written down as one.
  if (gets && new Set(gets.map((g) => g.doseMl)).size > 1)
    return {
      ...task,
      note: inOneLine(
        dry,
        eachOf(gets, (g) => say('care.amountOfLiquid', { amountMl: g.doseMl, liquid: liquidOf(g) })),
      ),
      amountMl: null,
    };
  const alike = water === 'fixed-volume' ? say('care.mlSame', { doseMl }) : say('care.onlyWhereSoilFeelsSame');
  return { ...task, note: inOneLine(alike, ownLiquids(gets)), amountMl: doseMl };
}

type Gets = NonNullable<CareRule['gets']>;

const liquidOf = ({ liquid }: Gets[number]) => liquid || say('common.plainWater');
const eachOf = (gets: Gets, words: (g: Gets[number]) => string) =>
  `${gets.map((g) => `${g.treatments.join(', ')}: ${words(g)}`).join('; ')}.`;

/** Which treatment gets which water, where it differs; empty where it does not. */
function ownLiquids(gets: CareRule['gets']): string {
  return gets && new Set(gets.map(liquidOf)).size > 1 ? eachOf(gets, liquidOf) : '';
}

/** What is to be done for the plants on a day: on check days the usual, and what the plan has for this very day. */
export function careTasksOn(day: IsoDay, schedule: readonly PlanEvent[], rule: CareRule): CareTask[] {
  const today = schedule.filter((e) => e.day === day);
  const tasks: CareTask[] = [];
  if (today.some((e) => e.kind === 'check')) {
    tasks.push(watering(rule));
    if (rule.paper && rule.openBag === 'mist')
      tasks.push({
        id: 'vent',
        kind: 'vent',
        title: say('care.letAir'),
        note: say('care.openMinuteMistClose'),
        amountMl: null,
      });
    if (!rule.paper)
      tasks.push({ id: 'turn', kind: 'turn', title: say('care.turn'), note: say('care.halfTurnNoneLeans'), amountMl: null });
  }
  for (const event of today) {
    const { title, note } = eventWords(event);
    const kind = OF_EVENT[event.kind] ?? (event.kind === 'care' ? careKindOf(title) : null);
    if (kind) tasks.push({ id: title.slice(0, 60), kind, title, note, amountMl: null });
  }
  return tasks;
}

function careKindOf(title: string): CareKind {
  return /harden/.test(title) ? 'harden' : /cover/i.test(title) ? 'vent' : 'light';
}
