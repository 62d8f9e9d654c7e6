import { type WaitingCheck } from '../src/api/outbox';

/** A look that waits on the device; what it found is spelled out where a test cares. */
export function waitingCheck(reading: object = {}, part: Partial<WaitingCheck> = {}): WaitingCheck {
  return {
    id: 'check',
    kind: 'check',
    teamId: 't1',
    at: 1,
    ahead: 0,
    refused: null,
    because: null,
    confirmed: false,
    told: null,
    kept: true,
    body: {
      containerId: 'A1',
      day: '2026-03-16',
      recordedAt: '2026-03-16T10:00:00Z',
      readings: [{ id: 'r', plant: '1', state: 'not-up', ...reading } as WaitingCheck['body']['readings'][number]],
    },
    ...part,
  };
}
