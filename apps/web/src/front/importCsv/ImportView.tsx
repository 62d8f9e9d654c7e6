import { type ClassView } from '@bright-sprout/contracts/classes';
import { type ImportRequest, MAX_IMPORT_CHARACTERS } from '@bright-sprout/contracts/imports';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type ColumnMapping, type ColumnRole, guessMapping } from '@bright-sprout/core/formats/columnMapping';
import { importTidyCsv } from '@bright-sprout/core/formats/importTidyCsv';
import { type CsvTable, readCsv } from '@bright-sprout/core/formats/readCsv';
import { type ReactNode, useMemo, useState } from 'react';
import { Form } from 'react-bootstrap';
import { useDropzone } from 'react-dropzone';
import { Link, useNavigate } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { ClassPage } from '../../page/ClassPage';
import { DayInput } from '../../entry/DayInput';
import { Field } from '../../entry/Field';
import { ProblemNotice } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { SpeciesOptions } from '../../entry/SpeciesOptions';
import './importCsv.scss';

interface OpenFile {
  name: string;
  text: string;
  csv: CsvTable;
}

export function ImportView() {
  return <ClassPage>{(group) => <Import group={group} />}</ClassPage>;
}

function Import({ group }: { group: ClassView }) {
  const [file, setFile] = useState<OpenFile | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const open = async (dropped: File) => {
    const text = await dropped.text();
    const read =
      text.length > MAX_IMPORT_CHARACTERS
        ? { ok: false as const, reason: 'This file has more than 4 million characters. Split it.' }
        : readCsv(text);
    setWrong(read.ok ? null : `${dropped.name}: ${read.reason}`);
    if (read.ok) setFile({ name: dropped.name, text, csv: read.csv });
  };
  const { getRootProps, getInputProps, isDragActive } = useDropzone({
    multiple: false,
    onDrop: ([dropped]) => dropped && void open(dropped),
  });
  if (file) return <Mapping key={file.name} group={group} file={file} onBack={() => setFile(null)} />;
  return (
    <>
      <ImportHead group={group} />
      <main>
        <p>
          A table with one row for each look at a plant: which container, which treatment, which day, how tall. Comma, semicolon
          or tab between the columns.
        </p>
        <div {...getRootProps({ className: `drop${isDragActive ? ' over' : ''}` })}>
          <input {...getInputProps({ 'aria-label': 'Choose a CSV file' })} />
          <p className="drop-words">{isDragActive ? 'Let go' : 'Drop a CSV file here'}</p>
          <span className="btn">Choose a file</span>
        </div>
        {wrong && (
          <div className="notice mt-3" role="alert">
            <p className="notice-title">This file cannot be read as a table</p>
            <p>{wrong} Nothing was imported.</p>
          </div>
        )}
      </main>
    </>
  );
}

function ImportHead({ group, next }: { group: ClassView; next?: ReactNode }) {
  return (
    <PageHead
      tag={
        <Link className="group-tag" to={`/classes/${group.id}`}>
          {group.name}
        </Link>
      }
      title="Bring in records"
      next={next}
    />
  );
}

const NEEDED: { role: ColumnRole; label: string; optional?: boolean }[] = [
  { role: 'treatment', label: 'Treatment' },
  { role: 'unit', label: 'Container' },
  { role: 'value', label: 'Height' },
  { role: 'date', label: 'Date', optional: true },
  { role: 'day', label: 'Day since sowing', optional: true },
  { role: 'block', label: 'Team or block', optional: true },
  { role: 'lengthUnit', label: 'Unit of length', optional: true },
  { role: 'plant', label: 'Plant in the container', optional: true },
  { role: 'state', label: 'State', optional: true },
  { role: 'note', label: 'Note', optional: true },
];

const PREVIEW_ROWS = 4;
const LISTED_PROBLEMS = 12;

