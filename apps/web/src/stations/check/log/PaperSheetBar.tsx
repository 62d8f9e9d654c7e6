import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
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
    setUnknown(found ? '' : say('log.sheetInvestigationCodeStands', { typed: typed.trim() }));
    if (found) setSearch({ sheet: found.code }, { replace: true });
  };
  if (open)
    return (
      <p className="paper-sheet-bar no-print" role="status">
        <Say
          it="log.sheetLineLookSaved"
          code={open.code}
          nickname={teams.find((t) => t.id === open.teamId)?.nickname ?? say('common.theClass')}
          periodWords={periodWords(open)}
          b={(inside) => <b>{inside}</b>}
        />{' '}
        <label className="btn">
          {say('log.layPictureBeside')}
          <input
            type="file"
            accept="image/*"
            className="visually-hidden"
            onChange={(e) => e.target.files?.[0] && onPicture(e.target.files[0])}
          />
        </label>{' '}
        <button type="button" className="btn btn-plain" onClick={() => setSearch({}, { replace: true })}>
          {say('log.wholeLog')}
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
      <label htmlFor="paper-code">{say('log.typePaperCodeSheet')}</label>
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
        {say('log.openSheet')}
      </button>
      {unknown && (
        <span id="paper-unknown" className="paper-sheet-unknown" role="alert">
          {unknown}
        </span>
      )}
    </form>
  );
}
