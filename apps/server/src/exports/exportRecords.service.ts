import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { onClockOf } from '@bright-sprout/core/formats/export/clockWords';
import { type RecordsToExport } from '@bright-sprout/core/formats/export/recordTables';
import { Injectable } from '@nestjs/common';
import { Database } from '../database/database';
import { roomOfDays } from '../room/roomOfDays';
import { lookedDays } from './wholeRows';

interface CheckRow {
  container: string;
  teamId: string | null;
  day: string;
  recordedAt: Date;
  receivedAt: Date;
  source: string;
  dayReason: string | null;
}

/** Everything of an investigation in the shape in which it leaves. */
@Injectable()
export class ExportRecords {
  constructor(private readonly db: Database) {}

  async of({ investigation, readings, photos }: InvestigationRecords): Promise<RecordsToExport> {
    const all = [...investigation.containers, ...investigation.reserve];
    const codes = new Map(all.map((c) => [c.id, c.code]));
    const nicknames = new Map(investigation.teams.map((t) => [t.id, t.nickname]));
    const nickname = (id: string | null) => (id === null ? null : (nicknames.get(id) ?? null));
    const treatments = new Map(investigation.treatments.map((t) => [t.code, t]));
    const known = new Set(investigation.containers.map((c) => c.id));
    return {
      clock: onClockOf(investigation.class.timeZone),
      findings: {
        sownOn: investigation.sownOn,
        treatments: investigation.treatments.map(({ code, label, control }) => ({ code, label, control })),
        units: investigation.containers.map(({ code, treatment, block, seedsSown, sownOn }) => ({
          code,
          treatment,
          block,
          seeds: seedsSown,
          sownOn,
        })),
        own: investigation.bench.own,
        readings: readings
          .filter((r) => known.has(r.containerId))
          .map((r) => ({ ...r, findings: [...r.findings], unit: codes.get(r.containerId)!, key: r.id, corrects: r.supersedes })),
      },
      containers: all.map((c) => ({
        code: c.code,
        treatment: c.treatment,
        treatmentLabel: treatments.get(c.treatment)!.label,
        control: treatments.get(c.treatment)!.control,
        kind: treatments.get(c.treatment)!.speciesName,
        team: c.block,
        place: c.position,
        seeds: c.seedsSown,
        sownOn: c.sownOn,
        child: c.childNumber,
        inReserve: investigation.reserve.includes(c),
      })),
      checks: (await this.checks(investigation.id)).map((c) => ({
        ...c,
        team: nickname(c.teamId),
        recordedAt: c.recordedAt.toISOString(),
        receivedAt: c.receivedAt.toISOString(),
      })),
      care: investigation.care.map((c) => ({ ...c, team: nickname(c.teamId) })),
      deviations: investigation.deviations.map(({ containerId, kind, seeds, note }) => ({
        container: codes.get(containerId) ?? '',
        kind,
        seeds,
        note,
      })),
      room: (await roomOfDays(this.db, investigation.class, lookedDays(investigation.sownOn, readings))).map(
        ({ at, kind, value, source }) => ({ at: at.toISOString(), kind, value, source }),
      ),
      predictions: investigation.expected.map((e) => ({ ...e, team: nickname(e.teamId) ?? '' })),
      pictures: [
        ...photos.map((p) => ({
          file: `pictures/${p.id}.jpg`,
          container: codes.get(p.containerId) ?? '',
          film: '',
          team: nickname(p.teamId),
          day: p.day,
        })),
        ...(await this.frames(investigation.id)).map(({ id, ...of }) => ({ ...of, file: `pictures/${id}.jpg`, container: '' })),
      ],
    };
  }

  /** Pictures of films that are there. */
  private frames(investigationId: string): Promise<{ id: string; film: string; team: string | null; day: string }[]> {
    return this.db.query(
      `SELECT p.id, f.name AS film, t.nickname AS team, p.day
       FROM frame p JOIN film f ON f.id = p.film_id LEFT JOIN team t ON t.id = p.team_id
       WHERE f.investigation_id = ? AND p.taken_back_at IS NULL AND p.goes_at IS NULL ORDER BY p.day, p.recorded_at`,
      [investigationId],
    );
  }

  private checks(investigationId: string): Promise<CheckRow[]> {
    return this.db.query<CheckRow[]>(
      `SELECT c.code AS container, k.team_id AS teamId, k.day, k.recorded_at AS recordedAt, k.received_at AS receivedAt, k.source,
         COALESCE(k.day_reason, k.day_code) AS dayReason
       FROM plant_check k JOIN container c ON c.id = k.container_id
       WHERE c.investigation_id = ? AND c.taken_back_at IS NULL ORDER BY k.recorded_at, k.id`,
      [investigationId],
    );
  }
}
