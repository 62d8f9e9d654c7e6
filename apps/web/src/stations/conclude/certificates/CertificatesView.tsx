import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { NO_LESSON } from '@bright-sprout/contracts/noLesson';
import { goalsReached, type GrowthGoal, tallestSoFar } from '@bright-sprout/core/conclude/report/certificate';
import { formatLength, parseLength, RESOLUTION_UNIT } from '@bright-sprout/core/quantities/length';
import { useMemo, useRef, useState } from 'react';
import { Form } from 'react-bootstrap';
import { v7 } from 'uuid';
import { useChangeLesson, useLesson } from '../../../api/queries';
import { handOver } from '../../../compare/figures/takeAway';
import { Certificate } from '../../../conclude/paper/Certificate';
import { makePdf } from '../../../print/makePdf';
import { CERTIFICATE_SHEETS, type CertificateSheetName } from '../../../conclude/paper/sheets';
import { svgForPdf } from '../../../print/svgForPdf';
import { Field } from '../../../entry/Field';
import { Loaded, ProblemNotice } from '../../../page/Notices';
import { ConcludeFrame } from '../ConcludeFrame';

export function CertificatesView() {
  return <ConcludeFrame>{({ records }) => <Certificates records={records} />}</ConcludeFrame>;
}

function Certificates({ records }: { records: InvestigationRecords }) {
  const { investigation, readings } = records;
  const lesson = useLesson(investigation.id);
  const change = useChangeLesson(investigation.id);
  const document = lesson.data?.document ?? NO_LESSON;
  const planned = investigation.outlook?.goal;
  const goals = useMemo<GrowthGoal[]>(
    () => [...(planned ? [{ id: 'plan', words: planned.name, mm: planned.mm }] : []), ...document.goals],
    [planned, document.goals],
  );
  const reached = useMemo(() => goalsReached(investigation.containers, readings, goals), [investigation, readings, goals]);
  const tallest = useMemo(() => tallestSoFar(readings), [readings]);
  const [size, setSize] = useState<CertificateSheetName>('a4');
  const sheet = CERTIFICATE_SHEETS[size];
  const { sheets, making, error, make } = useCertificatePdf(sheet, investigation.class.name);
  return (
    <Loaded query={lesson} what={say('certificates.theGoals')}>
      {() => (
        <section aria-label={say('common.certificates')}>
          <GoalForm
            resolution={investigation.resolution}
            onAdd={(goal) => change.mutate((d) => ({ ...d, goals: [...d.goals, goal] }))}
          />
          <ul className="goal-list">
            {goals.map((g) => (
              <Goal
                key={g.id}
                goal={g}
                reachedBy={reached.filter((r) => r.goal.id === g.id).length}
                tallest={tallest}
                resolution={investigation.resolution}
                onTakeAway={() => change.mutate((d) => ({ ...d, goals: d.goals.filter((o) => o.id !== g.id) }))}
              />
            ))}
          </ul>
          {change.error && <ProblemNotice error={change.error} />}
          {error !== null && <ProblemNotice error={error} />}
          {reached.length > 0 && (
            <>
              <div className="d-flex flex-wrap gap-2 mb-3" role="group" aria-label={say('common.paper')}>
                {(Object.keys(CERTIFICATE_SHEETS) as CertificateSheetName[]).map((s) => (
                  <button key={s} type="button" className="btn" aria-pressed={size === s} onClick={() => setSize(s)}>
                    {CERTIFICATE_SHEETS[s].name}
                  </button>
                ))}
                <button type="button" className="btn-next" disabled={making} onClick={() => void make(reached)}>
                  {making
                    ? say('certificates.makingThem')
                    : reached.length === 1
                      ? say('certificates.certificatePdf')
                      : say('certificates.allAsAPdf', { countReached: reached.length })}
                </button>
              </div>
              <div className="certificate-list">
                {reached.map((r) => (
                  <div key={keyOf(r)}>
                    <Certificate
                      reached={r}
                      investigation={investigation}
                      sheet={sheet}
                      ref={(element) => {
                        if (element) sheets.current.set(keyOf(r), element);
                      }}
                    />
                    <button type="button" className="btn btn-plain" disabled={making} onClick={() => void make([r])}>
                      {say('certificates.alonePdf', { code: r.container.code })}
                    </button>
                  </div>
                ))}
              </div>
            </>
          )}
        </section>
      )}
    </Loaded>
  );
}

