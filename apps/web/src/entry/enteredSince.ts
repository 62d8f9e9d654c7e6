import { type CareView } from '@bright-sprout/contracts/answers/care';
import { type DeviationView } from '@bright-sprout/contracts/answers/deviations';
import { type PhotoView } from '@bright-sprout/contracts/answers/photos';
import { since } from '@bright-sprout/core/readings/since';
import { type WaitingEntry } from '../api/outbox';

/** Entries of one kind that were not refused. */
function waitingOf<K extends WaitingEntry['kind']>(
  waiting: readonly WaitingEntry[],
  kind: K,
): Extract<WaitingEntry, { kind: K }>[] {
  return waiting.filter((w): w is Extract<WaitingEntry, { kind: K }> => w.kind === kind && w.refused === null);
}

const takenBack = (waiting: readonly WaitingEntry[], kind: 'care-back' | 'deviation-back' | 'photo-back') =>
  new Set(waitingOf(waiting, kind).map((w) => w.body.of));

/** What was done for the plants, as the server told it and as this device entered it since. */
export function careSince(care: readonly CareView[], waiting: readonly WaitingEntry[], investigationId: string): CareView[] {
  const entered = waitingOf(waiting, 'care')
    .filter((w) => w.body.investigationId === investigationId)
    .map((w): CareView => ({ amountMl: null, skipped: false, note: null, ...w.body, id: w.id, teamId: w.teamId }));
  return since(care, entered, takenBack(waiting, 'care-back'));
}

/** What went otherwise, in the same way. */
export function deviationsSince(
  deviations: readonly DeviationView[],
  waiting: readonly WaitingEntry[],
  containerIds: ReadonlySet<string>,
): DeviationView[] {
  const entered = waitingOf(waiting, 'deviation').map(({ id, body }): DeviationView => ({
    id,
    containerId: body.containerId,
    kind: body.kind,
    seeds: body.seeds ?? null,
    note: body.note ?? null,
  }));
  return since(deviations, entered, takenBack(waiting, 'deviation-back')).filter((d) => containerIds.has(d.containerId));
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
  const told = photos.map((p): ShownPhoto => ({ ...p, picture: null }));
  const entered = waitingOf(waiting, 'photo').map(({ id, body, teamId }): ShownPhoto => ({
    id,
    containerId: body.about.containerId,
    day: body.about.day,
    teamId,
    picture: body.picture,
  }));
  return since(told, entered, takenBack(waiting, 'photo-back')).filter((p) => containerIds.has(p.containerId));
}
