import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
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

/** So many measures are named. */
const NAMES = 4;

/** What the table will become, as a sentence; what the heads cannot say is said here. */
export function BecomesSentence({ outlook, reading, onChange, speciesId, onSpecies }: Props) {
  const { treatments, containers, plants, measures } = outlook;
  const names = measures.flatMap((code) => measureOf(code, outlook.own)?.name ?? []);
  return (
    <section className="section becomes">
      <h2>{say('bringIn.itWillBecome')}</h2>
      <div className="becomes-sentence">
        <Say
          it="bringIn.whatTheTableHolds"
          containers={containers}
          b={(inside) => <b>{inside}</b>}
          severalPlants={plants > containers}
          plants={plants}
          kind={
            <RuledWord
              name={say('bringIn.kindPlant')}
              value={speciesId}
              choices={[
                ...(speciesId === '' ? [{ value: '', label: say('bringIn.whichPlant') }] : []),
                ...SPECIES.map((s) => ({ value: s.id, label: s.name.toLowerCase() })),
              ]}
              onChoose={onSpecies}
            />
          }
          countTreatments={treatments.length}
          treatments={treatments.map((t) => (
            <TreatmentMark key={t.code} code={t.code} />
          ))}
          daysWord={<DaysWord outlook={outlook} reading={reading} onChange={onChange} />}
          hasNames={names.length > 0}
          names={names.slice(0, NAMES).join(', ')}
          moreNames={names.length > NAMES}
          countNames={names.length - NAMES}
          hasControl={treatments.length > 1}
          control={
            <RuledWord
              name={say('bringIn.theControlIs')}
              value={treatments.find((t) => t.control)?.label ?? ''}
              choices={treatments.map((t) => ({
                value: t.label,
                label: t.label,
                detail: say('bringIn.containers', { containers: t.containers }),
              }))}
              onChoose={(control) => onChange({ ...reading, control })}
            />
          }
          needsSeeds={outlook.needsSeeds}
          seedsWord={<SeedsWord reading={reading} onChange={onChange} />}
          hasZeros={(outlook.zeros > 0 || reading.zeros === 'left-out') && measures.includes('height')}
          zeros={
            <RuledWord
              name={say('bringIn.aHeightOf')}
              value={reading.zeros}
              choices={[
                { value: 'not-up', label: say('common.notUpYet'), detail: say('bringIn.somebodyLookedNothingSeen') },
                { value: 'left-out', label: say('common.leftOut'), detail: say('bringIn.nobodyLooked') },
              ]}
              onChoose={(zeros) => onChange({ ...reading, zeros })}
            />
          }
        />
      </div>
    </section>
  );
}

type WordProps = Pick<Props, 'outlook' | 'reading' | 'onChange'>;

/** On which days it was looked at, and what is known of them. */
function DaysWord({ outlook, reading, onChange }: WordProps) {
  const { days, lookedOn, sownOn } = outlook;
  if (days === 'one-look') return <b>{say('bringIn.lookEnd')}</b>;
  const [first, last] = [lookedOn[0], lookedOn[lookedOn.length - 1]];
  const number = (day: string) => daysBetween(sownOn, day);
  const dated = days !== 'days-only';
  const once = first === last;
  const span =
    !first || !last
      ? say('bringIn.lookYet')
      : once
        ? dated
          ? formatDay(first)
          : say('common.dayNumber', { number: number(first) })
        : say('bringIn.daysLookedOn', { countLookedOn: lookedOn.length, number: number(first), lastNumber: number(last) });
  const texts: Record<TableOutlook['days'], string> = {
    dates: say('bringIn.sownOn', { sownOn: formatDay(sownOn) }),
    'from-first-look': say('bringIn.countedFirstLookSince'),
    'days-only': say('bringIn.daysSinceSowingWithout'),
    'one-look': '',
  };
  return (
    <>
      <Say
        it="bringIn.lookedAtOn"
        wordPanel={
          <WordPanel name={say('bringIn.daysLooks')} word={span}>
            <p>
              {say('bringIn.fromTo', {
                span: first && last && dated ? (once ? 'one' : 'several') : 'none',
                firstDay: first && writeDay(first),
                lastDay: last && writeDay(last),
                known: once && days === 'from-first-look' ? say('bringIn.nobodyWroteWhenSown') : texts[days],
              })}
            </p>
            <Field label={say('bringIn.sownOnHead')} hint={say('bringIn.leaveEmptyWhereNobody')}>
              {(props) => (
                <DayInput
                  value={reading.sownOn ?? ''}
                  onChange={(day) => onChange({ ...reading, sownOn: day || null })}
                  {...props}
                />
              )}
            </Field>
            {dated && (
              <Field label={say('bringIn.datesWritten')}>
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
              <Field label={say('bringIn.yearDatesWithout')}>
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
        }
      />
    </>
  );
}

function SeedsWord({ reading, onChange }: Omit<WordProps, 'outlook'>) {
  return (
    <WordPanel
      name={say('bringIn.seedsContainer')}
      word={reading.seedsEach === null ? say('bringIn.manySeeds') : say('bringIn.seedSeeds', { seedsEach: reading.seedsEach })}
      wrong={reading.seedsEach === null}
    >
      <Field label={say('bringIn.seedsContainer')} hint={say('bringIn.countThemWhereContainers')}>
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
