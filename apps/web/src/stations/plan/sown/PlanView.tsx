import { Say } from '../../../words/Say';
import { say } from '@bright-sprout/words/say';
import { placesWords, splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { formatDay, isDated } from '@bright-sprout/core/calendar/days';
import { capital } from '@bright-sprout/core/words/capital';
import { counted, plural } from '@bright-sprout/core/words/plural';
import { Link } from 'react-router';
import { useTeamPredictions } from '../../../api/queries';
import { InvestigationFrame } from '../../../page/InvestigationFrame';
import { TeamPredictions } from '../../../sowing/TeamPredictions';
import { TrayPlan } from '../../../sowing/TrayPlan';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { RESOLUTION_WORDS } from '../../../entry/resolutionWords';
import { KeepOn } from './KeepOn';
import './plan.scss';

export function PlanView() {
  return (
    <InvestigationFrame
      next={({ records }) => (
        <Link className="btn-next" to={`/investigations/${records.investigation.id}`}>
          {say('common.seePlants')}
        </Link>
      )}
    >
      {({ records }) => <Plan records={records} />}
    </InvestigationFrame>
  );
}

function Plan({ records }: { records: InvestigationRecords }) {
  const { investigation } = records;
  const { containers, treatments, teams, containerName } = investigation;
  const blocks = [...new Set(containers.map((c) => c.block))];
  const tray = blocks.map((block) => {
    const team = teams.find((t) => t.nickname === block && containers.some((c) => c.teamId === t.id));
    return {
      emblem: team?.emblem ?? null,
      nickname: block ?? say('sownPlan.noTeam'),
      pots: containers.filter((c) => c.block === block),
    };
  });
  return (
    <>
      <p className="ruled-sentence">
        <Say
          it="sownPlan.whatStands"
          b={(inside) => <b>{inside}</b>}
          containers={counted(containers.length, containerName)}
          hasReserve={investigation.reserve.length > 0}
          countReserve={investigation.reserve.length}
          planned={investigation.origin === 'planned'}
          placesWords={placesWords(investigation.split, containerName)}
          drawSeed={investigation.drawSeed}
        />
      </p>
      <TrayPlan teams={tray} />
      <div className="columns mt-3">
        <section className="section">
          <h2>
            {treatments.length > 1 ? say('sownPlan.whatChanges', { factor: investigation.factor }) : say('sownPlan.allAreAlike')}
          </h2>
          <div className="table-scroll">
            {' '}
            <table className="table">
              <thead>
                <tr>
                  <th scope="col">{say('sownPlan.label')}</th>
                  <th scope="col">{say('sownPlan.whatItGets')}</th>
                  <th scope="col">{capital(plural(containerName))}</th>
                </tr>
              </thead>
              <tbody>
                {treatments.map((t) => (
                  <tr key={t.code}>
                    <td>
                      <span className="plan-mark">
                        <TreatmentMark code={t.code} size={20} /> {t.code}
                      </span>
                    </td>
                    <td>
                      {t.label} {t.control && <span className="second">{say('sownPlan.theControl')}</span>}
                    </td>
                    <td className="numeral">{containers.filter((c) => c.treatment === t.code).length}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <p className="second">{splitWords(investigation.split)}</p>
        </section>
        <section className="section">
          <h2>{say('sownPlan.grownRead')}</h2>
          <Facts investigation={investigation} />
        </section>
        <KeepOn records={records} />
        <Predicted investigationId={investigation.id} />
      </div>
    </>
  );
}

function Facts({ investigation }: { investigation: InvestigationRecords['investigation'] }) {
  const { containers, containerName } = investigation;
  return (
    <dl className="plan-facts">
      <dt>{say('sownPlan.seed')}</dt>
      <dd>
        {investigation.origin === 'planned'
          ? say('sownPlan.seedsInEach', {
              species: investigation.speciesName,
              seedsInWords: seedsInWords(containers),
              containerName,
            })
          : investigation.speciesName}
      </dd>
      <dt>{say('sownPlan.grownIn')}</dt>
      <dd>{investigation.methodName}</dd>
      {investigation.brought && (
        <>
          <dt>{say('sownPlan.cameTable')}</dt>
          <dd>
            {say('sownPlan.cameAs', {
              file: investigation.brought.fileName || say('sownPlan.withoutName'),
              someLeft: investigation.brought.leftOut > 0,
              leftOut: investigation.brought.leftOut,
              fromFirstCheck: investigation.brought.days === 'from-first-look',
            })}
          </dd>
        </>
      )}
      <dt>{say('sownPlan.sown')}</dt>
      <dd>{isDated(investigation.sownOn) ? formatDay(investigation.sownOn) : say('sownPlan.nobodyWrote')}</dd>
      <dt>{say('sownPlan.rulerRead')}</dt>
      <dd>{RESOLUTION_WORDS[investigation.resolution]}</dd>
      <dt>{say('sownPlan.yetCounts')}</dt>
      <dd>{investigation.beforeSprouting === 'zero' ? say('sownPlan.heightZeroMeans') : say('sownPlan.heightNamedMean')}</dd>
    </dl>
  );
}

/** Fewest and most seeds of a container. */
function seedsInWords(containers: readonly { seedsSown: number }[]): string {
  const seeds = containers.map((c) => c.seedsSown);
  const [low, high] = [Math.min(...seeds), Math.max(...seeds)];
  return low === high ? `${low}` : say('common.fromTo', { low, high });
}

/** What teams expected before sowing; nothing where nobody was asked. */
function Predicted({ investigationId }: { investigationId: string }) {
  const { data } = useTeamPredictions(investigationId);
  if (!data || data.length === 0) return null;
  return (
    <section className="section">
      <h2>{say('sownPlan.teamsExpected')}</h2>
      <TeamPredictions predictions={data} />
    </section>
  );
}
