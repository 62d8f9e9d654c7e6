import { type SeedWishes as Wishes, type Sight, SIGHTS } from '@bright-sprout/core/seeds/suitability';
import { listInWords } from '@bright-sprout/core/words/listInWords';
import { counted } from '@bright-sprout/core/words/plural';
import { Form } from 'react-bootstrap';
import { WordPanel } from '../../../page/WordPanel';
import { PictureChoices } from '../ask/panels/PictureChoices';

const SIGHT_WORDS: Record<Sight, string> = {
  anything: 'whatever grows',
  roots: 'roots',
  'seed-leaves': 'seed leaves opening',
  blades: 'blades of grass',
  'true-leaves': 'true leaves',
  flower: 'flowers',
  harvest: 'something to harvest',
};

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

const TICKS: readonly ['harmless' | 'easyToPickUp' | 'secondChance' | 'noLamp', string][] = [
  ['harmless', 'harmless: no allergy or poison to mind'],
  ['easyToPickUp', 'easy to pick up'],
  ['secondChance', 'soon up, to be sown again if it fails'],
  ['noLamp', 'content without a lamp in the dark months'],
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
  const here = `does well in ${methodName?.toLowerCase() ?? 'it'}`;
  const wanted = [
    ...(wishes.here ? ['does well there'] : []),
    ...TICKS.flatMap(([wish, words]) => (wishes[wish] ? [`is ${words.split(/[:,]/)[0]}`] : [])),
  ];
  const weeks = Number(wishes.weeks) > 0 ? counted(Number(wishes.weeks), 'week') : '… weeks';
  const mustBe = wanted.length > 0 ? `what ${listInWords(wanted)}` : 'any kind';
  return (
    <div className="asked-as">
      We have{' '}
      <WordPanel name={`Time: ${weeks}`} word={weeks}>
        <label htmlFor="weeks">Weeks we have</label>
        <Form.Control
          id="weeks"
          type="number"
          min={1}
          max={40}
          value={wishes.weeks}
          onChange={(e) => onWish({ weeks: e.target.value })}
        />
      </WordPanel>
      , want to see{' '}
      <WordPanel name={`What is to be seen: ${SIGHT_WORDS[wishes.see]}`} word={SIGHT_WORDS[wishes.see]}>
        <PictureChoices
          label="We want to see"
          value={wishes.see}
          choices={SIGHTS.map((value) => ({ value, name: SIGHT_WORDS[value] }))}
          onChoose={(see) => onWish({ see })}
        />
      </WordPanel>
      , and take{' '}
      <WordPanel name={`What it should be: ${mustBe}`} word={mustBe}>
        <Form.Check
          id="wish-here"
          type="checkbox"
          label={here}
          checked={wishes.here}
          onChange={(e) => onWish({ here: e.target.checked })}
        />
        {TICKS.map(([wish, words]) => (
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
      .
    </div>
  );
}
