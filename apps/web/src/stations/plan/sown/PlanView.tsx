import { placesWords, splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
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
          See the plants
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
    return { emblem: team?.emblem ?? null, nickname: block ?? 'No team', pots: containers.filter((c) => c.block === block) };
  });
  return (
    <>
      <p className="ruled-sentence">
        <b>{counted(containers.length, containerName)}</b>
        {investigation.reserve.length > 0 && ` and ${investigation.reserve.length} in reserve`}
        {investigation.origin === 'planned'
          ? `, each team’s together, places ${placesWords(investigation.split, containerName)} (number ${investigation.drawSeed}).`
          : ' from a file.'}
      </p>
      <TrayPlan teams={tray} />
      <div className="columns mt-3">
        <section className="section">
          <h2>{treatments.length > 1 ? `What changes: ${investigation.factor}` : 'All are alike'}</h2>
          <table className="table">
            <thead>
              <tr>
                <th scope="col">Label</th>
                <th scope="col">What it gets</th>
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
                    {t.label} {t.control && <span className="second">(the control)</span>}
                  </td>
                  <td className="numeral">{containers.filter((c) => c.treatment === t.code).length}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="second">{splitWords(investigation.split)}</p>
        </section>
        <section className="section">
          <h2>How it is grown and read</h2>
          <dl className="plan-facts">
            <dt>Seed</dt>
            <dd>
              {investigation.speciesName}
              {investigation.origin === 'planned' && `, ${seedsInWords(containers)} in each ${containerName}`}
            </dd>
            <dt>Grown in</dt>
            <dd>{investigation.methodName}</dd>
            {investigation.brought && (
              <>
                <dt>Came as a table</dt>
                <dd>
                  {investigation.brought.fileName || 'without a name'}
                  {investigation.brought.leftOut > 0 &&
                    `, ${investigation.brought.leftOut} ${investigation.brought.leftOut === 1 ? 'line' : 'lines'} left out`}
                  {investigation.brought.days === 'from-first-look' && '; days are counted from the first look'}
                </dd>
              </>
            )}
            <dt>Sown</dt>
            <dd>{isDated(investigation.sownOn) ? formatDay(investigation.sownOn) : 'nobody wrote it'}</dd>
            <dt>Ruler read to the</dt>
            <dd>{RESOLUTION_WORDS[investigation.resolution]}</dd>
            <dt>Not up yet counts as</dt>
            <dd>
              {investigation.beforeSprouting === 'zero'
                ? 'a height of zero, in the means'
                : 'no height: it is named, but in no mean'}
            </dd>
          </dl>
        </section>
        <KeepOn records={records} />
        <Predicted investigationId={investigation.id} />
      </div>
    </>
  );
}

/** Fewest and most seeds of a container. */
function seedsInWords(containers: readonly { seedsSown: number }[]): string {
  const seeds = containers.map((c) => c.seedsSown);
  const [low, high] = [Math.min(...seeds), Math.max(...seeds)];
  return low === high ? `${low}` : `${low} to ${high}`;
}

/** What teams expected before sowing; nothing where nobody was asked. */
function Predicted({ investigationId }: { investigationId: string }) {
  const { data } = useTeamPredictions(investigationId);
  if (!data || data.length === 0) return null;
  return (
    <section className="section">
      <h2>What teams expected</h2>
      <TeamPredictions predictions={data} />
    </section>
  );
}
