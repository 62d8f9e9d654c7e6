import { addDays, formatDay, isIsoDay } from '@bright-sprout/core/calendar/days';
import { meanTemperature } from '@bright-sprout/core/calendar/roomTemperature';
import { methodById, type Species, SPECIES } from '@bright-sprout/core/seeds/catalogue';
import { medianEmergenceDays } from '@bright-sprout/core/seeds/emergenceTime';
import { againstKind, type SeedWishes, type Sight, SIGHTS } from '@bright-sprout/core/seeds/suitability';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { SeedDrawing } from '../../../drawing/SeedDrawing';
import { Outside } from '../days/Outside';
import { setting } from '../planFields';
import { type PartProps } from '../partProps';
import { SeedTable } from './SeedTable';

/** Kinds shown side by side before somebody asks for all. */
const SHOWN = 8;

const SIGHT_WORDS: Record<Sight, string> = {
  anything: 'whatever grows',
  roots: 'roots',
  'seed-leaves': 'seed leaves opening',
  blades: 'blades of grass',
  'true-leaves': 'true leaves',
  flower: 'flowers',
  harvest: 'something to harvest',
};

type Wishes = Pick<SeedWishes, 'see' | 'harmless' | 'easyToPickUp' | 'secondChance' | 'noLamp'> & {
  /** As typed: an emptied field stays empty. */
  weeks: string;
  here: boolean;
};

const TICKS: readonly [keyof Wishes & ('harmless' | 'easyToPickUp' | 'secondChance' | 'noLamp'), string][] = [
  ['harmless', 'no allergy or poison to mind'],
  ['easyToPickUp', 'easy to pick up'],
  ['secondChance', 'time to sow again if it fails'],
  ['noLamp', 'content without a lamp in the dark months'],
];

/** Kinds that suit the weeks, the room, the season and the way of growing, drawn to one scale. */
export function SeedChooser({
  chosen,
  plan,
  change,
  problems,
}: { chosen: Species | undefined } & Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  const [wishes, setWishes] = useState<Wishes>({
    weeks: '6',
    see: 'anything',
    harmless: false,
    easyToPickUp: false,
    secondChance: false,
    noLamp: false,
    here: true,
  });
  const [view, setView] = useState<'cards' | 'table'>('cards');
  const [all, setAll] = useState(false);
  const warmth = meanTemperature(plan.room);
  const method = methodById(plan.methodId);
  const frost = plan.goesOutside && isIsoDay(plan.lastFrost) ? plan.lastFrost : null;
  const days = (s: Species) => medianEmergenceDays(s, warmth);
  const weeks = Math.max(1, Number(wishes.weeks) || 1);
  const asked: SeedWishes = {
    ...wishes,
    weeks,
    warmth,
    sowOn: plan.sowOn,
    method: (wishes.here && method) || null,
    lastFrost: frost,
  };
  const judged = SPECIES.map((species) => ({ species, against: againstKind(species, asked) })).sort(
    (a, b) => days(a.species) - days(b.species),
  );
  const suits = judged.filter((j) => j.against.length === 0).map((j) => j.species);
  const shown = all ? suits : suits.slice(0, SHOWN);
  const beside = chosen && !shown.includes(chosen) ? [chosen, ...shown] : shown;
  const largest = Math.max(...[...shown, chosen].map((s) => s?.seedMm.length[1] ?? 1));
  const choose = (speciesId: string) => change(setting({ speciesId }));
  const chosenAgainst = judged.find((j) => j.species === chosen)?.against ?? [];
  return (
    <section className="section">
      <h2>Seeds that suit</h2>
      <div className="planner-wishes">
        <label htmlFor="weeks">Weeks we have</label>
        <Form.Control
          id="weeks"
          type="number"
          min={1}
          max={40}
          value={wishes.weeks}
          onChange={(e) => setWishes({ ...wishes, weeks: e.target.value })}
        />
        <label htmlFor="see">We want to see</label>
        <Form.Select id="see" value={wishes.see} onChange={(e) => setWishes({ ...wishes, see: e.target.value as Sight })}>
          {SIGHTS.map((s) => (
            <option key={s} value={s}>
              {SIGHT_WORDS[s]}
            </option>
          ))}
        </Form.Select>
        <Form.Check
          id="wish-here"
          type="checkbox"
          label={`does well in ${method?.name.toLowerCase() ?? 'it'}`}
          checked={wishes.here}
          onChange={(e) => setWishes({ ...wishes, here: e.target.checked })}
        />
        {TICKS.map(([wish, words]) => (
          <Form.Check
            key={wish}
            id={`wish-${wish}`}
            type="checkbox"
            label={words}
            checked={wishes[wish]}
            onChange={(e) => setWishes({ ...wishes, [wish]: e.target.checked })}
          />
        ))}
      </div>
      <Outside plan={plan} change={change} problems={problems} />
      {frost && <p className="second">Ready to stand outside in time, with the last frost on {formatDay(frost)}.</p>}
      {suits.length === 0 && <p>No kind suits all of that. Give it more weeks, or untick a wish.</p>}
      <p className="planner-seed-views" role="group" aria-label="Show the kinds as">
        {(['cards', 'table'] as const).map((v) => (
          <button key={v} type="button" className="btn" aria-pressed={view === v} onClick={() => setView(v)}>
            {v === 'cards' ? 'Drawn' : 'Compared in a table'}
          </button>
        ))}
      </p>
      {view === 'table' ? (
        <SeedTable kinds={beside} chosen={chosen} days={days} largestMm={largest} onChoose={choose} />
      ) : (
        <div className="planner-seeds" role="radiogroup" aria-label="Kind of seed">
          {beside.map((s) => (
            <button
              key={s.id}
              type="button"
              role="radio"
              aria-checked={s === chosen}
              className="planner-seed"
              onClick={() => choose(s.id)}
            >
              <SeedDrawing species={s} largestMm={largest} />
              <b>{s.name}</b>
              <span>
                {Number.isFinite(days(s)) ? `up in ${Math.round(days(s))} days` : 'does not come up here'} · {seedWeight(s)}
              </span>
            </button>
          ))}
        </div>
      )}
      {suits.length > SHOWN && (
        <button type="button" className="btn btn-plain" onClick={() => setAll(!all)}>
          {all ? 'Show fewer' : `Show all ${suits.length}`}
        </button>
      )}
      {chosen && chosenAgainst.length > 0 && (
        <p className="second mb-1">
          {chosen.name} is chosen, although: {chosenAgainst.join('; ')}.
        </p>
      )}
      <p className="second mb-0">
        Drawn to one scale, for a room of {Math.round(warmth)} °C on average. Sown {formatDay(plan.sowOn)},{' '}
        {chosen?.name.toLowerCase()} would be half up around{' '}
        {chosen && Number.isFinite(days(chosen)) ? formatDay(addDays(plan.sowOn, Math.round(days(chosen)))) : 'never'}.
      </p>
    </section>
  );
}

/** Weight of one seed in words. */
function seedWeight({ thousandSeedGrams }: Species): string {
  return thousandSeedGrams === null ? 'a tuber' : `${Number(thousandSeedGrams.toPrecision(2))} mg each`;
}
