import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { say } from '@bright-sprout/words/say';
import { benchFor } from '@bright-sprout/core/bench/benchProtocol';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { heightOf } from '@bright-sprout/core/measures/finding';
import { SEED_COUNTS } from '@bright-sprout/core/measures/builtIn/counts';
import { mainMeasure } from '@bright-sprout/core/measures/registry';
import { contradict } from '@bright-sprout/core/readings/standing';
import { currentReadings, replacedBy } from '@bright-sprout/core/readings/reading';
import { readingWords } from '@bright-sprout/core/readings/readingWords';
import { useEffect, useRef, useState } from 'react';
import { v7 } from 'uuid';
import { theOutbox } from '../../api/outbox';
import { readFiles, readyToRead } from '../../pictures/readFiles';
import { type ShownPhoto } from '../../entry/enteredSince';
import { habitOf } from '../../records/habitOf';
import { Photos } from '../../entry/Photos';
import { BenchHelps } from './BenchHelps';
import { BenchSaved } from './BenchSaved';
import { BenchSight } from './BenchSight';
import { NoHeight, WhyLost } from './NoHeight';
import { readingsOf } from './stops';
import { type Card, useCard } from './useCard';
import { BenchFoot } from './BenchFoot';
import { DoubtQuestion, OtherDoubt } from './DoubtQuestion';
import { pressKey } from './entry';
import { HeightPad } from './HeightPad';
import { MoreFields } from './MoreFields';

interface Props extends Card {
  /** Pictures of the container on this day. */
  photos: ShownPhoto[];
  /** What the way on leads to; null where this is the last. */
  nextName: string | null;
  onGuide: () => void;
  onOtherDay: () => void;
}

/** A plant of this height may be taller than the ruler. */
const LONG_MM = 150;

/** One plant at a time: the ruler moves as the number is tapped, and the change since last time is computed. */
export function BenchCard(props: Props) {
  const {
    teamId,
    investigation,
    container,
    plant,
    day,
    otherDay,
    saved,
    lost,
    readings,
    kinds,
    photos,
    last,
    nextName,
    onGuide,
    onOtherDay,
  } = props;
  const { resolution } = investigation;
  const bench = benchFor(investigation.bench, container.treatment);
  const scroll = useRef<HTMLDivElement>(null);
  const { entry, mm, doubt, shown, other, changing, setChanging, change, toggle, save } = useCard(props);
  const elsewhere = currentReadings(readingsOf({ container, plant, name: '' }, readings, bench.plants)).filter(
    (r) => r.day === day && saved !== null && r.id !== saved.id && contradict(r, saved),
  );
  const main = mainMeasure(bench);
  const asksHeight = bench.measures.includes('height');
  const looksForRoots = SEED_COUNTS.some((code) => code === main.code) && bench.sprouted === 'root-2mm';
  const { pictureNo, takePicture } = usePicture(teamId, container.id, day);
  const question = main.question(investigation.class.gradeBand, {
    habit: habitOf(investigation, container),
    sprouted: bench.sprouted,
  });
  return (
    <>
      <div className="bench-scroll" ref={scroll}>
        <BenchSight
          investigation={investigation}
          container={container}
          kinds={kinds}
          entry={entry}
          mm={mm}
          last={last}
          doubtful={shown}
          question={question}
          old={saved ? replacedBy(readings, saved.id) : []}
        />
        <BenchHelps
          band={investigation.class.gradeBand}
          aloud={`${container.code}. ${question}`}
          onGuide={onGuide}
          onOtherDay={Object.keys(otherDay).length === 0 ? onOtherDay : null}
          onTaller={changing && mm !== null && mm >= LONG_MM ? () => change(pressKey(entry, '+', resolution)) : null}
        />
        <TodaysPictures refused={pictureNo} photos={photos} code={container.code} teamId={teamId} />
        {!changing ? (
          <BenchSaved
            code={container.code}
            lost={lost}
            saved={saved !== null}
            elsewhere={elsewhere.map((r) => readingWords(r, { resolution, own: bench.own, sown: container.seedsSown }))}
            onChange={() => setChanging(true)}
          />
        ) : (
          <>
            {doubt && shown && (
              <DoubtQuestion
                doubt={doubt}
                entry={entry}
                valueMm={mm!}
                beforeMm={last ? heightOf(last) : null}
                resolution={resolution}
                onChange={change}
              />
            )}
            {!doubt && other && <OtherDoubt doubt={other} entry={entry} onChange={change} />}
            {entry.state === 'lost' ? (
              <WhyLost entry={entry} onChange={change} />
            ) : (
              <>
                {asksHeight && <HeightPad entry={entry} resolution={resolution} onChange={change} />}
                <MoreFields investigation={investigation} container={container} plant={plant} entry={entry} onChange={change} />
              </>
            )}
            <NoHeight entry={entry} rootsOnly={looksForRoots} onToggle={toggle} />
          </>
        )}
      </div>
      <BenchFoot
        note={entry.note}
        closed={!changing}
        onNote={(note) => change({ ...entry, note })}
        onPicture={(file) => void takePicture(file).then(() => scroll.current?.scrollTo({ top: 0 }))}
        next={nextName ? say('bench.nextContainer', { nextName }) : say('bench.finish')}
        onNext={save}
      />
    </>
  );
}

/** A picture goes into the outbox as soon as it is read; what cannot be read says why. */
function usePicture(teamId: string, containerId: string, day: IsoDay) {
  const [pictureNo, setPictureNo] = useState<string | null>(null);
  useEffect(readyToRead, []);
  const takePicture = async (file: File) => {
    const about = { containerId, day, recordedAt: timeNow().toISOString() };
    await readFiles([file], (read) => {
      setPictureNo(read.ok ? null : read.why);
      if (read.ok) void theOutbox().add(v7(), teamId, { kind: 'photo', body: { about, picture: read.picture } });
    });
  };
  return { pictureNo, takePicture };
}

function TodaysPictures({
  refused,
  photos,
  code,
  teamId,
}: {
  refused: string | null;
  photos: Props['photos'];
  code: string;
  teamId: string;
}) {
  return (
    <>
      {refused && (
        <p className="notice" role="alert">
          {refused}
        </p>
      )}
      {photos.length > 0 && (
        <div className="bench-photos">
          <Photos
            photos={photos}
            code={code}
            path="/bench/photos"
            onTakeBack={(of) => void theOutbox().add(v7(), teamId, { kind: 'photo-back', body: { of } })}
          />
          <p>{say('bench.facesPleaseTapPicture')}</p>
        </div>
      )}
    </>
  );
}
