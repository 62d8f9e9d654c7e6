import { say } from '@bright-sprout/words/say';
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
    count: [say('lists.pourPacketWhitePaper', { kinds: listInWords(kinds.map(named)) }), say('lists.writeNumberUnderSeeds')],
    sort: [
      several ? say('lists.mixFewKindSort') : say('lists.sortHandfulSmallMiddle'),
      say('lists.layThemRowSmallest', {
        of: of((k) => say('lists.mmLong', { k: named(k), least: short(k.seedMm.length[0]), most: short(k.seedMm.length[1]) })),
      }),
    ],
    measure: [
      say('lists.laySeedsEndEnd', {
        laid: LAID,
        of: of((k) =>
          say('lists.makesMm', {
            k: named(k),
            least: Math.round(LAID * k.seedMm.length[0]),
            most: Math.round(LAID * k.seedMm.length[1]),
          }),
        ),
      }),
    ],
    weigh: kinds.some((k) => k.thousandSeedGrams !== null)
      ? [
          say('lists.weighSeedsTogetherDivide', {
            weighed: WEIGHED,
            of: of((k) =>
              k.thousandSeedGrams === null
                ? say('lists.byThePiece', { k: named(k) })
                : say('lists.weighsAbout', { k: named(k), formatMass: formatMass((WEIGHED * k.thousandSeedGrams) / 1000) }),
            ),
          }),
        ]
      : [say('lists.weighPieceItselfWrite')],
    guess: [several ? say('lists.guessKindFirstWhy') : say('lists.guessDayFirstWrite')],
  };
  return looks.flatMap((look) => steps[look]);
}

/** What the lesson about the seeds takes besides seeds, for one team. */
export function seedLessonThings({ seedLesson }: Pick<PlanDocument, 'seedLesson'>): string[] {
  const looks = seedLesson?.looks ?? [];
  return [
    ...(looks.some((l) => l === 'count' || l === 'sort') ? [say('lists.whiteSquaredPaperSorting')] : []),
    ...(looks.includes('weigh') ? [say('lists.scaleShowsTenthGram')] : []),
  ];
}