function Mapping({ group, file, onBack }: { group: ClassView; file: OpenFile; onBack: () => void }) {
  const navigate = useNavigate();
  const [id] = useState(() => v7());
  const [mapping, setMapping] = useState<ColumnMapping>(() => guessMapping(file.csv));
  const [question, setQuestion] = useState('');
  const [factor, setFactor] = useState('');
  const [speciesId, setSpeciesId] = useState('radish');
  const result = useMemo(() => importTidyCsv(file.csv, mapping), [file, mapping]);
  const save = useWrite(
    (body: ImportRequest) => request<InvestigationView>('PUT', `/imports/${id}`, body),
    'investigations',
    'classes',
  );
  const setColumn = (role: ColumnRole, heading: string) =>
    setMapping((m) => ({
      ...m,
      columns:
        heading === ''
          ? Object.fromEntries(Object.entries(m.columns).filter(([r]) => r !== role))
          : { ...m.columns, [role]: heading },
    }));
  const treatments = mapping.columns.treatment
    ? [...new Set(file.csv.rows.map((r) => r.cells[mapping.columns.treatment!]!.trim()))].filter(Boolean)
    : [];
  const enough = question.trim().length >= 5 && factor.trim().length >= 2;
  const submit = () =>
    save.mutate(
      { classId: group.id, question: question.trim(), factor: factor.trim(), speciesId, text: file.text, mapping },
      { onSuccess: (made) => void navigate(`/investigations/${made.id}/compare`) },
    );
  return (
    <>
      <ImportHead
        group={group}
        next={
          <button type="button" className="btn-next" disabled={!result.ok || !enough || save.isPending} onClick={submit}>
            {save.isPending ? 'Bringing them in …' : 'Bring them in'}
          </button>
        }
      />
      <main className="import">
        <section className="section import-file">
          <h2>
            {file.name}: {file.csv.rows.length} rows{' '}
            <button type="button" className="btn btn-plain" onClick={onBack}>
              Another file
            </button>
          </h2>
          <div className="table-responsive">
            <table className="table import-preview">
              <thead>
                <tr>
                  <th scope="col">line</th>
                  {file.csv.headings.map((h) => (
                    <th scope="col" key={h}>
                      {h}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {file.csv.rows.slice(0, PREVIEW_ROWS).map((r) => (
                  <tr key={r.line}>
                    <td className="second">{r.line}</td>
                    {file.csv.headings.map((h) => (
                      <td key={h}>{r.cells[h]}</td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </section>
        <section className="section">
          <h2>Which column is what?</h2>
          <div className="import-pairs">
            {NEEDED.map(({ role, label, optional }) => (
              <Field key={role} label={label}>
                {(props) => (
                  <Form.Select value={mapping.columns[role] ?? ''} onChange={(e) => setColumn(role, e.target.value)} {...props}>
                    <option value="">{optional ? 'none' : 'choose …'}</option>
                    {file.csv.headings.map((h) => (
                      <option key={h}>{h}</option>
                    ))}
                  </Form.Select>
                )}
              </Field>
            ))}
          </div>
        </section>
        <section className="section">
          <h2>How is it written?</h2>
          <div className="import-pairs">
            <Field label="Heights are in">
              {(props) => (
                <Form.Select
                  value={mapping.lengthUnit}
                  onChange={(e) => setMapping({ ...mapping, lengthUnit: e.target.value as ColumnMapping['lengthUnit'] })}
                  {...props}
                >
                  <option value="mm">millimetres</option>
                  <option value="cm">centimetres</option>
                  <option value="in">inches</option>
                </Form.Select>
              )}
            </Field>
            <Field label="Dates are written">
              {(props) => (
                <Form.Select
                  value={mapping.dateOrder}
                  onChange={(e) => setMapping({ ...mapping, dateOrder: e.target.value as ColumnMapping['dateOrder'] })}
                  {...props}
                >
                  <option value="year-month-day">year, month, day</option>
                  <option value="day-month-year">day, month, year</option>
                  <option value="month-day-year">month, day, year</option>
                </Form.Select>
              )}
            </Field>
            <Field label="Sown on">
              {(props) => (
                <DayInput
                  value={mapping.sownOn ?? ''}
                  onChange={(day) => setMapping({ ...mapping, sownOn: day || null })}
                  {...props}
                />
              )}
            </Field>
            <Field label="The control is">
              {(props) => (
                <Form.Select
                  value={mapping.control ?? ''}
                  onChange={(e) => setMapping({ ...mapping, control: e.target.value || null })}
                  {...props}
                >
                  <option value="">as the file says, or the first</option>
                  {treatments.slice(0, 12).map((t) => (
                    <option key={t}>{t}</option>
                  ))}
                </Form.Select>
              )}
            </Field>
          </div>
        </section>
        <section className="section">
          <h2>What is it about?</h2>
          <Field label="The question">
            {(props) => (
              <Form.Control value={question} maxLength={200} onChange={(e) => setQuestion(e.target.value)} {...props} />
            )}
          </Field>
          <Field label="What was changed">
            {(props) => <Form.Control value={factor} maxLength={60} onChange={(e) => setFactor(e.target.value)} {...props} />}
          </Field>
          <Field label="Kind of plant">
            {(props) => (
              <Form.Select value={speciesId} onChange={(e) => setSpeciesId(e.target.value)} {...props}>
                <SpeciesOptions />
              </Form.Select>
            )}
          </Field>
        </section>
        <section className="import-outcome" aria-live="polite">
          {save.error && <ProblemNotice error={save.error} />}
          {result.ok ? (
            <p className="import-ready">
              {result.table.readings.length} readings of {result.table.units.length} containers in{' '}
              {result.table.treatments.length} treatments; the control is {result.table.treatments[0]!.label}.
              {!enough && ' Write the question and what was changed, then bring them in.'}
            </p>
          ) : (
            <div className="notice">
              <p className="notice-title">
                {result.problems.length === 1 ? 'One thing has' : `${result.problems.length} things have`} to be put right first;
                nothing is imported until then
              </p>
              <ul>
                {result.problems.slice(0, LISTED_PROBLEMS).map((p) => (
                  <li key={`${p.line} ${p.sentence}`}>
                    <b>Line {p.line}</b>: {p.sentence}
                  </li>
                ))}
              </ul>
              {result.problems.length > LISTED_PROBLEMS && <p>and {result.problems.length - LISTED_PROBLEMS} more.</p>}
            </div>
          )}
        </section>
      </main>
    </>
  );
}