type Reached = ReturnType<typeof goalsReached>;

const keyOf = (r: Reached[number]) => `${r.goal.id} ${r.container.id}`;

/** Makes one file of certificates that stand on the page. */
function useCertificatePdf(sheet: (typeof CERTIFICATE_SHEETS)[CertificateSheetName], className: string) {
  const [making, setMaking] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const sheets = useRef(new Map<string, SVGSVGElement>());
  const make = async (some: Reached) => {
    setMaking(true);
    setError(null);
    try {
      const [width, height] = sheet.points;
      const blob = await makePdf({
        info: {
          title: say('certificates.growthCertificates', { name: className }),
          creator: say('common.brightSprout'),
        },
        pageSize: { width, height },
        pageMargins: 0,
        content: some.map((r, i) => ({
          svg: svgForPdf(sheets.current.get(keyOf(r))!),
          width,
          height: height - 0.5,
          ...(i > 0 ? { pageBreak: 'before' as const } : {}),
        })),
      });
      handOver(blob, some.length === 1 ? `certificate-${some[0]!.container.code}.pdf` : 'certificates.pdf');
    } catch (problem) {
      setError(problem);
    } finally {
      setMaking(false);
    }
  };
  return { sheets, making, error, make };
}

function Goal({
  goal,
  reachedBy,
  tallest,
  resolution,
  onTakeAway,
}: {
  goal: GrowthGoal;
  reachedBy: number;
  tallest: number | null;
  resolution: RulerResolution;
  onTakeAway: () => void;
}) {
  return (
    <li>
      <b>{goal.words}</b>, {formatLength(goal.mm, resolution)}:{' '}
      {reachedBy > 0
        ? say('certificates.reachedBy', { n: reachedBy })
        : tallest === null
          ? say('certificates.nothingMeasuredYet')
          : say('certificates.yetTallestFar', { tallest: formatLength(tallest, resolution) })}
      {goal.id === 'plan' ? (
        <span className="second"> {say('certificates.fromThePlan')}</span>
      ) : (
        <button type="button" className="btn btn-plain" onClick={onTakeAway}>
          {say('common.takeAway')}
        </button>
      )}
    </li>
  );
}

/** A goal: something everybody knows, with its height as typed. */
function GoalForm({
  resolution,
  onAdd,
}: {
  resolution: InvestigationRecords['investigation']['resolution'];
  onAdd: (goal: GrowthGoal) => void;
}) {
  const [words, setWords] = useState('');
  const [height, setHeight] = useState('');
  const [problem, setProblem] = useState<{ words?: string; height?: string }>({});
  const add = () => {
    const parsed = parseLength(height, RESOLUTION_UNIT[resolution]);
    const found = {
      ...(words.trim() === '' ? { words: say('certificates.nameSomethingEverybodyKnows') } : {}),
      ...(parsed.ok
        ? parsed.mm > 0 && parsed.mm <= 10_000
          ? {}
          : { height: say('certificates.betweenMillimetreMetres') }
        : { height: parsed.reason }),
    };
    setProblem(found);
    if (Object.keys(found).length > 0 || !parsed.ok) return;
    onAdd({ id: v7(), words: words.trim(), mm: parsed.mm });
    setWords('');
    setHeight('');
  };
  return (
    <form
      className="goal-form"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <Field label={say('certificates.asTallAs')} error={problem.words ? { message: problem.words } : undefined}>
        {(props) => (
          <Form.Control
            {...props}
            value={words}
            maxLength={60}
            placeholder={say('certificates.doorHandle')}
            onChange={(e) => setWords(e.target.value)}
          />
        )}
      </Field>
      <Field label={say('certificates.howHighIsThat')} error={problem.height ? { message: problem.height } : undefined}>
        {(props) => (
          <Form.Control
            {...props}
            value={height}
            maxLength={40}
            placeholder={
              RESOLUTION_UNIT[resolution] === 'in' ? say('certificates.sampleHeightInches') : say('certificates.sampleHeight')
            }
            onChange={(e) => setHeight(e.target.value)}
          />
        )}
      </Field>
      <button type="submit" className="btn">
        {say('certificates.setGoal')}
      </button>
    </form>
  );
}
