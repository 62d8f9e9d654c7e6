import { type ClassView } from '@bright-sprout/contracts/classes';
import { type ImportRequest } from '@bright-sprout/contracts/imports';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type ColumnMapping, guessMapping } from '@bright-sprout/core/formats/columnMapping';
import { importTidyCsv } from '@bright-sprout/core/formats/importTidyCsv';
import { type CsvTable } from '@bright-sprout/core/formats/readCsv';
import { useMemo, useState } from 'react';
import { Form } from 'react-bootstrap';
import { useNavigate } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { Field } from '../../entry/Field';
import { SpeciesOptions } from '../../entry/SpeciesOptions';
import { ProblemNotice } from '../../page/Notices';
import { ColumnFields } from './ColumnFields';
import { ImportHead } from './ImportHead';
import { ImportOutcome } from './ImportOutcome';
import { MeasureColumns } from './MeasureColumns';
import { TablePreview } from './TablePreview';
import { WritingFields } from './WritingFields';

export interface OpenFile {
  name: string;
  text: string;
  csv: CsvTable;
}

/** A table that was opened: what its columns mean, what it is about, and what it will become. */
export function Mapping({ group, file, onBack }: { group: ClassView; file: OpenFile; onBack: () => void }) {
  const navigate = useNavigate();
  const [id] = useState(() => v7());
  const [mapping, setMapping] = useState<ColumnMapping>(() => guessMapping(file.csv));
  const [about, setAbout] = useState({ question: '', factor: '', speciesId: 'radish' });
  const result = useMemo(() => importTidyCsv(file.csv, mapping), [file, mapping]);
  const save = useWrite(
    (body: ImportRequest) => request<InvestigationView>('PUT', `/imports/${id}`, body),
    'investigations',
    'classes',
  );
  const [question, factor] = [about.question.trim(), about.factor.trim()];
  const enough = question.length >= 5 && factor.length >= 2;
  const submit = () =>
    save.mutate(
      { classId: group.id, question, factor, speciesId: about.speciesId, text: file.text, mapping },
      { onSuccess: (made) => void navigate(`/investigations/${made.id}/compare`) },
    );
  const columns = { csv: file.csv, mapping, onChange: setMapping };
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
          <TablePreview csv={file.csv} />
        </section>
        <ColumnFields {...columns} />
        <MeasureColumns {...columns} />
        <WritingFields {...columns} />
        <AboutFields about={about} onChange={setAbout} />
        <section className="import-outcome" aria-live="polite">
          {save.error && <ProblemNotice error={save.error} />}
          <ImportOutcome result={result} enough={enough} />
        </section>
      </main>
    </>
  );
}

interface About {
  question: string;
  factor: string;
  speciesId: string;
}

function AboutFields({ about, onChange }: { about: About; onChange: (about: About) => void }) {
  return (
    <section className="section">
      <h2>What is it about?</h2>
      <Field label="The question">
        {(props) => (
          <Form.Control
            value={about.question}
            maxLength={200}
            onChange={(e) => onChange({ ...about, question: e.target.value })}
            {...props}
          />
        )}
      </Field>
      <Field label="What was changed">
        {(props) => (
          <Form.Control
            value={about.factor}
            maxLength={60}
            onChange={(e) => onChange({ ...about, factor: e.target.value })}
            {...props}
          />
        )}
      </Field>
      <Field label="Kind of plant">
        {(props) => (
          <Form.Select value={about.speciesId} onChange={(e) => onChange({ ...about, speciesId: e.target.value })} {...props}>
            <SpeciesOptions />
          </Form.Select>
        )}
      </Field>
    </section>
  );
}
