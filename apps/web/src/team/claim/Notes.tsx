import { say } from '@bright-sprout/words/say';
import { type ClaimNoteView } from '@bright-sprout/contracts/answers/conclude';

/** What the teacher says to the team; a question has room for an answer. */
export function Notes({
  notes,
  answers,
  early,
  onAnswer,
}: {
  notes: readonly ClaimNoteView[];
  answers: Readonly<Record<string, string>>;
  early: boolean;
  onAnswer: (id: string, text: string) => void;
}) {
  if (notes.length === 0) return null;
  return (
    <section aria-label={say('teamClaim.fromYourTeacher')}>
      <h2>{say('teamClaim.fromYourTeacher')}</h2>
      <ul className="claim-notes">
        {notes.map((n) => (
          <li key={n.id}>
            {n.text}
            {n.kind === 'question' && !early && (
              <textarea
                className="claim-text"
                style={{ minHeight: 54 }}
                aria-label={say('teamClaim.ourAnswerTo', { text: n.text })}
                placeholder={say('teamClaim.ourAnswer')}
                maxLength={2000}
                value={answers[n.id] ?? ''}
                onChange={(e) => onAnswer(n.id, e.target.value)}
              />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
