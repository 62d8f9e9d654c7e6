import { say } from '@bright-sprout/words/say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type Layout } from '@bright-sprout/core/plan/layout/layOut';
import { EmblemMark } from '../../../marks/EmblemMark';
import { TreatmentMark } from '../../../marks/TreatmentMark';

/** Pots that go home, team by team: a number beside the emblem says whose each is. */
export function OwnPots({ layout, teams }: { layout: Layout; teams: ClassView['teams'] }) {
  const owners = [...new Set(layout.containers.map((c) => c.team))];
  return (
    <ul className="own-pots">
      {owners.map((team) => (
        <li key={team ?? 'class'}>
          <span className="own-pots-team">
            {team !== null && teams[team] && <EmblemMark emblem={teams[team].emblem} size={26} />}
            <b>{(team !== null && teams[team]?.nickname) || say('common.theClassTitle')}</b>
          </span>
          {layout.containers
            .filter((c) => c.team === team)
            .sort((a, b) => (a.child ?? 0) - (b.child ?? 0))
            .map((c) => (
              <span key={c.code} className="own-pot">
                <b>{c.child}</b>
                <TreatmentMark code={c.treatment} size={15} /> {c.code}
              </span>
            ))}
        </li>
      ))}
    </ul>
  );
}
