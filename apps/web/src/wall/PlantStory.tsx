import { methodWords } from '@bright-sprout/core/pictures/countingWords';
import { say } from '@bright-sprout/words/say';
import { Say } from '../words/Say';
import { type ContainerView, type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween, formatDay, type IsoDay, isDated } from '@bright-sprout/core/calendar/days';
import { currentReadings, type Reading, replacedBy } from '@bright-sprout/core/readings/reading';
import { readingWords } from '@bright-sprout/core/readings/readingWords';
import { type Finding, type SeenInPicture } from '@bright-sprout/core/measures/finding';
import { formatLength, type RulerResolution } from '@bright-sprout/core/quantities/length';
import { Offcanvas } from 'react-bootstrap';
import { Link } from 'react-router';
import { request } from '../api/client';
import { useWrite } from '../api/queries';
import { Photos } from '../entry/Photos';

/** Everything recorded of one container, day by day; what was corrected stands struck through beside its correction. */
export function PlantStory({
  container,
  records,
  team,
  onClose,
}: {
  container: ContainerView;
  records: InvestigationRecords;
  /** Seen on a team's device. */
  team: boolean;
  onClose: () => void;
}) {
  const { investigation, readings } = records;
  const takeBack = useWrite((id: string) => request('DELETE', `/photos/${id}`), 'investigations');
  const own = readings.filter((r) => r.containerId === container.id);
  const words = (r: Reading) =>
    readingWords(r, {
      resolution: investigation.origin === 'imported' ? 'mm' : investigation.resolution,
      own: investigation.bench.own,
      sown: container.seedsSown,
    });
  const treatment = investigation.treatments.find((t) => t.code === container.treatment)!;
  /** What was counted is looked at in its film, what was measured on the picture itself. */
  const pictureOf = ({ measure, seen }: Finding, { day }: { day: IsoDay }) => {
    const { id, sownOn } = records.investigation;
    const at = measure === 'percent-green' ? `?at=${daysBetween(sownOn, day)}` : `/ruler/${seen!.picture}`;
    return `/investigations/${id}/pictures${at}`;
  };
  return (
    <Offcanvas show onHide={onClose} placement="end" aria-labelledby="story-title">
      <Offcanvas.Header closeButton closeLabel={say('common.close')}>
        <Offcanvas.Title as="h2" id="story-title">
          {container.code} · {treatment.label}
        </Offcanvas.Title>
      </Offcanvas.Header>
      <Offcanvas.Body>
        <p className="second">
          <Say
            it="wall.potAndSeeds"
            label={container.block === null ? say('wall.noTeam') : container.block}
            childNumber={container.childNumber !== null && ` ${container.childNumber}`}
            seedsSown={container.seedsSown}
            sownOn={formatDay(container.sownOn)}
            hasDate={isDated(container.sownOn)}
          />
        </p>
        <Photos
          photos={records.photos.filter((p) => p.containerId === container.id).map((p) => ({ ...p, picture: null }))}
          code={container.code}
          path={team ? '/bench/photos' : '/photos'}
          ruler={team ? undefined : (id) => `/investigations/${records.investigation.id}/pictures/ruler/${id}`}
          onTakeBack={team ? null : takeBack.mutate}
        />
        {own.length === 0 ? (
          <p>{say('wall.nobodyLookedYet')}</p>
        ) : (
          <table className="table">
            <thead>
              <tr>
                <th scope="col">{say('common.dayHead')}</th>
                <th scope="col">{say('wall.date')}</th>
                <th scope="col">{say('wall.seen')}</th>
              </tr>
            </thead>
            <tbody>
              {currentReadings(own).map((r) => (
                <tr key={r.id}>
                  <td className="numeral">{daysBetween(container.sownOn, r.day)}</td>
                  <td>{formatDay(r.day)}</td>
                  <td>
                    {replacedBy(own, r.id).map((old) => (
                      <s key={old.id} className="second me-2">
                        {words(old)}
                      </s>
                    ))}
                    <b>{words(r)}</b>
                    {r.findings.map(
                      (f) =>
                        f.seen && (
                          <SeenIn
                            key={f.measure}
                            seen={f.seen}
                            of={team ? null : { ...records.investigation, to: pictureOf(f, r) }}
                          />
                        ),
                    )}
                    {r.note && <div className="second">“{r.note}”</div>}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Offcanvas.Body>
    </Offcanvas>
  );
}

/** By what it was seen in a picture, between what it lies, and the picture itself. */
function SeenIn({ seen, of }: { seen: SeenInPicture; of: { resolution: RulerResolution; to: string } | null }) {
  return (
    <div className="second">
      {seen.low !== null && seen.high !== null && of
        ? say('wall.methodAndRange', {
            method: methodWords(seen.method),
            low: formatLength(seen.low, of.resolution),
            high: formatLength(seen.high, of.resolution),
          })
        : methodWords(seen.method)}
      {of && (
        <>
          {' · '}
          <Link to={of.to}>{say('wall.itsPicture')}</Link>
        </>
      )}
    </div>
  );
}
