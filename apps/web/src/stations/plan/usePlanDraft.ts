import { type PlanView } from '@bright-sprout/contracts/answers/plans';
import { type SavePlanRequest } from '@bright-sprout/contracts/plans';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { mergePlans, withoutRefused } from '@bright-sprout/core/plan/document/mergePlans';
import { useEffect, useMemo, useReducer, useRef, useState } from 'react';
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
  const draft = useMemo(
    () =>
      deviceDraft<Unsaved>(`plan ${opened.id}`, ({ version, document, base }) =>
        version && document ? { version, base, document } : null,
      ),
    [opened.id],
  );
  const [unsaved] = useState(() => unsavedOf(opened, draft.read()));
  const steps = useMemo(
    () => deviceDraft<Steps>(`plan-steps ${opened.id}`, ({ now, past }) => (now && Array.isArray(past) ? { now, past } : null)),
    [opened.id],
  );
  const [history, dispatch] = useReducer(reduce, opened.document, (saved) => {
    const begun = withSteps(saved, steps.read());
    return unsaved ? historyOf(begun, unsaved.document) : begun;
  });
  const [saving, setSaving] = useState<Saving>('saved');
  const [theirs, setTheirs] = useState<PlanView | null>(unsaved && unsaved.version !== opened.version ? opened : null);
  const [refusal, setRefusal] = useState<ServerProblem | null>(null);
  const [retry, setRetry] = useState(0);
  const version = useRef(opened.version);
  const lastSaved = useRef(opened.document);
  /** What the server has: the last saved plan, or what of it was not refused. */
  const base = useRef(unsaved?.base ?? opened.document);
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
      const put = async (document: PlanDocument) => {
        const body: SavePlanRequest = { classId: opened.classId, version: version.current, document };
        const answer = await request<PlanView>('PUT', `/plans/${opened.id}`, body);
        version.current = answer.version;
        base.current = document;
      };
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
  }, [now, retry, theirs, opened, latest]);
  useEffect(() => {
    if (opened.sown) return;
    if (now === lastSaved.current) draft.drop();
    else draft.keep({ version: version.current, document: now, base: base.current });
  }, [now, saving, retry, theirs, opened, draft]);
  useEffect(() => {
    if (saving === 'saved' && history.past.length > 0) steps.keep({ now, past: history.past.slice(-STEPS_KEPT) });
  }, [saving, now, history.past, steps]);
  const blocked = opened.sown || theirs !== null;
  useSendOnLeaving(() => {
    if (blocked || latest.current === lastSaved.current) return;
    const body: SavePlanRequest = { classId: opened.classId, version: version.current, document: latest.current };
    // Where it does not come through, it is still kept on the device.
    request('PUT', `/plans/${opened.id}`, body).then(draft.drop, () => undefined);
  });
  useAskBeforeLeaving(saving !== 'saved');
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
      base.current = theirs.document;
      dispatch({ kind: 'replace', plan: theirs.document });
      setTheirs(null);
      setSaving('saved');
    },
    /** Goes on with ours and with what they changed elsewhere. */
    keepOurs: () => {
      if (!theirs) return;
      const merged = mergePlans(base.current, latest.current, theirs.document);
      version.current = theirs.version;
      base.current = theirs.document;
      dispatch({ kind: 'change', change: () => merged });
      setTheirs(null);
      setRetry((n) => n + 1);
    },
  };
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
