import { type PlanView } from '@bright-sprout/contracts/answers/plans';
import { type SavePlanRequest } from '@bright-sprout/contracts/plans';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { mergePlans, withoutRefused } from '@bright-sprout/core/plan/document/mergePlans';
import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { isProblem, request, ServerProblem } from '../../api/client';
import { deviceDraft } from '../../entry/deviceDraft';
import { useAskBeforeLeaving } from '../../page/useAskBeforeLeaving';
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

/** Typed and not saved, with the version and the plan that it began with. */
type Unsaved = Pick<PlanView, 'version' | 'document'> & { base?: PlanDocument };

/** Steps back that outlive a reload. */
const STEPS_KEPT = 20;

interface Steps {
  now: PlanDocument;
  past: PlanDocument[];
}

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
  const { draft, steps } = useDrafts(opened.id);
  const [unsaved] = useState(() => unsavedOf(opened, draft.read()));
  const { history, now, dispatch, acts } = useHistory(opened.document, steps.read, unsaved);
  const [saving, setSaving] = useState<Saving>('saved');
  const [theirs, setTheirs] = useState<PlanView | null>(unsaved && unsaved.version !== opened.version ? opened : null);
  const [refusal, setRefusal] = useState<ServerProblem | null>(null);
  const [retry, setRetry] = useState(0);
  const version = useRef(opened.version);
  const lastSaved = useRef(opened.document);
  /** What the server has: the last saved plan, or what of it was not refused. */
  const base = useRef(unsaved?.base ?? opened.document);
  const sending = useRef(false);
  const put = useCallback(
    async (document: PlanDocument) => {
      const body: SavePlanRequest = { classId: opened.classId, version: version.current, document };
      const answer = await request<PlanView>('PUT', `/plans/${opened.id}`, body);
      version.current = answer.version;
      base.current = document;
    },
    [opened],
  );
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
        await put(now);
        lastSaved.current = now;
        setRefusal(null);
        if (latest.current === now) setSaving('saved');
        else setRetry((n) => n + 1);
      } catch (error) {
        if (isProblem(error, 409)) setTheirs((error as ServerProblem).problem.current as PlanView);
        else if (error instanceof ServerProblem) {
          setRefusal(error);
          setSaving('refused');
          // One place that cannot be does not hold back what else was changed.
          const paths = (error.problem.errors ?? []).map((e) => e.path.replace(/^document\./, ''));
          const rest = withoutRefused(now, base.current, paths);
          if (paths.length > 0 && JSON.stringify(rest) !== JSON.stringify(base.current)) await put(rest).catch(() => undefined);
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
  }, [now, retry, theirs, opened, latest, put]);
  useEffect(() => {
    if (opened.sown) return;
    if (now === lastSaved.current) draft.drop();
    else draft.keep({ version: version.current, document: now, base: base.current });
  }, [now, saving, retry, theirs, opened, draft]);
  useKeptSteps(steps, history, saving);
  const blocked = opened.sown || theirs !== null;
  useSendOnLeaving(() => {
    if (blocked || latest.current === lastSaved.current) return;
    // Where it does not come through, it is still kept on the device.
    put(latest.current).then(draft.drop, () => undefined);
  });
  useAskBeforeLeaving(saving !== 'saved');
  const goOnFrom = (theirs: PlanView) => {
    version.current = theirs.version;
    base.current = theirs.document;
    setTheirs(null);
  };
  return {
    plan: now,
    version: () => version.current,
    ...acts,
    saving,
    refusal,
    theirs,
    /** Goes on with the other version; ours can be had back with undo no longer. */
    takeTheirs: () => {
      if (!theirs) return;
      goOnFrom(theirs);
      lastSaved.current = theirs.document;
      dispatch({ kind: 'replace', plan: theirs.document });
      setSaving('saved');
    },
    /** Goes on with ours and with what they changed elsewhere. */
    keepOurs: () => {
      if (!theirs) return;
      const merged = mergePlans(base.current, latest.current, theirs.document);
      goOnFrom(theirs);
      dispatch({ kind: 'change', change: () => merged });
      setRetry((n) => n + 1);
    },
  };
}

function useHistory(saved: PlanDocument, stepsOf: () => Steps | null, unsaved: Unsaved | null) {
  const [history, dispatch] = useReducer(reduce, saved, (first) => {
    const begun = withSteps(first, stepsOf());
    return unsaved ? historyOf(begun, unsaved.document) : begun;
  });
  const acts = {
    change: (change: (plan: PlanDocument) => PlanDocument) => dispatch({ kind: 'change', change }),
    undo: history.past.length > 0 ? () => dispatch({ kind: 'undo' }) : null,
    redo: history.future.length > 0 ? () => dispatch({ kind: 'redo' }) : null,
  };
  return { history, now: history.now, dispatch, acts };
}

function useKeptSteps(steps: ReturnType<typeof useDrafts>['steps'], { now, past }: History<PlanDocument>, saving: Saving) {
  useEffect(() => {
    if (saving === 'saved' && past.length > 0) steps.keep({ now, past: past.slice(-STEPS_KEPT) });
  }, [saving, now, past, steps]);
}

/** What of a plan is kept on the device: what is not saved yet, and the steps that can be undone. */
function useDrafts(id: string) {
  const draft = useMemo(
    () =>
      deviceDraft<Unsaved>(`plan ${id}`, ({ version, document, base }) =>
        version && document ? { version, base, document } : null,
      ),
    [id],
  );
  const steps = useMemo(
    () => deviceDraft<Steps>(`plan-steps ${id}`, ({ now, past }) => (now && Array.isArray(past) ? { now, past } : null)),
    [id],
  );
  return { draft, steps };
}

/** The plan with the steps that led to it, where they are those of this very version. */
function withSteps(saved: PlanDocument, kept: Steps | null): History<PlanDocument> {
  const begun = begin(saved);
  return kept && JSON.stringify(kept.now) === JSON.stringify(saved) ? { ...begun, past: kept.past } : begun;
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

export type PlanDraft = ReturnType<typeof usePlanDraft>;
