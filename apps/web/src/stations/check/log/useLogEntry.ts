import { say } from '@bright-sprout/words/say';
import { type PaperLook } from '@bright-sprout/core/formats/paperSheetFile';
import { type Finding, withFinding } from '@bright-sprout/core/measures/finding';
import { sentOf } from '@bright-sprout/core/measures/sentFinding';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type ReadingRequest, type SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { dayInZone, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type QuickEntry } from '@bright-sprout/core/readings/quickEntry';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { takeNews } from '../../../api/news';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';

export interface LogEntry {
  /**
   * Saves a look of the teacher's; everything that stood there is corrected, not overwritten, also where two devices disagreed.
   * Resolves when the server has it.
   */
  save: (
    row: LogRow,
    day: IsoDay,
    entry: Extract<QuickEntry, { ok: true }>,
    before: LogCell | null,
    note?: string,
  ) => Promise<void>;
  /** Saves everything that one line of a sheet's file says of a look. */
  saveLook: (row: LogRow, look: PaperLook, before: LogCell | null, note: string) => Promise<void>;
  /** The newest value stays, its question is answered and other devices' readings give way to it, with the reason. */
  settle: (row: LogRow, cell: LogCell, reason: string) => Promise<void>;
  /** What is being saved, or could not be. */
  words: string;
}

export function useLogEntry({ investigation }: InvestigationRecords): LogEntry {
  const client = useQueryClient();
  const [under, setUnder] = useState(0);
  const [problem, setProblem] = useState('');
  const chain = useRef(Promise.resolve());
  const send = (row: LogRow, day: IsoDay, before: LogCell | null, reading: Omit<ReadingRequest, 'id' | 'supersedes'>) => {
    const replaced = before ? [before.reading, ...before.others] : [];
    const now = timeNow();
    const body: SaveCheckRequest = {
      containerId: row.containerId,
      day,
      recordedAt: now.toISOString(),
      ...(day === dayInZone(now, investigation.class.timeZone) ? {} : { dayCode: 'in-the-log' as const }),
      readings:
        replaced.length === 0
          ? [{ id: v7(), ...reading }]
          : replaced.map(({ id: supersedes }) => ({ id: v7(), ...reading, supersedes })),
    };
    const id = v7();
    setUnder((n) => n + 1);
    setProblem('');
    // One after the other, in the order in which they were typed.
    const sent = chain.current.then(async () => {
      try {
        await request('PUT', `/checks/${id}`, body);
      } catch (error) {
        setProblem(`${row.name}: ${(error as Error).message}`);
        throw error;
      } finally {
        setUnder((n) => n - 1);
        void takeNews(client, investigation.id, { checks: [id], photos: [], about: false });
      }
    });
    chain.current = sent.catch(() => undefined);
    return sent;
  };
  return {
    save: (row, day, entry, before, note) =>
      send(row, day, before, {
        plant: row.plant,
        state: entry.state,
        // What else was found that day stays beside what is typed now.
        ...(entry.state === 'measured'
          ? { findings: sentOf(withFinding(before?.reading.findings ?? [], entry.finding.measure, entry.finding)) }
          : {}),
        ...(entry.state === 'measured' && before?.reading.doubt
          ? { doubt: { ...before.reading.doubt, answer: 'measured-again' } }
          : {}),
        ...(entry.state === 'lost' ? { lostReason: entry.lostReason } : {}),
        ...(note ? { note } : {}),
      }),
    saveLook: (row, look, before, note) =>
      send(row, look.day, before, {
        plant: row.plant,
        state: look.state,
        ...(look.state === 'measured'
          ? {
              findings: sentOf(
                look.findings.reduce<Finding[]>(
                  (all, f) => withFinding(all, f.measure, f),
                  [...(before?.reading.findings ?? [])],
                ),
              ),
            }
          : {}),
        ...(look.lostReason ? { lostReason: look.lostReason } : {}),
        note,
      }),
    settle: (row, cell, reason) => {
      const { reading } = cell;
      return send(row, reading.day, cell, {
        plant: row.plant,
        state: reading.state,
        ...(reading.state === 'measured' ? { findings: sentOf(reading.findings) } : {}),
        ...(reading.doubt ? { doubt: { ...reading.doubt, answer: 'really-so' } } : {}),
        ...(reading.lostReason ? { lostReason: reading.lostReason } : {}),
        note: reason,
      });
    },
    words: problem || (under > 0 ? say('log.saving', { under }) : ''),
  };
}
