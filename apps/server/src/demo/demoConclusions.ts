import { NO_LESSON } from '@bright-sprout/contracts/noLesson';
import { addDays, type IsoDay } from '@bright-sprout/core/calendar/days';
import { IN, partsText } from '@bright-sprout/core/conclude/claim/claimEntries';
import { type ClaimParts, NO_PARTS } from '@bright-sprout/core/conclude/claim/claimParts';
import { requestHash } from '../database/ids';

interface DemoClaim {
  /** Place of the team among the emblems. */
  team: number;
  parts?: Partial<ClaimParts>;
  typed?: string;
  /** Containers by their codes, and means by their treatments. */
  marks: string[];
  means: string[];
  reasoning: string;
  ready: boolean;
}

/** What three teams have concluded so far: one that keeps to its records, one that goes too far, one that is still writing. */
const CLAIMS: DemoClaim[] = [
  {
    team: 0,
    parts: { lead: 'saw', of: 'D', verb: 'less', against: 'A', when: true, size: true },
    marks: ['D1'],
    means: ['A', 'D'],
    reasoning: 'Salt in the soil holds on to the water, so the roots may get less of it.',
    ready: true,
  },
  {
    team: 3,
    parts: { lead: 'saw', of: 'D', verb: 'stopped', against: 'A' },
    marks: ['D4'],
    means: [],
    reasoning: 'This fits what we know about the hedge: it is brown beside the road.',
    ready: true,
  },
  {
    team: 5,
    typed: 'Barley with 25 mmol/L grew just the same as barley with no salt.',
    marks: ['A6', 'B6'],
    means: [],
    reasoning: '',
    ready: false,
  },
];

/** Rows of what the demo's teams have written, on the day before today. */
export function demoClaims(
  investigationId: string,
  teamIds: readonly string[],
  containerIds: ReadonlyMap<string, string>,
  today: IsoDay,
) {
  return CLAIMS.flatMap(({ team, parts, typed, marks, means, reasoning, ready }) => {
    const written: [string, string][] = [
      ...(parts ? [['claim', partsText({ ...NO_PARTS, ...parts })] as [string, string]] : []),
      ...(typed ? [['typed', typed] as [string, string]] : []),
      ...means.map((m): [string, string] => [`evidence.mean:${m}`, IN]),
      ...marks.map((m): [string, string] => [`evidence.mark:${containerIds.get(m)!}`, IN]),
      ...(reasoning ? [['reasoning', reasoning] as [string, string]] : []),
      ...(ready ? [['ready', IN] as [string, string]] : []),
    ];
    return written.map(([part, text], i) => ({
      investigationId,
      teamId: teamIds[team]!,
      part,
      text,
      recordedAt: new Date(`${addDays(today, -1)}T10:2${i}:00Z`),
    }));
  });
}

/** What the demo's teacher has settled: one goal for certificates. */
export function demoLesson(investigationId: string) {
  const document = { ...NO_LESSON, goals: [{ id: 'rim', words: 'the rim of our mug', mm: 80 }] };
  return { investigationId, version: 1, document, requestHash: requestHash(document) };
}
