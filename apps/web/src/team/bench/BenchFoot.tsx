import { say } from '@bright-sprout/words/say';
import { type ChangeEvent, useRef, useState } from 'react';

interface Props {
  note: string;
  /** Nothing can be changed at the moment. */
  closed: boolean;
  onNote: (note: string) => void;
  onPicture: (file: File) => void;
  next: string;
  onNext: () => void;
}

/** Sentences that a note may begin with. */
const starters = () => [say('bench.leavesLook'), say('bench.theSoilIs'), say('bench.weThinkThat'), say('bench.wonderWhy')];

/** The starters stay until a tap elsewhere is over, so that nothing moves away under the finger. */
const LEAVES_AFTER_MS = 300;

/** Always in sight: a note, a picture, and the way on. */
export function BenchFoot({ note, closed, onNote, onPicture, next, onNext }: Props) {
  const [writing, setWriting] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const leaving = useRef<ReturnType<typeof setTimeout>>(undefined);
  const begin = (starter: string) => {
    onNote(note.trim() ? `${note.trimEnd()} ${starter}` : starter);
    field.current?.focus();
  };
  const take = (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    if (file) onPicture(file);
    event.target.value = '';
  };
  return (
    <footer className="bench-foot">
      {writing && (
        <div className="bench-starters" role="group" aria-label={say('bench.beginSentence')}>
          {starters().map((s) => (
            <button key={s} type="button" className="btn" onClick={() => begin(s)}>
              {s}…
            </button>
          ))}
        </div>
      )}
      <label className="bench-camera">
        <input type="file" accept="image/*" capture="environment" className="visually-hidden" onChange={take} />
        <svg width="34" height="28" viewBox="0 0 34 28" fill="none" stroke="currentColor" strokeWidth="2" aria-hidden="true">
          <path d="M2 7h8l3-5h8l3 5h8v19H2zM17 10a6 6 0 1 0 .1 0z" />
        </svg>
        <span className="visually-hidden">{say('bench.takePicture')}</span>
      </label>
      <label className="bench-note">
        <span className="visually-hidden">{say('bench.note')}</span>
        <input
          ref={field}
          value={note}
          maxLength={500}
          placeholder={say('bench.addNote')}
          autoComplete="off"
          disabled={closed}
          onFocus={() => (clearTimeout(leaving.current), setWriting(true))}
          onBlur={() => (leaving.current = setTimeout(() => setWriting(false), LEAVES_AFTER_MS))}
          onChange={(e) => onNote(e.target.value)}
        />
      </label>
      <button type="button" className="btn btn-next large" onClick={onNext}>
        {next}
      </button>
    </footer>
  );
}
