import { type PlanView, type SavePlanRequest } from '@bright-sprout/contracts/plans';
import { inTodaysShape, type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { isProblem, request, ServerProblem } from '../../api/client';
import { deviceDraft } from '../../entry/deviceDraft';
import { begin, type History, historyOf, redo, undo } from './history';

type Action =
  | { kind: 'change'; change: (plan: PlanDocument) => PlanDocument }
  | { kind: 'undo' }
  | { kind: 'redo' }
  | { kind: 'replace'; plan: PlanDocument };

function reduce(history: History<PlanDocument>, action: Action): History<PlanDocument> {
  if (action.kind === 'undo') return undo(history);
  if (action.kind === 'redo') return redo(history);
  if (action.kind === 'replace') return begin(action.plan);
  return historyOf(history, action.change(history.now));
}

export type Saving = 'saved' | 'saving' | 'waiting' | 'refused';

/** Keystrokes are gathered for so long before they are sent. */
const GATHER_MS = 500;
const TRY_AGAIN_MS = 4000;

type Unsaved = Pick<PlanView, 'version' | 'document'>;

/** What was not saved when the page was left; nothing where it came through after all, or is of another make. */
function unsavedOf({ document, sown }: PlanView, kept: Unsaved | null): Unsaved | null {
  const make = (plan: PlanDocument) => Object.keys(plan).sort().join(' ');
  if (sown || !kept || make(kept.document) !== make(document)) return null;
  return JSON.stringify(kept.document) === JSON.stringify(document) ? null : kept;
}

/**
 * A plan being edited: history with undo and redo, saved by itself, kept on the device until it is saved, and the other version
 * when somebody else was faster.
 */
export function usePlanDraft(opened: PlanView) {
  const draft = useMemo(
    () =>
      deviceDraft<Unsaved>(`plan ${opened.id}`, ({ version, document }) =>
        version && document ? { version, document: inTodaysShape(document) } : null,
      ),
    [opened.id],
  );
  const [unsaved] = useState(() => unsavedOf(opened, draft.read()));
  const [history, dispatch] = useReducer(reduce, opened.document, (saved) =>
    unsaved ? historyOf(begin(saved), unsaved.document) : begin(saved),
  );
  const [saving, setSaving] = useState<Saving>('saved');
  const [theirs, setTheirs] = useState<PlanView | null>(unsaved && unsaved.version !== opened.version ? opened : null);
  const [refusal, setRefusal] = useState<ServerProblem | null>(null);
  const [retry, setRetry] = useState(0);
  const version = useRef(opened.version);
  const lastSaved = useRef(opened.document);
  const sending = useRef(false);
  const { now } = history;
  const latest = useLatest(now);
  useEffect(() => {
    if (opened.sown || theirs) return;
    // Undone before it was sent: nothing waits, unless the undone version is on its way.
    if (now === lastSaved.current) return void (sending.current || setSaving('saved'));
    setSaving('saving');
    const send = async () => {
      if (sending.current) return setRetry((n) => n + 1);
      sending.current = true;
      try {
        const body: SavePlanRequest = { classId: opened.classId, version: version.current, document: now };
        const answer = await request<PlanView>('PUT', `/plans/${opened.id}`, body);
        version.current = answer.version;
        lastSaved.current = now;
        setRefusal(null);
        if (latest.current === now) setSaving('saved');
        else setRetry((n) => n + 1);
      } catch (error) {
        if (isProblem(error, 409)) setTheirs((error as ServerProblem).problem.current as PlanView);
        else if (error instanceof ServerProblem) {
          setRefusal(error);
          setSaving('refused');
        } else {
          setSaving('waiting');
          setTimeout(() => setRetry((n) => n + 1), TRY_AGAIN_MS);
        }
      } finally {
        sending.current = false;
      }
    };
    const timer = setTimeout(() => void send(), GATHER_MS);
    return () => clearTimeout(timer);
  }, [now, retry, theirs, opened, latest]);
  useEffect(() => {
    if (opened.sown) return;
    if (now === lastSaved.current) draft.drop();
    else draft.keep({ version: version.current, document: now });
  }, [now, saving, retry, theirs, opened, draft]);
  const blocked = opened.sown || theirs !== null;
  useSendOnLeaving(() => {
    if (blocked || latest.current === lastSaved.current) return;
    const body: SavePlanRequest = { classId: opened.classId, version: version.current, document: latest.current };
    // Where it does not come through, it is still kept on the device.
    request('PUT', `/plans/${opened.id}`, body).then(draft.drop, () => undefined);
  });
  useAskBeforeClosing(saving !== 'saved');
  return {
    plan: now,
    version: () => version.current,
    change: (change: (plan: PlanDocument) => PlanDocument) => dispatch({ kind: 'change', change }),
    undo: history.past.length > 0 ? () => dispatch({ kind: 'undo' }) : null,
    redo: history.future.length > 0 ? () => dispatch({ kind: 'redo' }) : null,
    saving,
    refusal,
    theirs,
    /** Goes on with the other version; ours can be had back with undo no longer. */
    takeTheirs: () => {
      if (!theirs) return;
      version.current = theirs.version;
      lastSaved.current = theirs.document;
      dispatch({ kind: 'replace', plan: theirs.document });
      setTheirs(null);
      setSaving('saved');
    },
    /** Saves ours on top of theirs. */
    keepOurs: () => {
      if (!theirs) return;
      version.current = theirs.version;
      setTheirs(null);
      setRetry((n) => n + 1);
    },
  };
}

function useLatest<T>(value: T): { readonly current: T } {
  const latest = useRef(value);
  useEffect(() => {
    latest.current = value;
  });
  return latest;
}

/** Another page is opened within the application: what was typed last is sent at once. */
function useSendOnLeaving(send: () => void): void {
  const latest = useLatest(send);
  useEffect(() => () => latest.current(), [latest]);
}

/** Closing the window while something is not saved: the browser asks first. */
function useAskBeforeClosing(unsaved: boolean): void {
  useEffect(() => {
    if (!unsaved) return;
    const ask = (e: BeforeUnloadEvent) => e.preventDefault();
    addEventListener('beforeunload', ask);
    return () => removeEventListener('beforeunload', ask);
  }, [unsaved]);
}

export type PlanDraft = ReturnType<typeof usePlanDraft>;
