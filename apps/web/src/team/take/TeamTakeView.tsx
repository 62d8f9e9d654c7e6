import { say } from '@bright-sprout/words/say';
import { type BenchFilmView } from '@bright-sprout/contracts/answers/films';
import { daysBetween, formatDay } from '@bright-sprout/core/calendar/days';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { v7 } from 'uuid';
import { theOutbox, useWaiting } from '../../api/outbox';
import { useBench, useBenchFilms } from '../../api/queries';
import { EmblemMark } from '../../marks/EmblemMark';
import { Empty, Loaded } from '../../page/Notices';
import { Taking } from '../../pictures/Taking';

const PATH = '/api/v1/bench/frames';

/** A team takes today's picture of what the class photographs; without a network it waits on the device with everything else. */
export function TeamTakeView() {
  const { filmId = '' } = useParams();
  const bench = useBench();
  const films = useBenchFilms();
  const [frameId] = useState(() => v7());
  const waits = useWaiting().some((w) => w.id === frameId && !w.confirmed && w.refused === null);
  return (
    <Loaded query={bench} what={say('pictures.yourTeam')}>
      {({ team, today }) => (
        <Loaded query={films} what={say('pictures.thePictures')}>
          {(all) => {
            const film: BenchFilmView | undefined = all.find((f) => f.id === filmId);
            if (!film)
              return (
                <div className="page">
                  <Empty title={say('pictures.filmMore')}>
                    <Link className="btn" to="/bench">
                      {say('pictures.backPlants')}
                    </Link>
                  </Empty>
                </div>
              );
            const keep = (picture: Blob) =>
              theOutbox().add(frameId, team.id, {
                kind: 'frame',
                body: { about: { filmId, day: today, recordedAt: timeNow().toISOString() }, picture },
              });
            return (
              <Taking
                film={film}
                path={PATH}
                onKeep={keep}
                head={
                  <header className="taking-head">
                    <span className="taking-emblem">
                      <EmblemMark emblem={team.emblem} size={30} />
                    </span>
                    <h1>{say('pictures.nameOnDay', { name: film.name, daysBetween: daysBetween(film.sownOn, today) })}</h1>
                    <p>{say('pictures.forTeamToday', { nickname: team.nickname, today: formatDay(today) })}</p>
                    <Link className="btn" to="/bench">
                      {say('common.close')}
                    </Link>
                  </header>
                }
                done={
                  <>
                    <h2>{waits ? say('pictures.waitsDevice') : say('pictures.yourTeacherHasIt')}</h2>
                    <p>{waits ? say('pictures.sentItselfSoonNetwork') : say('pictures.comesFilmWhenTeacher')}</p>
                    <Link className="btn-next" to="/bench">
                      {say('pictures.backPlants')}
                    </Link>
                  </>
                }
              />
            );
          }}
        </Loaded>
      )}
    </Loaded>
  );
}
