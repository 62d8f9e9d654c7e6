import { say } from '@bright-sprout/words/say';
import { listInWords } from '../../words/listInWords';
import { counted } from '../../words/plural';
import { SEED_LOOK_WORDS } from '../document/seedLookWords';
import { type EventFact, type Leaving, type PlanEvent } from './planEvents';
import { capital } from '../../words/capital';

export interface EventWords {
  title: string;
  /** What to do, a sentence; empty where the title says it. */
  note: string;
}

/** What an event says. */
export function eventWords(event: PlanEvent): EventWords {
  const [title, note] = WORDS[event.code](event as never);
  return { title, note };
}

type Words = { [Code in EventFact['code']]: (fact: Extract<EventFact, { code: Code }>) => [title: string, note: string] };

const unless = (kept: boolean | undefined) => (kept ? say('planDays.labelWantsDarkCovered') : '');
const gapName = ({ gap, weekend }: { gap: string | null; weekend: boolean }) =>
  gap ?? (weekend ? say('planDays.theWeekend') : say('planDays.daysOff'));

const LEAVING: Record<Leaving['cover'], string> = {
  get lifted() {
    return say('planDays.waterTurnCloseCovers');
  },
  get stays() {
    return say('planDays.seePaperDampShut');
  },
  get none() {
    return say('planDays.fillWaterUnderPaper');
  },
};

function beforeGap({ how, cover }: Leaving, alone: string): string {
  switch (how) {
    case 'short':
      return say('planDays.aloneFor', { leaving: LEAVING[cover], alone });
    case 'somebody':
      return say('planDays.waterHandOverSomebody', { alone });
    case 'reservoir':
      return say('planDays.fillReservoirsTestWicks', { alone });
    case 'too-long':
      return say('planDays.aloneLongerLastSet', { alone });
  }
}

type Soak = Extract<EventFact, { code: 'soak' }>;

function soakHours({ leastHours, mostHours }: Soak): string {
  return leastHours === mostHours ? say('planDays.hours', { mostHours }) : say('planDays.toHours', { leastHours, mostHours });
}

/** `22:15` */
const clock = (hour: number) => `${Math.floor(hour)}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`;

const WORDS: Words = {
  'get-together': () => ['Get everything together', 'The shopping list and the kit list are under Prepare.'],
  'seed-lesson': ({ looks }) => [
    'Look at the seeds',
    `${capital(listInWords(looks.map((l) => SEED_LOOK_WORDS[l].name)))}: the sheet is under Prepare.`,
  ],
  'soil-stands': () => ['Mix the soil and let it stand', 'Chalk needs a few days to work.'],
  'cold-spell': ({ species }) => [`Cold spell of ${species} begins`, 'Seeds lie moist in the refrigerator until sowing.'],
  soak: (fact) => [
    fact.chosen ? `Soak the ${fact.species} seeds that are to be soaked` : `Soak the ${fact.species} seeds`,
    `In plenty of water, ${soakHours(fact)}${fact.hour === undefined ? '' : `: begin at about ${clock(fact.hour)}${fact.home ? ', at home' : ''}`}.`,
  ],
  sow: ({ treatments }) => [
    `Sow${treatments.length === 0 ? '' : ` ${treatments.join(' and ')}`}`,
    'The run sheet says what each team does.',
  ],
  'first-look': () => ['First look', 'The first may be up from today.'],
  'into-light': ({ kept, species }) => [
    `Move ${species ? `${species} ` : ''}into the light`,
    `About half should be up: bright, but no sun on it.${unless(kept)}`,
  ],
  'lift-covers': ({ kept, species }) => [
    species ? `Lift the covers of ${species} and move it into the light` : 'Lift the covers and move into the light',
    `About half should be up; leave a gap for air.${unless(kept)}`,
  ],
  'covers-off': ({ kept, species }) => [
    `Take the covers off${species ? ` ${species}` : ''}`,
    `They are used to the air of the room by now.${unless(kept)}`,
  ],
  check: () => ['Check', 'Every container gets an answer.'],
  thin: ({ keep, species }) => [
    `Thin ${species ? `${species} ` : ''}to ${keep ?? 'the number on the label'}`,
    'Which stay is decided by lot, and written down.',
  ],
  'into-soil': ({ species }) => [
    `Move ${species ? `${species} ` : ''}on into soil`,
    'There is no food in paper or sponge: hold seedlings by the seed leaves, and plant root and all.',
  ],
  'harden-off': ({ species }) => [
    `Begin to harden off the ${species}`,
    'An hour outside in the shade today, a little longer every day, in at night.',
  ],
  'harden-step': ({ species, hours, night }) => [
    `Harden off the ${species}: ${night ? 'all day and the night' : `${hours} hours`}`,
    night
      ? 'They stay out from now on, unless frost is told.'
      : 'Outside a little brighter than yesterday, in at night and over days off.',
  ],
  harvest: ({ species }) => [
    `Harvest the ${species}`,
    'Container by container: cut, weigh at once, and write down the mass; leaves from the outside in.',
  ],
  'plant-out': ({ species }) => [
    `Plant out the ${species}`,
    'In the evening or under cloud; water well, and shade for a few days.',
  ],
  'before-gap': (fact) => [`Before ${gapName(fact)}`, beforeGap(fact.leaving, counted(fact.days, 'day'))],
  'come-in': (fact) => [
    'Somebody comes in to water',
    `In the middle of ${gapName(fact)}, so that nothing is alone for more than ${fact.every} days.`,
  ],
  lesson: () => ['Lesson', 'The plants are looked at together.'],
  end: () => ['End', 'Last look, then clear away.'],
};
