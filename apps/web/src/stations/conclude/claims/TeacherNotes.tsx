import { say } from '@bright-sprout/words/say';
import { type TeamClaimView } from '@bright-sprout/contracts/answers/conclude';
import { type ClaimNoteRequest } from '@bright-sprout/contracts/conclude';
import { teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

/** What the teacher says to one team: said, answered, taken back. */
export function TeacherNotes({ investigationId, view }: { investigationId: string; view: TeamClaimView }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [id, setId] = useState<string>(() => v7());
  const path = `/investigations/${investigationId}/claims/${view.team.id}/notes`;
  const writing = useWrite((note: ClaimNoteRequest) => request('PUT', `${path}/${id}`, note), 'conclude');
  const back = useWrite((noteId: string) => request('DELETE', `${path}/${noteId}`), 'conclude');
  const { answers } = teamClaimOf(view.entries);
  const send = (kind: ClaimNoteRequest['kind']) =>
    writing.mutate(
      { kind, text: text.trim() },
      {
        onSuccess: () => {
          setText('');
          setOpen(false);
          setId(v7());
        },
      },
    );
  const error = writing.error ?? back.error;
  return (
    <div>
      <ul className="claim-notes">
        {view.notes.map((n) => (
          <li key={n.id}>
            {n.text}{' '}
            <button type="button" className="btn btn-plain" onClick={() => back.mutate(n.id)}>
              {say('common.takeBackLower')}
            </button>
            {answers[n.id] && (
              <p className="mb-0">
                <b>{say('claimsOfTeams.theyAnswer')}</b> {answers[n.id]}
              </p>
            )}
          </li>
        ))}
      </ul>
      {!open && (
        <button type="button" className="btn btn-plain" onClick={() => setOpen(true)}>
          {say('claimsOfTeams.saySomething', { nickname: view.team.nickname })}
        </button>
      )}
      {open && (
        <div className="d-flex flex-wrap gap-2">
          <Form.Control
            autoFocus
            aria-label={say('claimsOfTeams.saySomething', { nickname: view.team.nickname })}
            placeholder={say('claimsOfTeams.potsShow')}
            maxLength={500}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
          <button
            type="button"
            className="btn"
            disabled={text.trim() === '' || writing.isPending}
            onClick={() => send('question')}
          >
            {say('claimsOfTeams.askBack')}
          </button>
          <button
            type="button"
            className="btn btn-plain"
            disabled={text.trim() === '' || writing.isPending}
            onClick={() => send('comment')}
          >
            {say('claimsOfTeams.comment')}
          </button>
        </div>
      )}
      {error && <ProblemNotice error={error} />}
    </div>
  );
}
