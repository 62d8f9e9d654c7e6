import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../../words/Say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
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
      <Loaded query={query} what={say('common.theInvestigation')}>
        {(records) => <TakeAlong records={records} />}
      </Loaded>
    </div>
  );
}

const WHO: Record<LicenceName, { label: string; detail: string }> = {
  'class-only': spoken({
    label: 'takeAlong.classOnly',
    detail: 'takeAlong.whoeverFindsAskSchool',
  }),
  'cc-by': {
    get label() {
      return say('takeAlong.everybodyNamesClass');
    },
    detail: LICENCES['cc-by'].title,
  },
  cc0: {
    get label() {
      return say('takeAlong.everybody');
    },
    detail: LICENCES.cc0.title,
  },
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
            {say('common.plan')}
          </Link>
        }
        title={say('takeAlong.takeRecordsAlong')}
        aside={say('takeAlong.checksAndPictures', {
          countReadings: readings.length,
          pictures: photos.length,
        })}
      />
      <main className="take-along">
        <Way
          title={say('takeAlong.wholePackage')}
          kind="zip"
          href={`${file('package.zip')}?licence=${licence}`}
          action={say('takeAlong.takePackageAlong')}
          next
        >
          <p>{say('takeAlong.everythingKeptPicturesPlan')}</p>
          <div className="mb-1">
            <Say
              it="takeAlong.mayUsed"
              who={
                <RuledWord
                  name={say('takeAlong.mayUse')}
                  value={licence}
                  choices={(Object.keys(WHO) as LicenceName[]).map((value) => ({ value, ...WHO[value] }))}
                  onChoose={setLicence}
                />
              }
            />
          </div>
        </Way>
        <Way
          title={say('takeAlong.aWorkbook')}
          kind="xlsx"
          href={file('export.xlsx')}
          action={say('takeAlong.takeWorkbookAlong')}
        >
          <p>{say('takeAlong.spreadsheetSheetFindingsContainers')}</p>
        </Way>
        <Way title={say('takeAlong.oneTable')} kind="csv" href={file('export.csv')} action={say('takeAlong.takeTableAlong')}>
          <p>{say('takeAlong.everyLookRowCorrections')}</p>
        </Way>
        {planned && (
          <>
            <Way title={say('takeAlong.theDays')} kind="ics" href={file('days.ics')} action={say('takeAlong.takeDaysAlong')}>
              <p>{say('takeAlong.calendarSowingChecksWatering')}</p>
            </Way>
            <Way title={say('takeAlong.thePlan')} kind="json" href={file('plan.json')} action={say('takeAlong.takePlanAlong')}>
              <p>{say('takeAlong.otherProgramsFormatDocumented')}</p>
            </Way>
          </>
        )}
        <p className="second take-along-note">{say('takeAlong.teamKnownEmblemNickname')}</p>
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
