import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../../words/Say';
import { type SeedWishes as Wishes, type Sight, SIGHTS } from '@bright-sprout/core/seeds/suitability';
import { listInWords } from '@bright-sprout/core/words/listInWords';
import { counted } from '@bright-sprout/core/words/plural';
import { Form } from 'react-bootstrap';
import { WordPanel } from '../../../page/WordPanel';
import { PictureChoices } from '../ask/panels/PictureChoices';

const SIGHT_WORDS: Record<Sight, string> = spoken({
  anything: 'plannerSeeds.whateverGrows',
  roots: 'plannerSeeds.roots',
  'seed-leaves': 'plannerSeeds.seedLeavesOpening',
  blades: 'plannerSeeds.bladesGrass',
  'true-leaves': 'plannerSeeds.trueLeaves',
  flower: 'plannerSeeds.flowers',
  harvest: 'plannerSeeds.somethingHarvest',
});

export type TypedWishes = Pick<Wishes, 'see' | 'harmless' | 'easyToPickUp' | 'secondChance' | 'noLamp'> & {
  /** As typed: an emptied field stays empty. */
  weeks: string;
  /** Does well in the way of growing that is planned. */
  here: boolean;
};

export const NO_WISHES: TypedWishes = {
  weeks: '6',
  see: 'anything',
  harmless: false,
  easyToPickUp: false,
  secondChance: false,
  noLamp: false,
  here: true,
};

const ticks = (): readonly ['harmless' | 'easyToPickUp' | 'secondChance' | 'noLamp', string][] => [
  ['harmless', say('plannerSeeds.harmlessAllergyPoisonMind')],
  ['easyToPickUp', say('plannerSeeds.easyPick')],
  ['secondChance', say('plannerSeeds.soonSownAgainFails')],
  ['noLamp', say('plannerSeeds.contentWithoutLampDark')],
];

/** What the class wants of its seeds, in a sentence whose words open. */
export function SeedWishes({
  wishes,
  onWish,
  methodName,
}: {
  wishes: TypedWishes;
  onWish: (part: Partial<TypedWishes>) => void;
  methodName: string | undefined;
}) {
  const here = methodName
    ? say('plannerSeeds.doesWellIn', { methodName: methodName.toLowerCase() })
    : say('plannerSeeds.doesWellThere');
  const wanted = [
    ...(wishes.here ? [say('plannerSeeds.doesWellThere')] : []),
    ...ticks().flatMap(([wish, words]) => (wishes[wish] ? [say('plannerSeeds.isWished', { wish: words.split(/[:,]/)[0] })] : [])),
  ];
  const weeks = Number(wishes.weeks) > 0 ? counted(Number(wishes.weeks), 'week') : say('plannerSeeds.weeks');
  const mustBe =
    wanted.length > 0 ? say('plannerSeeds.whatWanted', { wanted: listInWords(wanted) }) : say('plannerSeeds.anyKind');
  return (
    <div className="asked-as">
      <Say
        it="plannerSeeds.wantSeeTake"
        have={
          <WordPanel name={say('plannerSeeds.timeInWeeks', { weeks })} word={weeks}>
            <label htmlFor="weeks">{say('plannerSeeds.weeksWeHave')}</label>
            <Form.Control
              id="weeks"
              type="number"
              min={1}
              max={40}
              value={wishes.weeks}
              onChange={(e) => onWish({ weeks: e.target.value })}
            />
          </WordPanel>
        }
        see={
          <WordPanel
            name={say('plannerSeeds.whatIsToBe', { sightWords: SIGHT_WORDS[wishes.see] })}
            word={SIGHT_WORDS[wishes.see]}
          >
            <PictureChoices
              label={say('plannerSeeds.wantSee')}
              value={wishes.see}
              choices={SIGHTS.map((value) => ({ value, name: SIGHT_WORDS[value] }))}
              onChoose={(see) => onWish({ see })}
            />
          </WordPanel>
        }
        kind={
          <WordPanel name={say('plannerSeeds.whatItShouldBe', { mustBe })} word={mustBe}>
            <Form.Check
              id="wish-here"
              type="checkbox"
              label={here}
              checked={wishes.here}
              onChange={(e) => onWish({ here: e.target.checked })}
            />
            {ticks().map(([wish, words]) => (
              <Form.Check
                key={wish}
                id={`wish-${wish}`}
                type="checkbox"
                label={words}
                checked={wishes[wish]}
                onChange={(e) => onWish({ [wish]: e.target.checked })}
              />
            ))}
          </WordPanel>
        }
      />
    </div>
  );
}
