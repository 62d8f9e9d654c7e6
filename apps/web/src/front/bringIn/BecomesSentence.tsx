import { daysBetween, formatDay, writeDay } from '@bright-sprout/core/calendar/days';
import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { DATE_ORDERS, ORDER_WORDS } from '@bright-sprout/core/formats/table/readDate';
import { type TableOutlook } from '@bright-sprout/core/formats/table/tableOutlook';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { SPECIES } from '@bright-sprout/core/seeds/catalogue';
import { Form } from 'react-bootstrap';
import { DayInput } from '../../entry/DayInput';
import { Field } from '../../entry/Field';
import { TreatmentMark } from '../../marks/TreatmentMark';
import { RuledWord } from '../../page/RuledWord';
import { WordPanel } from '../../page/WordPanel';

interface Props {
  outlook: TableOutlook;
  reading: TableReading;
  onChange: (reading: TableReading) => void;
  speciesId: string;
  onSpecies: (id: string) => void;
}

const counted = (n: number, one: string, several = `${one}s`) => `${n} ${n === 1 ? one : several}`;

/** What the table will become, as a sentence; what the heads cannot say is said here. */
export function BecomesSentence({ outlook, reading, onChange, speciesId, onSpecies }: Props) {
  const { treatments, containers, plants, measures } = outlook;
  const names = measures.flatMap((code) => measureOf(code, outlook.own)?.name ?? []);
  return (
    <section className="section becomes">
      <h2>It will become</h2>
      <div className="becomes-sentence">
        <b>{counted(containers, 'container')}</b>
        {plants > containers && (
          <>
            {' '}
            with <b>{counted(plants, 'plant')}</b>
          </>
        )}{' '}
        of{' '}
        <RuledWord
          name="Kind of plant"
          value={speciesId}
          choices={[
            ...(speciesId === '' ? [{ value: '', label: 'which plant?' }] : []),
            ...SPECIES.map((s) => ({ value: s.id, label: s.name.toLowerCase() })),
          ]}
          onChoose={onSpecies}
        />{' '}
        in <b>{counted(treatments.length, 'treatment')}</b>{' '}
        {treatments.map((t) => (
          <TreatmentMark key={t.code} code={t.code} />
        ))}
        , <DaysWord outlook={outlook} reading={reading} onChange={onChange} />
        {names.length > 0 && (
          <>
            : <b>{names.slice(0, 4).join(', ')}</b>
            {names.length > 4 && ` and ${names.length - 4} more`}
          </>
        )}
        {treatments.length > 1 && (
          <>
            ; the control is{' '}
            <RuledWord
              name="The control is"
              value={treatments.find((t) => t.control)?.label ?? ''}
              choices={treatments.map((t) => ({ value: t.label, label: t.label, detail: counted(t.containers, 'container') }))}
              onChoose={(control) => onChange({ ...reading, control })}
            />
          </>
        )}
        {outlook.needsSeeds && (
          <>
            ; <SeedsWord reading={reading} onChange={onChange} />
          </>
        )}
        {(outlook.zeros > 0 || reading.zeros === 'left-out') && measures.includes('height') && (
          <>
            ; a height of 0 before it came up is{' '}
            <RuledWord
              name="A height of 0"
              value={reading.zeros}
              choices={[
                { value: 'not-up', label: 'not up yet', detail: 'somebody looked, and nothing was to be seen' },
                { value: 'left-out', label: 'left out', detail: 'as if nobody had looked' },
              ]}
              onChoose={(zeros) => onChange({ ...reading, zeros })}
            />
          </>
        )}
        .
      </div>
    </section>
  );
}

type WordProps = Pick<Props, 'outlook' | 'reading' | 'onChange'>;

/** On which days it was looked at, and what is known of them. */
function DaysWord({ outlook, reading, onChange }: WordProps) {
  const { days, lookedOn, sownOn } = outlook;
  if (days === 'one-look') return <b>one look at the end</b>;
  const [first, last] = [lookedOn[0], lookedOn[lookedOn.length - 1]];
  const number = (day: string) => daysBetween(sownOn, day);
  const dated = days !== 'days-only';
  const once = first === last;
  const span =
    !first || !last
      ? 'no look yet'
      : once
        ? dated
          ? formatDay(first)
          : `day ${number(first)}`
        : `${counted(lookedOn.length, 'day')}, day ${number(first)} to ${number(last)}`;
  const texts: Record<TableOutlook['days'], string> = {
    dates: `sown on ${formatDay(sownOn)}`,
    'from-first-look': 'counted from the first look, since nobody wrote when it was sown',
    'days-only': 'days since sowing, without dates',
    'one-look': '',
  };
  return (
    <>
      looked at on{' '}
      <WordPanel name="Days of the looks" word={span}>
        <p>
          {first && last && dated ? (once ? `${writeDay(first)}, ` : `From ${writeDay(first)} to ${writeDay(last)}, `) : ''}
          {once && days === 'from-first-look' ? 'and nobody wrote when it was sown' : texts[days]}.
        </p>
        <Field label="Sown on" hint="Leave it empty where nobody knows it.">
          {(props) => (
            <DayInput value={reading.sownOn ?? ''} onChange={(day) => onChange({ ...reading, sownOn: day || null })} {...props} />
          )}
        </Field>
        {dated && (
          <Field label="Dates are written">
            {(props) => (
              <Form.Select
                value={reading.dateOrder}
                onChange={(e) => onChange({ ...reading, dateOrder: e.target.value as TableReading['dateOrder'] })}
                {...props}
              >
                {DATE_ORDERS.map((order) => (
                  <option key={order} value={order}>
                    {ORDER_WORDS[order]}
                  </option>
                ))}
              </Form.Select>
            )}
          </Field>
        )}
        {reading.year !== null && (
          <Field label="Year of dates without one">
            {(props) => (
              <Form.Control
                type="number"
                value={reading.year ?? ''}
                onChange={(e) => onChange({ ...reading, year: Number(e.target.value) || reading.year })}
                {...props}
              />
            )}
          </Field>
        )}
      </WordPanel>
    </>
  );
}

function SeedsWord({ reading, onChange }: Omit<WordProps, 'outlook'>) {
  return (
    <WordPanel
      name="Seeds in each container"
      word={reading.seedsEach === null ? 'of how many seeds?' : `${counted(reading.seedsEach, 'seed')} in each`}
      wrong={reading.seedsEach === null}
    >
      <Field
        label="Seeds in each container"
        hint="A count is out of them. Where containers differ, a column “of how many” says it."
      >
        {(props) => (
          <Form.Control
            type="number"
            min={1}
            max={1000}
            value={reading.seedsEach ?? ''}
            onChange={(e) => {
              const seeds = Math.round(Number(e.target.value));
              onChange({ ...reading, seedsEach: seeds >= 1 && seeds <= 1000 ? seeds : null });
            }}
            {...props}
          />
        )}
      </Field>
    </WordPanel>
  );
}
