import { say } from '@bright-sprout/words/say';
import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { type HeadChoice, meaningWords, withMeaning } from '@bright-sprout/core/formats/table/headChoices';
import { useEffect, useState } from 'react';
import { Form } from 'react-bootstrap';
import { Field } from '../../entry/Field';
import { WordPanel } from '../../page/WordPanel';
import { Waiting } from '../../page/Notices';

/** Where the meaning of a column comes from. */
const STATUS = { chosen: 'bringIn.chosen', remembered: 'bringIn.asLastTime', guessed: 'bringIn.guessed' } as const;

interface Props {
  column: number;
  heading: string;
  reading: TableReading;
  status: 'chosen' | 'remembered' | 'guessed';
  wrong: boolean;
  choicesOf: (column: number) => Promise<HeadChoice[]>;
  onReading: (reading: TableReading) => void;
}

/** The head of a column: what it is called in the file, and what it is said to mean. */
export function ColumnHead({ column, heading, reading, status, wrong, choicesOf, onReading }: Props) {
  const meaning = reading.columns[column]!;
  const open = meaning.is === 'open';
  const words = meaningWords(meaning, reading.own);
  return (
    <th scope="col" className={`column-head-cell${open ? ' open' : ''}${meaning.is === 'left-out' ? ' out' : ''}`}>
      <WordPanel
        over
        name={`${heading}: ${words}`}
        className="column-head"
        wrong={wrong}
        word={
          <>
            <span className="column-head-file">{heading}</span>
            <span className="column-head-word">{words}</span>
            <span className="column-head-status">{say(open ? 'bringIn.stillOpen' : STATUS[status])}</span>
          </>
        }
      >
        {(close) => <Meanings column={column} reading={reading} choicesOf={choicesOf} onReading={onReading} onClose={close} />}
      </WordPanel>
    </th>
  );
}

/** Everything that the column can mean, with what would follow. */
function Meanings({
  column,
  reading,
  choicesOf,
  onReading,
  onClose,
}: Pick<Props, 'column' | 'reading' | 'choicesOf' | 'onReading'> & { onClose: () => void }) {
  const [choices, setChoices] = useState<HeadChoice[] | null>(null);
  const key = JSON.stringify(reading.columns[column]);
  useEffect(() => {
    let wanted = true;
    void choicesOf(column).then((found) => wanted && setChoices(found));
    return () => {
      wanted = false;
    };
    // What it can mean follows from what it means now.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [column, key]);
  if (choices === null) return <Waiting>{say('bringIn.lookingColumn')}</Waiting>;
  const meaning = reading.columns[column]!;
  const own = meaning.is === 'measure' ? reading.own.find((m) => m.code === meaning.measure) : undefined;
  return (
    <>
      {own && (
        <div className="column-own">
          <Field label={say('bringIn.whatItIsCalled')}>
            {(props) => (
              <Form.Control
                value={own.name}
                autoFocus
                maxLength={60}
                onChange={(e) =>
                  onReading({ ...reading, own: reading.own.map((m) => (m === own ? { ...m, name: e.target.value } : m)) })
                }
                {...props}
              />
            )}
          </Field>
          {own.quantity === 'number' && (
            <Field label={say('bringIn.itsUnit')}>
              {(props) => (
                <Form.Control
                  value={own.unit}
                  maxLength={20}
                  onChange={(e) =>
                    onReading({ ...reading, own: reading.own.map((m) => (m === own ? { ...m, unit: e.target.value } : m)) })
                  }
                  {...props}
                />
              )}
            </Field>
          )}
        </div>
      )}
      <ul className="meanings">
        {choices.map((c) => {
          const now = JSON.stringify(c.meaning) === key;
          return (
            <li key={`${c.words} ${JSON.stringify(c.meaning)}`}>
              <button
                type="button"
                className={now ? 'now' : undefined}
                aria-pressed={now}
                onClick={() => {
                  onReading(withMeaning(reading, column, c));
                  // A measure of its own is named next.
                  if (!c.own) onClose();
                }}
              >
                <span className="meanings-sign" aria-hidden="true">
                  {c.sign}
                </span>
                <span>
                  <b>{c.words}</b>
                  <span className="meanings-detail">{c.detail}</span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </>
  );
}
