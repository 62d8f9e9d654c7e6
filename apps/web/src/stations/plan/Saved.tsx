import { type PlanDraft } from './usePlanDraft';

/** Whether what is shown is saved, and why not. */
export function Saved({ draft }: { draft: PlanDraft }) {
  const words = {
    saved: 'All saved',
    saving: 'Saving …',
    waiting: 'No network: kept here, sent when it is back',
    refused: 'Not saved yet',
  };
  return (
    <span className="planner-saved" role="status">
      <button type="button" className="btn btn-plain" disabled={!draft.undo} onClick={() => draft.undo?.()}>
        Undo
      </button>
      <button type="button" className="btn btn-plain" disabled={!draft.redo} onClick={() => draft.redo?.()}>
        Redo
      </button>
      {words[draft.saving]}
    </span>
  );
}

/** Somebody else saved meanwhile: theirs, or ours with what they changed elsewhere. */
export function TwoVersions({ draft }: { draft: PlanDraft }) {
  if (draft.theirs?.sown)
    return (
      <div className="notice" role="alert">
        <p>Somebody else has sown this plan a moment ago; your last change came too late for it.</p>
        <button type="button" className="btn" onClick={() => location.reload()}>
          See it as it was sown
        </button>
      </div>
    );
  return (
    <div className="notice" role="alert">
      <p>
        Somebody else changed this plan a moment ago{draft.theirs ? `: “${draft.theirs.document.question}”` : ''}. Nothing is
        lost: what you changed in different places can be put together.
      </p>
      <p className="d-flex gap-2 flex-wrap mb-0">
        <button type="button" className="btn" onClick={draft.takeTheirs}>
          Go on with theirs
        </button>
        <button type="button" className="btn" onClick={draft.keepOurs}>
          Keep mine, with what they changed elsewhere
        </button>
      </p>
    </div>
  );
}
