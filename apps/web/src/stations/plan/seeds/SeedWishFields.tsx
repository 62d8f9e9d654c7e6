import { type SeedWishes, type Sight, SIGHTS } from '@bright-sprout/core/seeds/suitability';
import { Form } from 'react-bootstrap';

const SIGHT_WORDS: Record<Sight, string> = {
  anything: 'whatever grows',
  roots: 'roots',
  'seed-leaves': 'seed leaves opening',
  blades: 'blades of grass',
  'true-leaves': 'true leaves',
  flower: 'flowers',
  harvest: 'something to harvest',
};

export type TypedWishes = Pick<SeedWishes, 'see' | 'harmless' | 'easyToPickUp' | 'secondChance' | 'noLamp'> & {
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
  ['harmless', 'no allergy or poison to mind'],
  ['easyToPickUp', 'easy to pick up'],
  ['secondChance', 'time to sow again if it fails'],
  ['noLamp', 'content without a lamp in the dark months'],
];

/** What the class wants of its seeds. */
export function SeedWishFields({
  wishes,
  onWish,
  methodName,
}: {
  wishes: TypedWishes;
  onWish: (part: Partial<TypedWishes>) => void;
  methodName: string | undefined;
}) {
  return (
    <div className="planner-wishes">
      <label htmlFor="weeks">Weeks we have</label>
      <Form.Control
        id="weeks"
        type="number"
        min={1}
        max={40}
        value={wishes.weeks}
        onChange={(e) => onWish({ weeks: e.target.value })}
      />
      <label htmlFor="see">We want to see</label>
      <Form.Select id="see" value={wishes.see} onChange={(e) => onWish({ see: e.target.value as Sight })}>
        {SIGHTS.map((s) => (
          <option key={s} value={s}>
            {SIGHT_WORDS[s]}
          </option>
        ))}
      </Form.Select>
      <Form.Check
        id="wish-here"
        type="checkbox"
        label={`does well in ${methodName?.toLowerCase() ?? 'it'}`}
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
    </div>
  );
}
