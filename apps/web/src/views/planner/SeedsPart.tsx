import { addDays, formatDay } from '@bright-sprout/core/calendar/days';
import { meanTemperature } from '@bright-sprout/core/calendar/roomTemperature';
import { METHODS, methodById, type Species, SPECIES, speciesById } from '@bright-sprout/core/seeds/catalogue';
import { medianEmergenceDays } from '@bright-sprout/core/seeds/emergenceTime';
import { lotStanding } from '@bright-sprout/core/seeds/seedLot';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { Link } from 'react-router';
import { useSeedLots } from '../../api/queries';
import { SeedDrawing } from './SeedDrawing';
import { ChoiceField, NumberField, setting } from './planFields';
import { type PartProps } from './partProps';

/** Kinds shown side by side. */
const SHOWN = 8;

/** Which seed, grown in what, how many, and how deep. */
export function SeedsPart({ plan, change, problems, out }: PartProps) {
  const method = methodById(plan.methodId);
  const species = speciesById(plan.speciesId);
  const container = method?.container ?? 'container';
  return (
    <>
      <section className="section">
        <h2>Grown in</h2>
        <ChoiceField
          label="Way of growing"
          field="methodId"
          problems={problems}
          hint={
            method &&
            `${method.paper ? 'Roots can be seen' : 'Shoots can be measured'}; it lasts ${method.unattendedDays} days alone.`
          }
          value={plan.methodId}
          choices={METHODS.map((m) => ({ value: m.id, name: m.name }))}
          onChange={(methodId) =>
            change((p) => {
              const m = methodById(methodId)!;
              return {
                ...p,
                methodId,
                fillMl: Math.round((m.fillMl[0] + m.fillMl[1]) / 2),
                protocol: { ...p.protocol, sprouted: m.paper ? 'root-2mm' : 'shoot' },
              };
            })
          }
        />
        <div className="planner-columns">
          <NumberField
            label={`${container}s of each`.replace(/^./, (c) => c.toUpperCase())}
            field="containersEach"
            problems={problems}
            value={plan.containersEach}
            onChange={(containersEach) => change(setting({ containersEach }))}
          />
          <NumberField
            label={`Seeds in each ${container}`}
            field="seedsEach"
            problems={problems}
            hint={out ? seedsHint(plan, out) : undefined}
            value={plan.seedsEach}
            onChange={(seedsEach) => change(setting({ seedsEach }))}
          />
          <NumberField
            label="Plants left after thinning"
            field="keep"
            problems={problems}
            value={plan.keep}
            onChange={(keep) => change(setting({ keep }))}
          />
          <NumberField
            label={`Fill of one ${container}`}
            unit="mL"
            field="fillMl"
            problems={problems}
            value={plan.fillMl}
            onChange={(fillMl) => change(setting({ fillMl }))}
          />
        </div>
      </section>
      <SeedChooser chosen={species} plan={plan} change={change} />
      <FromTheShelf plan={plan} change={change} problems={problems} />
      {out && (
        <section className="section">
          <h2>How deep</h2>
          <p className="mb-0">
            {out.depth.mm[1] === 0
              ? 'On the surface, pressed in.'
              : `${Math.round(out.depth.mm[0])} to ${Math.round(out.depth.mm[1])} mm of cover over the seed.`}
            {out.depth.because && ` ${out.depth.because}`}
          </p>
        </section>
      )}
    </>
  );
}

