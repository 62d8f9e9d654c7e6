import { say } from '@bright-sprout/words/say';
import { type FrameView } from '@bright-sprout/contracts/answers/films';
import { daysBetween, formatDay } from '@bright-sprout/core/calendar/days';
import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useFilms, useInvestigation, useWrite } from '../../../api/queries';
import { Empty, Loaded } from '../../../page/Notices';
import { Taking } from '../../../pictures/Taking';

const PATH = '/api/v1/frames';

/** The teacher takes today's picture. */
export function TakeView() {
  const { id = '', filmId = '' } = useParams();
  const investigation = useInvestigation(id);
  const films = useFilms(id);
  // The id is made once, so that a picture that is sent twice is one.
  const [frameId] = useState(() => v7());
  const put = useWrite(({ picture, day }: { picture: Blob; day: string }) => {
    const about = new URLSearchParams({ filmId, day, recordedAt: timeNow().toISOString() }).toString();
    return request<FrameView>('PUT', `/frames/${frameId}?${about}`, picture);
  }, 'films');
  return (
    <Loaded query={investigation} what={say('common.theInvestigation')}>
      {({ investigation: of }) => (
        <Loaded query={films} what={say('pictures.thePictures')}>
          {(all) => {
            const film = all.find((f) => f.id === filmId && !f.removed);
            const back = `/investigations/${id}/pictures?film=${filmId}`;
            if (!film)
              return (
                <div className="page">
                  <Empty title={say('pictures.filmMore')}>
                    <Link className="btn" to={`/investigations/${id}/pictures`}>
                      {say('pictures.toThePictures')}
                    </Link>
                  </Empty>
                </div>
              );
            const today = todayIn(of.class.timeZone);
            return (
              <Taking
                film={{ ...film, frames: film.frames.filter((f) => f.seen) }}
                path={PATH}
                onKeep={async (picture) => void (await put.mutateAsync({ picture, day: today }))}
                head={
                  <header className="taking-head">
                    <h1>{say('pictures.nameOnDay', { name: film.name, daysBetween: daysBetween(of.sownOn, today) })}</h1>
                    <p>
                      {of.class.name} · {formatDay(today)}
                    </p>
                    <Link className="btn" to={back}>
                      {say('common.close')}
                    </Link>
                  </header>
                }
                done={
                  <>
                    <h2>{say('pictures.itIsInThe')}</h2>
                    <Link className="btn-next" to={back}>
                      {say('pictures.seeFilm')}
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
