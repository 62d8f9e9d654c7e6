import { type CareView } from '@bright-sprout/contracts/care';
import { type DeviationView } from '@bright-sprout/contracts/deviations';
import { type PhotoView } from '@bright-sprout/contracts/photos';
import { type WaitingEntry } from '../api/outbox';

const counts = (entry: WaitingEntry) => entry.refused === null;

/** What was done for the plants, as the server told it and as this device entered it since. */
export function careSince(care: readonly CareView[], waiting: readonly WaitingEntry[], investigationId: string): CareView[] {
  const known = new Set(care.map((c) => c.id));
  const takenBack = new Set(waiting.flatMap((w) => (w.kind === 'care-back' && counts(w) ? [w.body.of] : [])));
  const added = waiting.flatMap((w): CareView[] =>
    w.kind === 'care' && counts(w) && w.body.investigationId === investigationId && !known.has(w.id)
      ? [{ amountMl: null, skipped: false, note: null, ...w.body, id: w.id, teamId: w.teamId }]
      : [],
  );
  return [...care, ...added].filter((c) => !takenBack.has(c.id));
}

/** What went otherwise, in the same way. */
export function deviationsSince(
  deviations: readonly DeviationView[],
  waiting: readonly WaitingEntry[],
  containerIds: ReadonlySet<string>,
): DeviationView[] {
  const known = new Set(deviations.map((d) => d.id));
  const takenBack = new Set(waiting.flatMap((w) => (w.kind === 'deviation-back' && counts(w) ? [w.body.of] : [])));
  const added = waiting.flatMap((w): DeviationView[] =>
    w.kind === 'deviation' && counts(w) && containerIds.has(w.body.containerId) && !known.has(w.id)
      ? [{ id: w.id, containerId: w.body.containerId, kind: w.body.kind, note: w.body.note ?? null }]
      : [],
  );
  return [...deviations, ...added].filter((d) => containerIds.has(d.containerId) && !takenBack.has(d.id));
}

/** A picture to show: at the server, or still on this device. */
export interface ShownPhoto extends Pick<PhotoView, 'id' | 'containerId' | 'day' | 'teamId'> {
  /** The picture itself while it waits here. */
  picture: Blob | null;
}

/** Pictures that the server told of and those that wait on this device, without what was taken back. */
export function photosSince(
  photos: readonly PhotoView[],
  waiting: readonly WaitingEntry[],
  containerIds: ReadonlySet<string>,
): ShownPhoto[] {
  const known = new Set(photos.map((p) => p.id));
  const takenBack = new Set(waiting.flatMap((w) => (w.kind === 'photo-back' && counts(w) ? [w.body.of] : [])));
  const added = waiting.flatMap((w): ShownPhoto[] =>
    w.kind === 'photo' && counts(w) && !known.has(w.id)
      ? [{ id: w.id, containerId: w.body.about.containerId, day: w.body.about.day, teamId: w.teamId, picture: w.body.picture }]
      : [],
  );
  return [...photos.map((p) => ({ ...p, picture: null })), ...added].filter(
    (p) => containerIds.has(p.containerId) && !takenBack.has(p.id),
  );
}