/** A lot of the seed shelf: its test and its packet then count instead of the kind's usual numbers. */
function FromTheShelf({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  const lots = useSeedLots();
  const own = (lots.data ?? []).filter((l) => l.speciesId === plan.speciesId);
  const chosen = own.find((l) => l.id === plan.seedLotId);
  const species = speciesById(plan.speciesId);
  const standing = chosen && species ? lotStanding(chosen, species, plan.sowOn) : null;
  return (
    <section className="section">
      <h2>From the seed shelf</h2>
      {own.length === 0 ? (
        <p className="mb-0">
          No lot of {species?.name.toLowerCase()} is on the shelf. <Link to="/seeds">Open the seed shelf</Link>
        </p>
      ) : (
        <ChoiceField
          label="Seed lot"
          field="seedLotId"
          problems={problems}
          hint={
            standing
              ? (standing.warning ??
                (standing.test
                  ? `Its test, ${standing.test.up} of ${standing.test.of}, is what the numbers use.`
                  : 'Not tested: the numbers are the usual ones of the kind.'))
              : undefined
          }
          value={chosen?.id ?? ''}
          choices={[
            { value: '', name: 'any fresh packet' },
            ...own.map((l) => ({ value: l.id, name: `${l.name}${l.year === null ? '' : `, ${l.year}`}` })),
          ]}
          onChange={(seedLotId) => change(setting({ seedLotId }))}
        />
      )}
    </section>
  );
}

/** How surely the seeds of one container are enough. */
function seedsHint(plan: PartProps['plan'], { chanceOfEnough, seedsAdvised }: NonNullable<PartProps['out']>): string {
  const enough = plan.kind === 'crowding' ? 'enough plants' : 'a plant';
  const more = seedsAdvised !== null && seedsAdvised > plan.seedsEach ? `; ${seedsAdvised} would make it 95` : '';
  return `With ${plan.seedsEach}, about ${Math.round(100 * chanceOfEnough)} of 100 have ${enough}${more}.`;
}

/** Weight of one seed in words. */
function weight({ thousandSeedGrams }: Species): string {
  return thousandSeedGrams === null ? 'a tuber' : `${Number(thousandSeedGrams.toPrecision(2))} mg each`;
}

interface Wishes {
  weeks: number;
  harmless: boolean;
  big: boolean;
  here: boolean;
}

/** Kinds that suit: weeks left, this room, this way of growing, no hazards beyond the usual; drawn to one scale. */
function SeedChooser({ chosen, plan, change }: { chosen: Species | undefined } & Pick<PartProps, 'plan' | 'change'>) {
  const [wishes, setWishes] = useState<Wishes>({ weeks: 6, harmless: false, big: false, here: true });
  const [all, setAll] = useState(false);
  const warmth = meanTemperature(plan.room);
  const method = methodById(plan.methodId);
  const days = (s: Species) => medianEmergenceDays(s, warmth);
  const suits = SPECIES.filter(
    (s) =>
      days(s) + 7 <= 7 * wishes.weeks &&
      (!wishes.harmless || s.hazards.every((h) => ['never_eat', 'coated_seed'].includes(h))) &&
      (!wishes.big || s.seedMm.length[1] >= 4) &&
      (!wishes.here || !method?.avoidFor.includes(s.id)),
  ).sort((a, b) => days(a) - days(b));
  const shown = all ? suits : suits.slice(0, SHOWN);
  const largest = Math.max(...[...shown, chosen].map((s) => s?.seedMm.length[1] ?? 1));
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
          onChange={(e) => setWishes({ ...wishes, weeks: Math.max(1, Number(e.target.value)) })}
        />
        <Form.Check
          id="wish-here"
          type="checkbox"
          label={`does well in ${method?.name.toLowerCase() ?? 'it'}`}
          checked={wishes.here}
          onChange={(e) => setWishes({ ...wishes, here: e.target.checked })}
        />
        <Form.Check
          id="wish-harmless"
          type="checkbox"
          label="no allergy or poison to mind"
          checked={wishes.harmless}
          onChange={(e) => setWishes({ ...wishes, harmless: e.target.checked })}
        />
        <Form.Check
          id="wish-big"
          type="checkbox"
          label="easy to pick up"
          checked={wishes.big}
          onChange={(e) => setWishes({ ...wishes, big: e.target.checked })}
        />
      </div>
      {suits.length === 0 && <p>No kind suits all of that. Give it more weeks, or untick a wish.</p>}
      <div className="planner-seeds" role="radiogroup" aria-label="Kind of seed">
        {[...(chosen ? [chosen] : []), ...shown.filter((s) => s !== chosen)].map((s) => (
          <button
            key={s.id}
            type="button"
            role="radio"
            aria-checked={s === chosen}
            className="planner-seed"
            onClick={() => change(setting({ speciesId: s.id }))}
          >
            <SeedDrawing species={s} largestMm={largest} />
            <b>{s.name}</b>
            <span>
              up in {Math.round(days(s))} days · {weight(s)}
            </span>
          </button>
        ))}
      </div>
      {suits.length > SHOWN && (
        <button type="button" className="btn btn-plain" onClick={() => setAll(!all)}>
          {all ? 'Show fewer' : `Show all ${suits.length}`}
        </button>
      )}
      <p className="second mb-0">
        Drawn to one scale, for a room of {Math.round(warmth)} °C on average. Sown {formatDay(plan.sowOn)},{' '}
        {chosen?.name.toLowerCase()} would be half up around{' '}
        {chosen && Number.isFinite(days(chosen)) ? formatDay(addDays(plan.sowOn, Math.round(days(chosen)))) : 'never'}.
      </p>
    </section>
  );
}
