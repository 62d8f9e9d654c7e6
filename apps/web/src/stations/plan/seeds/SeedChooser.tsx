import { say } from '@bright-sprout/words/say';
import { addDays, formatDay, isIsoDay } from '@bright-sprout/core/calendar/days';
import { kindsCompared, withKindTurned } from '@bright-sprout/core/plan/document/kindsCompared';
import { meanTemperature } from '@bright-sprout/core/calendar/roomTemperature';
import { methodById, type Species, SPECIES } from '@bright-sprout/core/seeds/catalogue';
import { medianEmergenceDays } from '@bright-sprout/core/seeds/emergenceTime';
import { againstKind, type SeedWishes as Wishes } from '@bright-sprout/core/seeds/suitability';
import { useState } from 'react';
import { Outside } from '../days/Outside';
import { setting } from '../planFields';
import { type PartProps } from '../partProps';
import { SeedCards } from './SeedCards';
import { SeedTable } from './SeedTable';
import { NO_WISHES, SeedWishes } from './SeedWishes';

/** Kinds shown side by side before somebody asks for all. */
const SHOWN = 8;

/** Kinds that suit the weeks, the room, the season and the way of growing, drawn to one scale. */
export function SeedChooser({
  chosen,
  plan,
  change,
  problems,
}: { chosen: Species | undefined } & Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  const [wishes, setWishes] = useState(NO_WISHES);
  const [view, setView] = useState<'cards' | 'table'>('cards');
  const [all, setAll] = useState(false);
  const warmth = meanTemperature(plan.room);
  const method = methodById(plan.methodId);
  const frost = plan.goesOutside && isIsoDay(plan.lastFrost) ? plan.lastFrost : null;
  const days = (s: Species) => medianEmergenceDays(s, warmth);
  const weeks = Math.max(1, Number(wishes.weeks) || 1);
  const asked: Wishes = {
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
  const besides = SPECIES.filter((s) => !shown.includes(s) && (s === chosen || kindsCompared(plan).includes(s.id)));
  const beside = [...besides, ...shown];
  const largest = Math.max(...beside.map((s) => s.seedMm.length[1]));
  // Where kinds are compared, several are chosen.
  const compared = kindsCompared(plan);
  const several = compared.length > 0;
  const isChosen = (s: Species) => (several ? compared.includes(s.id) : s === chosen);
  const choose = (speciesId: string) => change(several ? (p) => withKindTurned(p, speciesId) : setting({ speciesId }));
  return (
    <section className="section">
      <h2>{say('plannerSeeds.seedsSuit')}</h2>
      <SeedWishes wishes={wishes} onWish={(part) => setWishes({ ...wishes, ...part })} methodName={method?.name} />
      <Outside plan={plan} change={change} problems={problems} />
      {frost && <p className="second">{say('plannerSeeds.readyStandOutsideTime', { frost: formatDay(frost) })}</p>}
      {suits.length === 0 && <p>{say('plannerSeeds.kindSuitsGiveMore')}</p>}
      <p className="planner-seed-views" role="group" aria-label={say('plannerSeeds.showKinds')}>
        {(['cards', 'table'] as const).map((v) => (
          <button key={v} type="button" className="btn" aria-pressed={view === v} onClick={() => setView(v)}>
            {v === 'cards' ? say('plannerSeeds.drawn') : say('plannerSeeds.comparedTable')}
          </button>
        ))}
      </p>
      {view === 'table' ? (
        <SeedTable kinds={beside} isChosen={isChosen} days={days} largestMm={largest} onChoose={choose} />
      ) : (
        <SeedCards kinds={beside} isChosen={isChosen} several={several} days={days} largestMm={largest} onChoose={choose} />
      )}
      {suits.length > SHOWN && (
        <button type="button" className="btn btn-plain" onClick={() => setAll(!all)}>
          {all ? say('plannerSeeds.showFewer') : say('plannerSeeds.showAll', { countSuits: suits.length })}
        </button>
      )}
      {judged
        .filter((j) => isChosen(j.species) && j.against.length > 0)
        .map(({ species, against }) => (
          <p key={species.id} className="second mb-1">
            {say('plannerSeeds.chosenAlthough', { name: species.name, against: against.join('; ') })}
          </p>
        ))}
      <p className="second mb-0">
        {say('plannerSeeds.drawnScaleRoomC', {
          degrees: Math.round(warmth),
          sowOn: formatDay(plan.sowOn),
          name: chosen?.name.toLowerCase(),
          addDays: chosen && Number.isFinite(days(chosen)) ? formatDay(addDays(plan.sowOn, Math.round(days(chosen)))) : 'never',
          countCompared: compared.length,
          several,
        })}
      </p>
    </section>
  );
}
