import { say } from '@bright-sprout/words/say';
import { type PlanDraft } from './usePlanDraft';

/** Whether what is shown is saved, and why not. */
export function Saved({ draft }: { draft: PlanDraft }) {
  const words = {
    saved: say('common.allSaved'),
    saving: say('common.saving'),
    waiting: say('planner.networkKeptSentWhen'),
    refused: say('planner.savedYet'),
  };
  return (
    <span className="planner-saved" role="status">
      <button type="button" className="btn btn-plain" disabled={!draft.undo} onClick={() => draft.undo?.()}>
        {say('planner.undo')}
      </button>
      <button type="button" className="btn btn-plain" disabled={!draft.redo} onClick={() => draft.redo?.()}>
        {say('planner.redo')}
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
        <p>{say('planner.somebodyElseSownPlan')}</p>
        <button type="button" className="btn" onClick={() => location.reload()}>
          {say('planner.seeSown')}
        </button>
      </div>
    );
  return (
    <div className="notice" role="alert">
      <p>{say('planner.somebodyElseChangedPlan', { who: draft.theirs ? `: “${draft.theirs.document.question}”` : '' })}</p>
      <p className="d-flex gap-2 flex-wrap mb-0">
        <button type="button" className="btn" onClick={draft.takeTheirs}>
          {say('planner.goTheirs')}
        </button>
        <button type="button" className="btn" onClick={draft.keepOurs}>
          {say('planner.keepMineChangedElsewhere')}
        </button>
      </p>
    </div>
  );
}
