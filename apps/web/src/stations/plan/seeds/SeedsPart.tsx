import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { lotStanding } from '@bright-sprout/core/seeds/seedLot';
import { Link } from 'react-router';
import { useSeedLots } from '../../../api/queries';
import { seedsHint } from '../ask/panels/SeedNumbers';
import { ChoiceField, setting } from '../planFields';
import { type PartProps } from '../partProps';
import { SeedChooser } from './SeedChooser';
import { SeedsSentence } from './SeedsSentence';

/** Which seed, grown in what, how many, and how deep. */
export function SeedsPart(props: PartProps) {
  const { plan, change, problems, out } = props;
  const species = speciesById(plan.speciesId);
  return (
    <>
      <SeedsSentence {...props} />
      {out && <p className="second">{seedsHint(plan, out)}</p>}
      <SeedChooser chosen={species} plan={plan} change={change} problems={problems} />
      <FromTheShelf plan={plan} change={change} problems={problems} />
      {out && (
        <section className="section">
          <h2>{say('plannerSeeds.howDeep')}</h2>
          <p className="mb-0">
            {out.kinds.map(({ species: kind, depth }) => (
              <span key={kind.id} className="d-block">
                {out.kinds.length > 1 && `${kind.name}: `}
                {depth.mm[1] === 0
                  ? say('plannerSeeds.surfacePressed')
                  : say('plannerSeeds.mmCoverOverSeed', { least: Math.round(depth.mm[0]), most: Math.round(depth.mm[1]) })}
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
      <h2>{say('plannerSeeds.seedShelf')}</h2>
      {own.length === 0 ? (
        <p className="mb-0">
          <Say
            it="plannerSeeds.lotShelfOpenSeed"
            name={species?.name.toLowerCase()}
            link={(inside) => <Link to="/seeds">{inside}</Link>}
          />
        </p>
      ) : (
        <ChoiceField
          label={say('plannerSeeds.seedLot')}
          field="seedLotId"
          problems={problems}
          hint={
            standing
              ? (standing.warning ??
                (standing.test
                  ? say('plannerSeeds.testNumbersUse', { up: standing.test.up, of: standing.test.of })
                  : say('plannerSeeds.testedNumbersUsualOnes')))
              : undefined
          }
          value={chosen?.id ?? ''}
          choices={[
            { value: '', name: say('plannerSeeds.freshPacket') },
            ...own.map((l) => ({ value: l.id, name: `${l.name}${l.year === null ? '' : `, ${l.year}`}` })),
          ]}
          onChange={(seedLotId) => change(setting({ seedLotId }))}
        />
      )}
    </section>
  );
}
