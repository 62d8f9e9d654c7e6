import { type ClassView as Class, GRADE_BAND_NAMES } from '@bright-sprout/contracts/classes';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { Link } from 'react-router';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { ClassPage } from '../../page/ClassPage';
import { EmblemMark } from '../../marks/EmblemMark';
import { Empty, ProblemNotice } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
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
                Today
              </Link>
            }
            title={group.name}
            aside={GRADE_BAND_NAMES[group.gradeBand]}
            next={
              <Link className="btn-next" to={`/classes/${group.id}/plans`}>
                Plan an investigation
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

/** The class code as it goes on the board, and the teams with their PINs. */
function Teams({ group }: { group: Class }) {
  const renew = useWrite((teamId: string) => request<Class>('POST', `/classes/${group.id}/teams/${teamId}/pin`), 'classes');
  return (
    <section className="section">
      <h2>Teams</h2>
      <p>
        On the team’s device: <b>{location.host}/join</b>, class code
      </p>
      <p className="class-code">{group.joinCode}</p>
      {group.teams.length > 0 && (
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Team</th>
              <th scope="col">PIN</th>
              <th scope="col" className="no-print">
                <span className="visually-hidden">New PIN</span>
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
                    aria-label={`New PIN for ${team.nickname}`}
                  >
                    New PIN
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

function Investigations({ group }: { group: Class }) {
  return (
    <section className="section">
      <h2>Investigations</h2>
      {group.investigations.length === 0 ? (
        <Empty title="The first one starts with a question">
          <p>Set one up, or bring in records that you already have.</p>
        </Empty>
      ) : (
        <ul className="investigation-list">
          {group.investigations.map((i) => (
            <li key={i.id}>
              <Link to={`/investigations/${i.id}`}>{i.question}</Link>
              <span className="second">
                sown {formatDay(i.sownOn)} · {i.phase}
              </span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3 d-flex gap-2 flex-wrap">
        <Link className="btn" to={`/classes/${group.id}/import`}>
          Bring in records from a file
        </Link>
      </p>
    </section>
  );
}
