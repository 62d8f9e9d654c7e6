import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type ImportRequest, type RememberedReading } from '@bright-sprout/contracts/imports';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type TableMend, type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { withShares } from '@bright-sprout/core/formats/table/headChoices';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { SPECIES } from '@bright-sprout/core/seeds/catalogue';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../api/client';
import { useLongWrite } from '../../api/useLongWrite';
import { ProblemNotice, Waiting } from '../../page/Notices';
import { RuledWord } from '../../page/RuledWord';
import { type OpenedTable } from '../../workers/tableQuestion';
import { type TableBeside } from '../../workers/useTable';
import { AboutTable, type AboutRecords } from './AboutTable';
import { BecomesSentence } from './BecomesSentence';
import { BringInHead } from './BringInHead';
import { HeadTable } from './HeadTable';
import { TableStrip } from './TableStrip';

interface Props {
  group: ClassView;
  opened: OpenedTable;
  table: TableBeside;
  onSheet: (sheet: string) => void;
  onBack: () => void;
}

/** A table that was opened: its heads say what its columns mean, and beside it stands what it will become. */
export function TableForm(props: Props) {
  const { opened } = props;
  const { data, isFetchedAfterMount } = useQuery({
    queryKey: ['remembered-table', opened.headsKey],
    queryFn: () => request<{ reading: RememberedReading | null }>('GET', `/imports/remembered/${opened.headsKey}`),
    staleTime: 0,
    retry: false,
  });
  // Choices are asked for first, so that nothing is put in the place of what a person has chosen meanwhile.
  if (!isFetchedAfterMount) return <Waiting>{say('bringIn.reading', { name: opened.name })}</Waiting>;
  return <Form {...props} remembered={data?.reading ?? null} />;
}

function Form({ group, opened, table, onSheet, onBack, remembered }: Props & { remembered: RememberedReading | null }) {
  const navigate = useNavigate();
  const [id] = useState(() => v7());
  const fits = remembered !== null && remembered.columns.length === opened.headings.length;
  const [reading, setReading] = useState<TableReading>(() =>
    withShares(fits ? { ...opened.reading, ...columnsOf(remembered) } : opened.reading),
  );
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const [about, setAbout] = useState<AboutRecords>({
    question: '',
    factor: fits ? remembered.factor : '',
    speciesId: fits ? remembered.speciesId : kindNamedIn([opened.title, opened.name, ...opened.headings].join(' ')),
  });
  const { read, outlook } = table;
  useEffect(() => read(reading), [read, reading]);
  const save = useLongWrite<InvestigationView>(`/imports/${id}`, 'investigations', 'classes', 'remembered-table');
  const mend = (mends: TableMend[]) => setReading({ ...reading, mends: [...reading.mends, ...mends] });
  const { factor, question, usual, missing } = named(about, outlook);
  const waiting = outlook?.waiting ?? [];
  const ready = outlook !== null && outlook.problems.length === 0 && missing.length === 0 && table.busy === null;
  const submit = () => {
    const { own, ...rest } = reading;
    const body = async (): Promise<ImportRequest> => ({
      classId: group.id,
      question: question.slice(0, 200),
      factor: factor.slice(0, 60),
      speciesId: about.speciesId,
      fileName: opened.name,
      table: await table.pack(reading),
      reading: rest,
      own,
    });
    save.mutate(body, { onSuccess: (made) => made && void navigate(`/investigations/${made.id}/compare`) });
  };
  return (
    <>
      <BringInHead
        group={group}
        aside={<AboutFile opened={opened} onSheet={onSheet} onBack={onBack} />}
        next={
          <>
            {waiting.length > 0 && (
              <button type="button" className="btn" onClick={() => mend(waiting.map((line) => ({ kind: 'leave-out', line })))}>
                {say('bringIn.leaveRowsOut', { countWaiting: waiting.length })}
              </button>
            )}
            <button type="button" className="btn-next" disabled={!ready || save.isPending} onClick={submit}>
              {save.isPending ? say('bringIn.bringingThem') : say('bringIn.bringThem')}
            </button>
          </>
        }
      />
      <main className="bring-in">
        <aside className="bring-in-side" aria-live="polite">
          {save.error && <ProblemNotice error={save.error} />}
          {save.isPending && <HowFar looks={outlook?.looks} share={save.share} onStop={save.stop} />}
          {outlook === null ? (
            <Waiting>{say('bringIn.lookingTable')}</Waiting>
          ) : (
            <>
              <BecomesSentence
                outlook={outlook}
                reading={reading}
                onChange={setReading}
                speciesId={about.speciesId}
                onSpecies={(speciesId) => setAbout({ ...about, speciesId })}
              />
              <AboutTable
                about={about}
                usual={{ question: usual, factor: outlook.factor }}
                onChange={setAbout}
                missing={missing}
              />
              {outlook.strip && <TableStrip strip={outlook.strip} own={outlook.own} />}
              <p className="second mb-0">{say('bringIn.choicesLastTableHeads', { fits })}</p>
            </>
          )}
        </aside>
        <HeadTable
          opened={opened}
          outlook={outlook}
          reading={reading}
          chosen={chosen}
          remembered={fits}
          choicesOf={(column) => table.choices(reading, column)}
          onReading={(next, column) => {
            setReading(next);
            if (column !== null) setChosen(new Set([...chosen, column]));
          }}
          onMend={mend}
        />
      </main>
    </>
  );
}

