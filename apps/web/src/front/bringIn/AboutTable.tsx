import { say } from '@bright-sprout/words/say';
import { Form } from 'react-bootstrap';
import { Field } from '../../entry/Field';

export interface AboutRecords {
  question: string;
  factor: string;
  speciesId: string;
}

/** What the records are about, in words that the table cannot know. */
export function AboutTable({
  about,
  usual,
  missing,
  onChange,
}: {
  about: AboutRecords;
  /** What stands where nothing is written. */
  usual: { question: string; factor: string };
  /** What is still to be said, in words. */
  missing: readonly string[];
  onChange: (about: AboutRecords) => void;
}) {
  return (
    <section className="bring-in-about">
      <Field label={say('bringIn.theQuestion')}>
        {(props) => (
          <Form.Control
            as="textarea"
            rows={2}
            value={about.question}
            placeholder={usual.question}
            maxLength={200}
            onChange={(e) => onChange({ ...about, question: e.target.value.replace(/\n/g, ' ') })}
            {...props}
          />
        )}
      </Field>
      <Field label={say('bringIn.whatWasChanged')}>
        {(props) => (
          <Form.Control
            value={about.factor}
            placeholder={usual.factor}
            maxLength={60}
            onChange={(e) => onChange({ ...about, factor: e.target.value })}
            {...props}
          />
        )}
      </Field>
      {missing.length > 0 && <p className="bring-in-missing">{say('bringIn.stillSaid', { missing: missing.join(', ') })}</p>}
    </section>
  );
}
