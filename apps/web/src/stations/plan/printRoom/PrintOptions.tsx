import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { LABEL_GRIDS, type LabelGrid } from '@bright-sprout/core/paper/labelGrid';
import { type PaperSheet, periodWords, SHEET_PERIODS, type SheetPeriod } from '@bright-sprout/core/paper/paperSheets';
import { type Kitchen } from '@bright-sprout/core/quantities/volume';
import { Form } from 'react-bootstrap';
import { Field } from '../../../entry/Field';
import { RuledWord } from '../../../page/RuledWord';
import { KITCHENS } from '../prepare/kitchens';
import { type Choices, type PrintableId, type SheetSize } from './printable';

const SIZES: Record<SheetSize, { label: string; detail: string }> = {
  usual: { label: 'usual', detail: 'a column for every measure' },
  large: { label: 'large', detail: 'for those who need it larger' },
  early: { label: 'with pictures', detail: 'pictures to tick, and a box for a number' },
};

const PERIODS: Record<SheetPeriod, string> = { day: 'one day', week: 'one week', whole: 'all days' };

/** The words that say how it is printed, behind the paper. */
export function PrintOptions({
  what,
  choices,
  sheets,
  teams,
  onChange,
}: {
  what: PrintableId;
  choices: Choices;
  sheets: readonly PaperSheet[];
  teams: InvestigationRecords['investigation']['teams'];
  onChange: (part: Partial<Choices>) => void;
}) {
  if (what === 'stick-labels' || what === 'pot-labels')
    return (
      <>
        , on{' '}
        <RuledWord
          name="Sheet of labels"
          value={choices.gridName}
          choices={[
            ...Object.entries(LABEL_GRIDS).map(([value, { name }]) => ({ value, label: name })),
            ...(choices.gridName === 'own' ? [{ value: 'own', label: 'a sheet of your own' }] : []),
          ]}
          onChoose={(name) => LABEL_GRIDS[name] && onChange({ gridName: name, grid: { ...LABEL_GRIDS[name].grid } })}
        />
        ,{' '}
        <RuledWord
          name="What labels show"
          value={choices.blind ? 'blind' : 'open'}
          choices={[
            { value: 'open', label: 'with the treatment', detail: 'code, mark and a square to scan' },
            { value: 'blind', label: 'blind', detail: 'a number each; the key is a page for the teacher' },
          ]}
          onChoose={(v) => onChange({ blind: v === 'blind' })}
        />
      </>
    );
  if (what === 'shopping')
    return (
      <>
        , spoons and cups{' '}
        <RuledWord
          name="Spoons and cups"
          value={choices.kitchen}
          choices={(Object.keys(KITCHENS) as Kitchen[]).map((value) => ({
            value,
            label: KITCHENS[value].name,
            detail: KITCHENS[value].does,
          }))}
          onChoose={(kitchen) => onChange({ kitchen })}
        />
      </>
    );
  if (what !== 'record-sheets' || sheets.length === 0) return null;
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
    <>
      , for{' '}
      <RuledWord
        name="Period"
        value={choices.period}
        choices={SHEET_PERIODS.map((value) => ({ value, label: PERIODS[value] }))}
        onChoose={(period) => onChange({ period, from: near(period) })}
      />
      {choices.period !== 'whole' && (
        <>
          ,{' '}
          <RuledWord
            name="Which one"
            value={choices.from}
            choices={[
              ...startsOf(choices.period).map((from) => ({ value: from, label: periodWords({ period: choices.period, from }) })),
              { value: 'all', label: choices.period === 'day' ? 'every day by itself' : 'every week' },
            ]}
            onChoose={(from) => onChange({ from })}
          />
          ,
        </>
      )}{' '}
      and{' '}
      <RuledWord
        name="Team"
        value={choices.team}
        choices={[{ value: '', label: 'every team' }, ...teams.map((t) => ({ value: t.id, label: t.nickname }))]}
        onChoose={(team) => onChange({ team })}
      />
      ,{' '}
      <RuledWord
        name="Size of the sheet"
        value={choices.size}
        choices={(Object.keys(SIZES) as SheetSize[]).map((value) => ({ value, ...SIZES[value] }))}
        onChoose={(size) => onChange({ size })}
      />
    </>
  );
}

const GRID_FIELDS: [keyof LabelGrid, string][] = [
  ['columns', 'across'],
  ['rows', 'down'],
  ['side', 'side margin, mm'],
  ['end', 'top margin, mm'],
  ['gapAcross', 'gap across, mm'],
  ['gapDown', 'gap down, mm'],
  ['startAt', 'first label'],
];

/** The sheet of labels, to the half millimetre. */
export function GridFields({ grid, onChange }: { grid: LabelGrid; onChange: (grid: LabelGrid) => void }) {
  return (
    <div className="print-room-grid">
      {GRID_FIELDS.map(([key, label]) => (
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
