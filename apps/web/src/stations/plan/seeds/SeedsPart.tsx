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