/** What the records are about, as it was typed or as the table lets one guess, and what is still missing. */
function named(about: AboutRecords, outlook: TableBeside['outlook']) {
  const factor = about.factor.trim() || outlook?.factor || '';
  const main = outlook?.measures[0] ? measureOf(outlook.measures[0], outlook.own) : null;
  const usual =
    factor.length >= 2 && main
      ? say('bringIn.whatDoesDoTo', {
          cause: factor === say('tablesIn.roleTreatment') ? say('bringIn.theTreatment') : factor,
          name: main.name,
        })
      : '';
  const question = about.question.trim() || usual;
  const missing = [
    ...(question.length < 5 ? [say('bringIn.theQuestionItself')] : []),
    ...(factor.length < 2 ? [say('bringIn.theThingChanged')] : []),
    ...(about.speciesId === '' ? [say('bringIn.theKindOfPlant')] : []),
  ];
  return { factor, question, usual, missing };
}

function AboutFile({ opened, onSheet, onBack }: Pick<Props, 'opened' | 'onSheet' | 'onBack'>) {
  return (
    <span className="bring-in-file">
      {say('bringIn.rowsColumns', { name: opened.name, rows: opened.rows, countHeadings: opened.headings.length })}
      {opened.sheets.length > 1 && (
        <>
          {' '}
          <Say
            it="bringIn.sheet"
            sheet={
              <RuledWord
                name={say('bringIn.sheetWorkbook')}
                value={opened.sheet ?? ''}
                choices={opened.sheets.map((s) => ({ value: s, label: s }))}
                onChoose={onSheet}
              />
            }
          />
        </>
      )}{' '}
      <button type="button" className="btn btn-plain" onClick={onBack}>
        {say('bringIn.anotherFile')}
      </button>
    </span>
  );
}

function HowFar({ looks, share, onStop }: { looks: number | undefined; share: number; onStop: () => void }) {
  return (
    <div role="status" className="bring-in-far">
      <p>
        <Say it="bringIn.bringingLooks" looks={looks} />
      </p>
      <progress max={1} value={share} aria-label={say('bringIn.howMuchIsIn')} />
      <button type="button" className="btn" onClick={onStop}>
        {say('bringIn.stopBringNothing')}
      </button>
    </div>
  );
}

const columnsOf = ({ columns, own, zeros, seedsEach, dateOrder }: RememberedReading) => ({
  columns,
  own,
  zeros,
  seedsEach,
  dateOrder,
});

/** The kind of plant that a file's name or heads speak of; empty where none is known. */
function kindNamedIn(text: string): string {
  const plain = text.toLowerCase().replace(/[_-]+/g, ' ');
  const words = plain.split(/[^a-z]+/);
  const last = (name: string) => name.toLowerCase().split(' ').pop()!;
  const whole = SPECIES.find((s) => plain.includes(s.name.toLowerCase()));
  const byLast = SPECIES.filter((s) => words.includes(last(s.name)) || words.includes(`${last(s.name)}s`));
  return whole?.id ?? (byLast.length === 1 ? byLast[0]!.id : '');
}
