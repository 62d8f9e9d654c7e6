import { countingBy } from '@bright-sprout/core/plan/document/startingPoints';
import { plural } from '@bright-sprout/core/words/plural';
import { METHODS, methodById, speciesById, usualFillMl } from '@bright-sprout/core/seeds/catalogue';
import { lotStanding } from '@bright-sprout/core/seeds/seedLot';
import { Link } from 'react-router';
import { useSeedLots } from '../../../api/queries';
import { ChoiceField, NumberField, setting } from '../planFields';
import { type PartProps } from '../partProps';
import { SeedChooser } from './SeedChooser';

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
              return countingBy({ ...p, methodId, fillMl: usualFillMl(m) }, m.paper ? 'root-2mm' : 'shoot');
            })
          }
        />
        <div className="planner-columns">
          <NumberField
            label={`${plural(container)} of each`.replace(/^./, (c) => c.toUpperCase())}
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
      <SeedChooser chosen={species} plan={plan} change={change} problems={problems} />
      <FromTheShelf plan={plan} change={change} problems={problems} />
      {out && (
        <section className="section">
          <h2>How deep</h2>
          <p className="mb-0">
            {out.kinds.map(({ species: kind, depth }) => (
              <span key={kind.id} className="d-block">
                {out.kinds.length > 1 && `${kind.name}: `}
                {depth.mm[1] === 0
                  ? 'On the surface, pressed in.'
                  : `${Math.round(depth.mm[0])} to ${Math.round(depth.mm[1])} mm of cover over the seed.`}
                {depth.because && ` ${depth.because}`}
              </span>
            ))}
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
