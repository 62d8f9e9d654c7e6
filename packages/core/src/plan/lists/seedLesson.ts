import { formatMass } from '../../quantities/mass';
import { type Species } from '../../seeds/catalogue';
import { listInWords } from '../../words/listInWords';
import { type PlanDocument, type SeedLook } from '../document/planDocument';
import { speciesIn } from '../document/treatmentSowing';

/** Seeds that are laid end to end, and those that are weighed together: one alone cannot be read. */
const LAID = 10;
const WEIGHED = 50;

const named = ({ name }: Species) => name.toLowerCase();
const short = (mm: number) => Number(mm.toFixed(1));

/** What a class does in the lesson about the seeds, step by step, with what to expect of each kind. */
export function seedLessonSteps(plan: PlanDocument): string[] {
  const looks = plan.seedLesson?.looks ?? [];
  const kinds = speciesIn(plan);
  const several = kinds.length > 1;
  const of = (words: (kind: Species) => string) => kinds.map(words).join('; ');
  const steps: Record<SeedLook, string[]> = {
    count: [
      `Pour one packet of ${listInWords(kinds.map(named))} out on white paper. Two teams count it, neither hearing the other’s number; where they differ, count again together.`,
      'Write the number under “seeds in a packet”: it says how many packets to buy, and what comes up becomes a share of it.',
    ],
    sort: [
      several
        ? 'Mix a few of each kind and sort them by kind.'
        : 'Sort a handful into small, middle and large, on squared paper.',
      `Lay them in a row from the smallest to the largest: ${of((k) => `${named(k)} is ${short(k.seedMm.length[0])} to ${short(k.seedMm.length[1])} mm long`)}.`,
    ],
    measure: [
      `Lay ${LAID} seeds end to end along the ruler from its 0, read the whole and divide by ${LAID}: ${of((k) => `${named(k)} makes ${Math.round(LAID * k.seedMm.length[0])} to ${Math.round(LAID * k.seedMm.length[1])} mm`)}.`,
    ],
    weigh: kinds.some((k) => k.thousandSeedGrams !== null)
      ? [
          `Weigh ${WEIGHED} seeds together and divide by ${WEIGHED}: ${of((k) => (k.thousandSeedGrams === null ? `${named(k)} by the piece` : `${named(k)} weighs about ${formatMass((WEIGHED * k.thousandSeedGrams) / 1000)}`))}.`,
        ]
      : ['Weigh each piece by itself, and write the mass on its label.'],
    guess: [
      several
        ? 'Guess which kind is up first, and why: the largest, the smallest, the flattest? Write it down; it is held against the day.'
        : 'Guess on which day the first one is up, and write it down; it is held against the day.',
    ],
  };
  return looks.flatMap((look) => steps[look]);
}

/** What the lesson about the seeds takes besides seeds, for one team. */
export function seedLessonThings({ seedLesson }: Pick<PlanDocument, 'seedLesson'>): string[] {
  const looks = seedLesson?.looks ?? [];
  return [
    ...(looks.some((l) => l === 'count' || l === 'sort') ? ['White and squared paper for sorting seeds'] : []),
    ...(looks.includes('weigh') ? ['A scale that shows a tenth of a gram'] : []),
  ];
}
