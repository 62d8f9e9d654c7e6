import { type PaperSheet, periodWords, readSheetCode } from '@bright-sprout/core/paper/paperSheets';
import { useState } from 'react';
import { useSearchParams } from 'react-router';

/** Where a paper sheet is called up by the code on it, and the one that is open. */
export function PaperSheetBar({
  sheets,
  open,
  teams,
  onPicture,
}: {
  sheets: readonly PaperSheet[];
  open: PaperSheet | null;
  teams: readonly { id: string; nickname: string }[];
  onPicture: (file: File) => void;
}) {
  const [, setSearch] = useSearchParams();
  const [typed, setTyped] = useState('');
  const [unknown, setUnknown] = useState('');
  const find = () => {
    const code = readSheetCode(typed);
    const found = sheets.find((s) => s.code === code);
    setUnknown(
      found ? '' : `No sheet of this investigation has the code “${typed.trim()}”. It stands at the top right of the paper.`,
    );
    if (found) setSearch({ sheet: found.code }, { replace: true });
  };
  if (open)
    return (
      <p className="paper-sheet-bar no-print" role="status">
        <b>
          Sheet {open.code}: {teams.find((t) => t.id === open.teamId)?.nickname ?? 'the class'}, {periodWords(open)}.
        </b>{' '}
        A line is one look; it is saved when you go on to the next.{' '}
        <label className="btn">
          Lay a picture of it beside
          <input
            type="file"
            accept="image/*"
            className="visually-hidden"
            onChange={(e) => e.target.files?.[0] && onPicture(e.target.files[0])}
          />
        </label>{' '}
        <button type="button" className="btn btn-plain" onClick={() => setSearch({}, { replace: true })}>
          The whole log
        </button>
      </p>
    );
  return (
    <form
      className="paper-sheet-bar no-print"
      onSubmit={(event) => {
        event.preventDefault();
        find();
      }}
    >
      <label htmlFor="paper-code">Type in from paper: code of the sheet</label>
      <input
        id="paper-code"
        className="form-control"
        value={typed}
        maxLength={8}
        autoComplete="off"
        autoCapitalize="characters"
        spellCheck={false}
        aria-invalid={unknown !== ''}
        aria-describedby={unknown ? 'paper-unknown' : undefined}
        onChange={(e) => {
          setTyped(e.target.value);
          setUnknown('');
        }}
      />
      <button type="submit" className="btn" disabled={typed.trim() === ''}>
        Open the sheet
      </button>
      {unknown && (
        <span id="paper-unknown" className="paper-sheet-unknown" role="alert">
          {unknown}
        </span>
      )}
    </form>
  );
}
