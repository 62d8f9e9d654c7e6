import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type ClassView as Class } from '@bright-sprout/contracts/answers/classes';
import { GRADE_BAND_NAMES } from '@bright-sprout/contracts/classes';
import { formatDay, isDated } from '@bright-sprout/core/calendar/days';
import { joinLink } from '@bright-sprout/core/wayIn/shortLink';
import { Form } from 'react-bootstrap';
import { Link, useNavigate } from 'react-router';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { ClassPage } from '../../page/ClassPage';
import { DeleteThis } from '../../keeping/DeleteThis';
import { EmblemMark } from '../../marks/EmblemMark';
import { Empty, ProblemNotice } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { NotReached } from '../../wayIn/NotReached';
import { Square } from '../../wayIn/Square';
import { useWayIn } from '../../wayIn/useWayIn';
import { withoutScheme } from '../../wayIn/withoutScheme';
import { EmblemPicker } from './EmblemPicker';
import './classPage.scss';

export function ClassView() {
  return (
    <ClassPage>
      {(group) => (
        <>
          <PageHead
            tag={
              <Link className="group-tag" to="/">
                {say('common.today')}
              </Link>
            }
            title={group.name}
            aside={GRADE_BAND_NAMES[group.gradeBand]}
            next={
              <Link className="btn-next" to={`/classes/${group.id}/plans`}>
                {say('classPage.planInvestigation')}
              </Link>
            }
          />
          <main className="columns">
            <Teams group={group} />
            <Investigations group={group} />
          </main>
        </>
      )}
    </ClassPage>
  );
}

/** The teams with their PINs, and how they come in. */
function Teams({ group }: { group: Class }) {
  const renew = useWrite((teamId: string) => request<Class>('POST', `/classes/${group.id}/teams/${teamId}/pin`), 'classes');
  return (
    <section className="section">
      <h2>{say('classPage.teams')}</h2>
      <WayIn group={group} />
      {group.teams.length > 0 && (
        <table className="table">
          <thead>
            <tr>
              <th scope="col">{say('common.team')}</th>
              <th scope="col">{say('classPage.pin')}</th>
              <th scope="col" className="no-print">
                <span className="visually-hidden">{say('classPage.newPin')}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {group.teams.map((team) => (
              <tr key={team.id}>
                <td>
                  <span className="team-name">
                    <EmblemMark emblem={team.emblem} /> {team.nickname}
                  </span>
                </td>
                <td className="team-pin">{team.pin}</td>
                <td className="text-end no-print">
                  <button
                    type="button"
                    className="btn btn-plain"
                    onClick={() => renew.mutate(team.id)}
                    aria-label={say('classPage.newPinFor', { nickname: team.nickname })}
                  >
                    {say('classPage.newPin')}
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {renew.error && <ProblemNotice error={renew.error} />}
      <EmblemPicker group={group} />
    </section>
  );
}

/** Where a team's device comes in: address, class code and a square to scan. */
function WayIn({ group }: { group: Class }) {
  const { asked, addresses, address, choose } = useWayIn();
  return (
    <>
      {!asked && address === null && <NotReached />}
      <div className="way-in">
        {address !== null && (
          <Square
            className="way-in-square"
            text={joinLink(address, group.joinCode)}
            name={say('classPage.joinsClassWhenScanned')}
          />
        )}
        <div>
          {address === null ? (
            <p>{say('classPage.classCode')}</p>
          ) : (
            <p>
              <Say
                it="classPage.teamsDeviceScanSquare"
                withoutScheme={withoutScheme(address)}
                b={(inside) => <b className="way-in-address">{inside}</b>}
              />
            </p>
          )}
          <p className="class-code">{group.joinCode}</p>
          <Link className="btn no-print" to={`/classes/${group.id}/join`}>
            {say('classPage.showProjector')}
          </Link>
        </div>
      </div>
      {addresses.length > 1 && (
        <fieldset className="way-in-addresses no-print">
          <legend>{say('classPage.computerSeveralAddressesOpens')}</legend>
          {addresses.map((a) => (
            <Form.Check
              key={a}
              type="radio"
              name="address"
              id={`address-${a}`}
              label={a}
              checked={a === address}
              onChange={() => choose(a)}
            />
          ))}
        </fieldset>
      )}
    </>
  );
}

function Investigations({ group }: { group: Class }) {
  const navigate = useNavigate();
  return (
    <section className="section">
      <h2>{say('classPage.investigations')}</h2>
      {group.investigations.length === 0 ? (
        <Empty title={say('classPage.firstStartsQuestion')}>
          <p>{say('classPage.setBringRecordsAlready')}</p>
        </Empty>
      ) : (
        <ul className="investigation-list">
          {group.investigations.map((i) => (
            <li key={i.id}>
              <Link to={`/investigations/${i.id}`}>{i.question}</Link>
              <span className="second">
                {isDated(i.sownOn)
                  ? say('classPage.sownAndPhase', { sownOn: formatDay(i.sownOn), phase: i.phase })
                  : say('classPage.phase', { phase: i.phase })}
              </span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3 d-flex gap-2 flex-wrap">
        <Link className="btn" to={`/classes/${group.id}/import`}>
          {say('classPage.bringRecordsFile')}
        </Link>
      </p>
      <DeleteThis
        kind="class"
        id={group.id}
        words={say('classPage.deleteClass')}
        before={<p>{say('classPage.takePackagesInvestigationsWant')}</p>}
        onGone={() => void navigate('/keeping')}
      />
    </section>
  );
}
