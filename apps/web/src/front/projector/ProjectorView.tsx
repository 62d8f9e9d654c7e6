import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type ScreenView as Shown } from '@bright-sprout/contracts/answers/screens';
import { daysBetween, formatDay } from '@bright-sprout/core/calendar/days';
import { useEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { isProblem } from '../../api/client';
import { useScreenNews } from '../../api/live';
import { useScreen } from '../../api/queries';
import { DayTape } from '../../tape/DayTape';
import { Waiting } from '../../page/Notices';
import { recordedOn, dayTapeOf } from '@bright-sprout/core/tape/dayTape';
import { Wall } from '../../wall/Wall';
import { QuestionOnProjector } from './QuestionOnProjector';
import './projector.scss';

/** The wall on a projector or in the hallway: dark, big, by itself up to date; without a session, until the link is taken back. */
export function ProjectorView() {
  const { token = '' } = useParams();
  const query = useScreen(token);
  useScreenNews(token);
  const [light, setLight] = useState(false);
  useEffect(() => {
    document.body.classList.toggle('screen-dark', !light);
    return () => document.body.classList.remove('screen-dark');
  }, [light]);
  const gone = isProblem(query.error, 404);
  return (
    <main className={`screen${light ? ' light' : ''}`}>
      {gone ? (
        <p className="screen-gone" role="alert">
          {say('projector.screenTakenBackLink')}
        </p>
      ) : query.data ? (
        <Screen records={query.data} stale={query.isError} onTheme={() => setLight(!light)} />
      ) : (
        <Waiting>{say('projector.fetchingPlants')}</Waiting>
      )}
    </main>
  );
}

function Screen({ records, stale, onTheme }: { records: Shown; stale: boolean; onTheme: () => void }) {
  const { investigation } = records;
  const today = todayIn(investigation.class.timeZone);
  const tape = useMemo(() => dayTapeOf(records, today), [records, today]);
  const known = recordedOn(tape);
  const [chosen, setChosen] = useState<string | null>(null);
  const day = chosen !== null && known.includes(chosen) ? chosen : (known[known.length - 1] ?? null);
  return (
    <>
      <header className="screen-head">
        <h1>{investigation.question}</h1>
        <p>
          {say('projector.dayNetworkAwayLast', {
            name: investigation.class.name,
            today: formatDay(today),
            daysBetween: daysBetween(investigation.sownOn, today),
            stale,
          })}
        </p>
        <button type="button" className="btn btn-plain" onClick={onTheme}>
          {say('projector.lightDark')}
        </button>
      </header>
      {day === null ? (
        <p className="screen-gone">{say('projector.nobodyCheckedPlantYet')}</p>
      ) : (
        <>
          {records.question ? (
            <QuestionOnProjector records={records} day={day} address={records.question} />
          ) : (
            <>
              <DayTape tape={tape} sownOn={investigation.sownOn} chosen={day} onChoose={setChosen} />
              <Wall records={records} day={day} before={known[known.indexOf(day) - 1] ?? null} />
            </>
          )}
        </>
      )}
    </>
  );
}
