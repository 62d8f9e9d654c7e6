import { type ClassView as Class, GRADE_BAND_NAMES } from '@bright-sprout/contracts/classes';
import { formatDay, isDated } from '@bright-sprout/core/calendar/days';
import { joinLink } from '@bright-sprout/core/reach/shortLink';
import { Form } from 'react-bootstrap';
import { Link, useNavigate } from 'react-router';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { ClassPage } from '../../page/ClassPage';
import { DeleteThis } from '../../keeping/DeleteThis';
import { EmblemMark } from '../../marks/EmblemMark';
import { Empty, ProblemNotice } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { NotReached } from '../../reach/NotReached';
import { Square } from '../../reach/Square';
import { useReach } from '../../reach/useReach';
import { withoutScheme } from '../../reach/withoutScheme';
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

/** The teams with their PINs, and how they come in. */
function Teams({ group }: { group: Class }) {
  const renew = useWrite((teamId: string) => request<Class>('POST', `/classes/${group.id}/teams/${teamId}/pin`), 'classes');
  return (
    <section className="section">
      <h2>Teams</h2>
      <WayIn group={group} />
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

/** Where a team's device comes in: address, class code and a square to scan. */
function WayIn({ group }: { group: Class }) {
  const { asked, addresses, address, choose } = useReach();
  return (
    <>
      {!asked && address === null && <NotReached />}
      <div className="way-in">
        {address !== null && (
          <Square className="way-in-square" text={joinLink(address, group.joinCode)} name="Joins the class when it is scanned" />
        )}
        <div>
          {address === null ? (
            <p>Class code</p>
          ) : (
            <p>
              On the team’s device scan the square, or open <b className="way-in-address">{withoutScheme(address)}/join</b> and
              type
            </p>
          )}
          <p className="class-code">{group.joinCode}</p>
          <Link className="btn no-print" to={`/classes/${group.id}/join`}>
            Show it on the projector
          </Link>
        </div>
      </div>
      {addresses.length > 1 && (
        <fieldset className="way-in-addresses no-print">
          <legend>This computer has several addresses. Which one opens on a team’s device?</legend>
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
                {isDated(i.sownOn) && `sown ${formatDay(i.sownOn)} · `}
                {i.phase}
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
      <DeleteThis
        kind="class"
        id={group.id}
        words="Delete this class"
        before={<p>Take packages of the investigations you want to keep along first.</p>}
        onGone={() => void navigate('/keeping')}
      />
    </section>
  );
}
