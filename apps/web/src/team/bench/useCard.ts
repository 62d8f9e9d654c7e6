import { timeNow } from '@bright-sprout/core/clock/clock';
import { type SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { type ContainerView, type InvestigationView, type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Standing } from '@bright-sprout/core/readings/standing';
import { type Species } from '@bright-sprout/core/seeds/catalogue';
import { useState } from 'react';
import { v7 } from 'uuid';
import { theOutbox } from '../../api/outbox';
import { deviceDraft } from '../../entry/deviceDraft';
import { emptyEntry, type Entry, entryOf, isComplete, readingOf, sameEntry, typedMm } from './entry';
import { doubtAboutOthers, useDoubt } from './useDoubt';

export interface Card {
  teamId: string;
  investigation: InvestigationView;
  container: ContainerView;
  /** Tag of the plant in its container. */
  plant: string;
  day: IsoDay;
  /** Why it is another day than today: what somebody said, or a reason that is known; neither for today. */
  otherDay: Pick<SaveCheckRequest, 'dayReason' | 'dayCode'>;
  /** Today's reading, when there is one. */
  saved: ReadingView | null;
  lost: Standing | null;
  readings: ReadingView[];
  /** Facts of the kinds that are grown. */
  kinds: readonly Species[];
  /** The last look before today. */
  last: ReadingView | null;
  onNext: () => void;
}

/** What is being entered on a card: kept as a draft with every tap, asked about where it surprises, and sent on the way on. */
export function useCard({
  teamId,
  investigation,
  container,
  plant,
  day,
  otherDay,
  saved,
  lost,
  readings,
  kinds,
  last,
  onNext,
}: Card) {
  const { resolution } = investigation;
  const draft = deviceDraft<Entry>(`${container.id} ${plant} ${day}`, (kept) => ({
    ...emptyEntry(resolution),
    ...kept,
    found: Array.isArray(kept.found) ? kept.found : [],
  }));
  const [begun] = useState(draft.read);
  const [entry, setEntry] = useState<Entry>(begun ?? (saved ? entryOf(saved, resolution) : emptyEntry(resolution)));
  const [changing, setChanging] = useState(begun !== null || (saved === null && lost === null));
  const mm = entry.state === 'measured' ? typedMm(entry) : null;
  const { doubt, shown } = useDoubt({ investigation, container, plant, day, mm, readings, kinds });
  const other = doubtAboutOthers(entry, last, container, investigation);
  const asked = doubt ? { kind: doubt.kind } : other ? { kind: other.kind, measure: other.measure } : null;
  const change = (to: Entry) => {
    // A new value raises a new question.
    const fresh = to.digits !== entry.digits || to.found !== entry.found;
    const next = fresh && to.answer === entry.answer ? { ...to, answer: null, secondDigits: '' } : to;
    setEntry(next);
    draft.keep(next);
  };
  /** A second tap takes the state back. */
  const toggle = (state: NonNullable<Entry['state']>) =>
    change({ ...emptyEntry(resolution), state: entry.state === state ? null : state, note: entry.note });
  const save = () => {
    if (changing && isComplete(entry) && !(saved && sameEntry(entry, entryOf(saved, resolution))))
      void theOutbox().add(v7(), teamId, {
        kind: 'check',
        body: {
          containerId: container.id,
          day,
          ...otherDay,
          recordedAt: timeNow().toISOString(),
          readings: [{ id: v7(), ...readingOf(entry, plant, asked, saved?.id ?? null) }],
        },
      });
    draft.drop();
    onNext();
  };
  return { entry, mm, doubt, shown, other, changing, setChanging, change, toggle, save };
}
