import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { LICENCES, type LicenceName } from '@bright-sprout/core/formats/export/dataPackage';
import { type ReactNode, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useInvestigation } from '../../../api/queries';
import { Loaded } from '../../../page/Notices';
import { PageHead } from '../../../page/PageHead';
import { RuledWord } from '../../../page/RuledWord';
import './takeAlong.scss';

/** Everything in which the records of an investigation can leave, and what each is good for. */
export function TakeAlongView() {
  const { id = '' } = useParams();
  const query = useInvestigation(id);
  return (
    <div className="page">
      <Loaded query={query} what="the investigation">
        {(records) => <TakeAlong records={records} />}
      </Loaded>
    </div>
  );
}

const WHO: Record<LicenceName, { label: string; detail: string }> = {
  'class-only': { label: 'the class only', detail: 'whoever finds it has to ask the school' },
  'cc-by': { label: 'everybody who names the class', detail: LICENCES['cc-by'].title },
  cc0: { label: 'everybody', detail: LICENCES.cc0.title },
};

function TakeAlong({ records: { investigation, readings, photos } }: { records: InvestigationRecords }) {
  const [licence, setLicence] = useState<LicenceName>('class-only');
  const file = (name: string) => `/api/v1/investigations/${investigation.id}/${name}`;
  const planned = investigation.origin === 'planned';
  return (
    <>
      <PageHead
        tag={
          <Link className="group-tag" to={`/investigations/${investigation.id}/plan`}>
            Plan
          </Link>
        }
        title="Take the records along"
        aside={`${readings.length} ${readings.length === 1 ? 'look' : 'looks'}${photos.length > 0 ? `, ${photos.length} ${photos.length === 1 ? 'picture' : 'pictures'}` : ''}`}
      />
      <main className="take-along">
        <Way
          title="The whole package"
          kind="zip"
          href={`${file('package.zip')}?licence=${licence}`}
          action="Take the package along"
          next
        >
          <p>
            Everything that is kept, pictures and plan included. It comes back whole: into this class after a loss, into another
            class, another school. Other programs read it too: every table says what its columns are, and a script in R and one in
            Python draw a first figure of it.
          </p>
          <div className="mb-1">
            It may be used by{' '}
            <RuledWord
              name="Who may use it"
              value={licence}
              choices={(Object.keys(WHO) as LicenceName[]).map((value) => ({ value, ...WHO[value] }))}
              onChoose={setLicence}
            />
            .
          </div>
        </Way>
        <Way title="A workbook" kind="xlsx" href={file('export.xlsx')} action="Take the workbook along">
          <p>
            For a spreadsheet: a sheet each for findings, containers, checks, care, deviations, the room and the plan, and one
            that says what every column is and in which unit.
          </p>
        </Way>
        <Way title="One table" kind="csv" href={file('export.csv')} action="Take the table along">
          <p>Every look is a row, corrections and what they replaced included. It comes in again under “Bring in records”.</p>
        </Way>
        {planned && (
          <>
            <Way title="The days" kind="ics" href={file('days.ics')} action="Take the days along">
              <p>For your calendar: sowing, checks, watering, lessons, and what is due before a weekend.</p>
            </Way>
            <Way title="The plan" kind="json" href={file('plan.json')} action="Take the plan along">
              <p>For other programs, in a format that is documented and has a version.</p>
            </Way>
          </>
        )}
        <p className="second take-along-note">
          A team is known by its emblem and nickname; no name of a child is in any of these. Notes are as the teams wrote them:
          read them before you give them away.
        </p>
      </main>
    </>
  );
}

/** One way out, as a sheet with its kind of file on the corner. */
function Way({
  title,
  kind,
  href,
  action,
  next = false,
  children,
}: {
  title: string;
  kind: string;
  href: string;
  action: string;
  next?: boolean;
  children: ReactNode;
}) {
  return (
    <section className="way-out">
      <svg viewBox="0 0 58 72" width="58" height="72" aria-hidden="true" className="way-out-sheet">
        <path d="M2 2H40L56 18V70H2Z" fill="#fff" stroke="#2A1B2E" strokeWidth="2" strokeLinejoin="round" />
        <path d="M40 2V18H56" fill="none" stroke="#2A1B2E" strokeWidth="1.4" />
        <path d="M10 30H48M10 38H48M10 46H34" stroke="#C9C5D1" strokeWidth="2" />
        <text x="29" y="63" textAnchor="middle" className="way-out-kind">
          {kind}
        </text>
      </svg>
      <div>
        <h2>{title}</h2>
        {children}
      </div>
      <a className={next ? 'btn-next' : 'btn'} href={href} download>
        {action}
      </a>
    </section>
  );
}
