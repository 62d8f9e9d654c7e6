import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../../words/Say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { LABEL_GRIDS, type LabelGrid } from '@bright-sprout/core/paper/labelGrid';
import { type PaperSheet, periodWords, SHEET_PERIODS, type SheetPeriod } from '@bright-sprout/core/paper/paperSheets';
import { type Kitchen } from '@bright-sprout/core/quantities/volume';
import { type ReactNode } from 'react';
import { Form } from 'react-bootstrap';
import { Field } from '../../../entry/Field';
import { RuledWord } from '../../../page/RuledWord';
import { KITCHENS } from '../prepare/kitchens';
import { type Choices, type PrintableId, type SheetSize } from './printable';

const SIZES: Record<SheetSize, { label: string; detail: string }> = {
  usual: spoken({
    label: 'printRoom.usual',
    detail: 'printRoom.columnEveryMeasure',
  }),
  large: spoken({
    label: 'printRoom.large',
    detail: 'printRoom.needLarger',
  }),
  early: spoken({
    label: 'printRoom.withPictures',
    detail: 'printRoom.picturesTickBoxNumber',
  }),
};

const PERIODS: Record<SheetPeriod, string> = spoken({
  day: 'common.oneDay',
  week: 'printRoom.oneWeek',
  whole: 'printRoom.allDays',
});

interface SentenceProps {
  what: PrintableId;
  /** The word by which the paper is chosen. */
  paper: ReactNode;
  choices: Choices;
  sheets: readonly PaperSheet[];
  teams: InvestigationRecords['investigation']['teams'];
  onChange: (part: Partial<Choices>) => void;
}

/** The sentence that says on what and how it is printed. */
export function PrintSentence({ what, paper, choices, sheets, teams, onChange }: SentenceProps) {
  if (what === 'stick-labels' || what === 'pot-labels')
    return (
      <Say
        it="printRoom.labelsOnPaper"
        paper={paper}
        sheet={
          <RuledWord
            name={say('printRoom.sheetLabels')}
            value={choices.gridName}
            choices={[
              ...Object.entries(LABEL_GRIDS).map(([value, { name }]) => ({ value, label: name })),
              ...(choices.gridName === 'own' ? [{ value: 'own', label: say('printRoom.sheetOwn') }] : []),
            ]}
            onChoose={(name) => LABEL_GRIDS[name] && onChange({ gridName: name, grid: { ...LABEL_GRIDS[name].grid } })}
          />
        }
        how={
          <RuledWord
            name={say('printRoom.labelsShow')}
            value={choices.blind ? 'blind' : 'open'}
            choices={[
              { value: 'open', label: say('printRoom.withTheTreatment'), detail: say('printRoom.codeMarkSquareScan') },
              { value: 'blind', label: say('printRoom.blind'), detail: say('printRoom.numberKeyPageTeacher') },
            ]}
            onChoose={(v) => onChange({ blind: v === 'blind' })}
          />
        }
      />
    );
  if (what === 'shopping')
    return (
      <Say
        it="printRoom.shoppingOnPaper"
        paper={paper}
        system={
          <RuledWord
            name={say('printRoom.spoonsCups')}
            value={choices.kitchen}
            choices={(Object.keys(KITCHENS) as Kitchen[]).map((value) => ({
              value,
              label: KITCHENS[value].name,
              detail: KITCHENS[value].does,
            }))}
            onChoose={(kitchen) => onChange({ kitchen })}
          />
        }
      />
    );
  if (what !== 'record-sheets' || sheets.length === 0) return <Say it="printRoom.onPaperTitle" paper={paper} />;
  return <RecordsSentence paper={paper} choices={choices} sheets={sheets} teams={teams} onChange={onChange} />;
}

function RecordsSentence({ paper, choices, sheets, teams, onChange }: Omit<SentenceProps, 'what'>) {
  const startsOf = (period: SheetPeriod) => [...new Set(sheets.flatMap((s) => (s.period === period ? [s.from] : [])))];
  // The one that holds what was chosen before, or the next after it.
  const near = (period: SheetPeriod) => {
    const starts = startsOf(period);
    if (choices.from === 'all' || period === 'whole') return period === 'whole' ? starts[0]! : 'all';
    return (
      (period === 'day' ? starts.find((s) => s >= choices.from) : starts.filter((s) => s <= choices.from).pop()) ?? starts[0]!
    );
  };
  return (
    <Say
      it="printRoom.recordsOnPaper"
      paper={paper}
      days={
        <RuledWord
          name={say('printRoom.period')}
          value={choices.period}
          choices={SHEET_PERIODS.map((value) => ({ value, label: PERIODS[value] }))}
          onChoose={(period) => onChange({ period, from: near(period) })}
        />
      }
      hasPeriod={choices.period !== 'whole'}
      period={
        <RuledWord
          name={say('printRoom.whichOne')}
          value={choices.from}
          choices={[
            ...startsOf(choices.period).map((from) => ({
              value: from,
              label: periodWords({ period: choices.period, from }),
            })),
            {
              value: 'all',
              label: choices.period === 'day' ? say('printRoom.everyDayItself') : say('printRoom.everyWeek'),
            },
          ]}
          onChoose={(from) => onChange({ from })}
        />
      }
      teams={
        <RuledWord
          name={say('common.team')}
          value={choices.team}
          choices={[{ value: '', label: say('printRoom.everyTeam') }, ...teams.map((t) => ({ value: t.id, label: t.nickname }))]}
          onChoose={(team) => onChange({ team })}
        />
      }
      how={
        <RuledWord
          name={say('printRoom.sizeSheet')}
          value={choices.size}
          choices={(Object.keys(SIZES) as SheetSize[]).map((value) => ({ value, ...SIZES[value] }))}
          onChoose={(size) => onChange({ size })}
        />
      }
    />
  );
}

const gridFields = (): [keyof LabelGrid, string][] => [
  ['columns', say('printRoom.across')],
  ['rows', say('printRoom.down')],
  ['side', say('printRoom.sideMarginMm')],
  ['end', say('printRoom.topMarginMm')],
  ['gapAcross', say('printRoom.gapAcrossMm')],
  ['gapDown', say('printRoom.gapDownMm')],
  ['startAt', say('printRoom.firstLabel')],
];

/** The sheet of labels, to the half millimetre. */
export function GridFields({ grid, onChange }: { grid: LabelGrid; onChange: (grid: LabelGrid) => void }) {
  return (
    <div className="print-room-grid">
      {gridFields().map(([key, label]) => (
        <Field key={key} label={label}>
          {(props) => (
            <Form.Control
              type="number"
              min={0}
              step={key === 'columns' || key === 'rows' || key === 'startAt' ? 1 : 0.5}
              value={grid[key]}
              onChange={(e) => onChange({ ...grid, [key]: Number(e.target.value) })}
              {...props}
            />
          )}
        </Field>
      ))}
    </div>
  );
}
