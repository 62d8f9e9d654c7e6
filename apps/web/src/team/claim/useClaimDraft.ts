import { type BenchClaims } from '@bright-sprout/contracts/answers/conclude';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type ClaimEntry, type EntryPart, teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { v7 } from 'uuid';
import { deviceDraft } from '../../entry/deviceDraft';
import { theOutbox, useWaiting } from '../../api/outbox';

/** Typing is kept when it rests for so long, and when the page is left. */
const REST_MS = 700;

/**
 * The team's conclusion as the server has it, with what waits on this device and what is being typed; every change is kept by itself, with or without a
 * network.
 */
export function useClaimDraft(investigationId: string, { own }: Pick<BenchClaims, 'own'>) {
  const teamId = own.team.id;
  const waiting = useWaiting();
  const [typing, setTyping] = useState<ReadonlyMap<string, ClaimEntry>>(new Map());
  const rest = useRef<ReturnType<typeof setTimeout>>(undefined);
  const unsaved = useRef(new Map<string, ClaimEntry>());
  const mine = useMemo(
    () =>
      waiting.flatMap((w): ClaimEntry[] =>
        w.kind === 'claim' && w.teamId === teamId && w.body.of === investigationId
          ? [{ id: w.id, part: w.body.part, text: w.body.text, recordedAt: w.body.recordedAt }]
          : [],
      ),
    [waiting, teamId, investigationId],
  );
  // What is being typed lies on the device letter by letter, until it waits in the outbox: a reload in between loses nothing.
  const draft = useMemo(
    () =>
      deviceDraft<{ entries: ClaimEntry[] }>(`claim ${investigationId} ${teamId}`, ({ entries }) =>
        entries ? { entries } : null,
      ),
    [investigationId, teamId],
  );
  const send = useCallback(
    async ({ id, part, text, recordedAt }: ClaimEntry) => {
      await theOutbox().add(id, teamId, { kind: 'claim', body: { of: investigationId, part, text, recordedAt } });
      const left = (draft.read()?.entries ?? []).filter((e) => e.id !== id);
      if (left.length > 0) draft.keep({ entries: left });
      else draft.drop();
    },
    [teamId, investigationId, draft],
  );
  const keep = useCallback(() => {
    clearTimeout(rest.current);
    for (const entry of unsaved.current.values()) void send(entry);
    unsaved.current.clear();
  }, [send]);
  useEffect(() => {
    for (const entry of draft.read()?.entries ?? []) {
      setTyping((before) => new Map(before).set(entry.part, entry));
      void send(entry);
    }
  }, [draft, send]);
  useEffect(() => {
    const onHide = () => document.visibilityState === 'hidden' && keep();
    document.addEventListener('visibilitychange', onHide);
    addEventListener('pagehide', keep);
    return () => {
      document.removeEventListener('visibilitychange', onHide);
      removeEventListener('pagehide', keep);
      keep();
    };
  }, [keep]);
  /** A choice is kept at once, typing when it rests. */
  const write = (part: EntryPart, text: string, how: 'chosen' | 'typed' = 'chosen') => {
    const entry: ClaimEntry = { id: v7(), part, text, recordedAt: timeNow().toISOString() };
    setTyping((before) => new Map(before).set(part, entry));
    unsaved.current.set(part, entry);
    draft.keep({ entries: [...(draft.read()?.entries ?? []).filter((e) => e.part !== part), entry] });
    clearTimeout(rest.current);
    if (how === 'chosen') keep();
    else rest.current = setTimeout(keep, REST_MS);
  };
  const entries = useMemo(() => [...own.entries, ...mine, ...typing.values()], [own.entries, mine, typing]);
  const claim = useMemo(() => teamClaimOf(entries), [entries]);
  const known = new Set(own.entries.map((e) => e.id));
  const unsent = mine.filter((m) => !known.has(m.id)).length + unsaved.current.size;
  return { claim, write, unsent, waiting: waiting.filter((w) => w.kind === 'claim' && w.teamId === teamId) };
}
