import { say } from '@bright-sprout/words/say';
import { type Emblem, EMBLEM_NAMES, EMBLEMS } from '@bright-sprout/contracts/access';
import { type ClassView as Class } from '@bright-sprout/contracts/answers/classes';
import { counted } from '@bright-sprout/core/words/plural';
import { useState } from 'react';
import { v7 } from 'uuid';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { EmblemMark } from '../../marks/EmblemMark';
import { ProblemNotice } from '../../page/Notices';

type Team = Class['teams'][number];

/** What goes out of sight with a team; empty where nothing does. */
export function leavesWords({ leaves: { devices, predictions, waiting } }: Pick<Team, 'leaves'>): string {
  const parts = [
    devices > 0 && say('classPage.deviceDevicesOtherJoined', { devices }),
    predictions > 0 && counted(predictions, 'prediction'),
    waiting > 0 && say('classPage.entryEntriesWaiting', { waiting }),
  ];
  return parts.filter((part) => part !== false).join(', ');
}

/** A tap adds a team or takes one away. What would go with it is said first; whatever is taken away can be brought back. */
export function EmblemPicker({ group }: { group: Class }) {
  const [asked, setAsked] = useState<Team | null>(null);
  const [taken, setTaken] = useState<Team | null>(null);
  const save = useWrite(
    (teams: { id: string; emblem: Emblem }[]) => request<Class>('PUT', `/classes/${group.id}/teams`, { teams }),
    'classes',
  );
  const present = group.teams.map(({ id, emblem }) => ({ id, emblem }));
  const add = (id: string, emblem: Emblem) => {
    setTaken(null);
    save.mutate([...present, { id, emblem }]);
  };
  const takeAway = (team: Team) => {
    setAsked(null);
    save.mutate(
      present.filter((t) => t.id !== team.id),
      { onSuccess: () => setTaken(team) },
    );
  };
  const tap = (emblem: Emblem) => {
    const team = group.teams.find((t) => t.emblem === emblem);
    if (!team) return add(taken?.emblem === emblem ? taken.id : v7(), emblem);
    if (leavesWords(team) === '') return takeAway(team);
    setAsked(team);
  };
  return (
    <>
      {save.error && <ProblemNotice error={save.error} />}
      <h3 className="mt-3">{group.teams.length === 0 ? say('classPage.tapEmblemTeam') : say('classPage.tapAddTakeAway')}</h3>
      {asked && (
        <div className="notice team-leaves" role="alert">
          <p>{say('classPage.withTheWouldGo', { nickname: asked.nickname, leavesWords: leavesWords(asked) })}</p>
          <button type="button" className="btn" onClick={() => takeAway(asked)}>
            {say('classPage.takeAway', { nickname: asked.nickname })}
          </button>{' '}
          <button type="button" className="btn btn-plain" onClick={() => setAsked(null)}>
            {say('classPage.keepThem')}
          </button>
        </div>
      )}
      {taken && (
        <p className="team-leaves" role="status">
          {say('classPage.takenAwayNothingThrown', { nickname: taken.nickname })}{' '}
          <button type="button" className="btn btn-plain" onClick={() => add(taken.id, taken.emblem)}>
            {say('classPage.bringBack', { nickname: taken.nickname })}
          </button>
        </p>
      )}
      <div className="emblem-picker no-print" role="group" aria-label={say('classPage.emblems')}>
        {EMBLEMS.map((emblem) => {
          const on = present.some((t) => t.emblem === emblem);
          return (
            <button
              key={emblem}
              type="button"
              className={`btn${on ? ' active' : ''}`}
              aria-pressed={on}
              disabled={save.isPending}
              onClick={() => tap(emblem)}
            >
              <EmblemMark emblem={emblem} size={30} />
              <span>{EMBLEM_NAMES[emblem]}</span>
            </button>
          );
        })}
      </div>
    </>
  );
}
