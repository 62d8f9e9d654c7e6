import { msNow } from '@bright-sprout/core/clock/clock';
import { createHash } from 'node:crypto';
import { ROOM_KINDS, ROOM_LIMITS } from '@bright-sprout/core/room/roomRecord';
import { Inject, Injectable, Logger, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import { ClassGroup } from '../classes/classGroup.entity';
import { type Settings, SETTINGS } from '../settings';
import { ChangesService } from '../live/changes.service';
import { RoomReadingEntity } from './roomReading.entity';
import { Database } from '../database/database';

const EVERY_MS = 10 * 60_000;
const ANSWER_WITHIN_MS = 3000;

/** A version 8 UUID from what identifies a reading: several server processes that ask at once write it once. */
function idOf(...parts: string[]): string {
  const hex = createHash('sha256').update(parts.join(' ')).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

/** Asks the sensor box of the room now and then, for the classes that listen to it. */
@Injectable()
export class SensorBoxService implements OnModuleInit, OnModuleDestroy {
  private readonly logger = new Logger('Sensor box');
  private timer: NodeJS.Timeout | null = null;

  constructor(
    private readonly db: Database,
    private readonly changes: ChangesService,
    @Inject(SETTINGS) private readonly settings: Settings,
  ) {}

  get there(): boolean {
    return this.settings.sensorUrl !== null;
  }

  onModuleInit(): void {
    if (!this.there) return;
    // A round that fails is made up for by the next one; it never ends the server.
    const round = () =>
      this.readForAll().catch((error: unknown) => this.logger.warn(`The sensor box’s readings were not kept: ${String(error)}`));
    this.timer = setInterval(() => void round(), EVERY_MS);
    this.timer.unref();
  }

  onModuleDestroy(): void {
    if (this.timer) clearInterval(this.timer);
  }

  /** One round for every class that listens; a box that is away or speaks nonsense changes nothing. */
  async readForAll(): Promise<number> {
    const classes = await this.db.of(ClassGroup).findBy({ sensorOn: true });
    if (classes.length === 0) return 0;
    const values = await this.ask();
    const at = new Date(Math.floor(msNow() / EVERY_MS) * EVERY_MS);
    const rows = classes.flatMap((c) =>
      values.map((v) => ({ ...v, id: idOf(c.id, v.kind, at.toISOString()), classId: c.id, at, source: 'sensor' as const })),
    );
    if (rows.length > 0)
      await this.db.work(async () => {
        await this.db.of(RoomReadingEntity).createQueryBuilder().insert().values(rows).orIgnore().execute();
        for (const { id } of classes) await this.changes.note({ kind: 'room-changed', classId: id });
      });
    return rows.length;
  }

  private async ask(): Promise<{ kind: RoomReadingEntity['kind']; value: number }[]> {
    try {
      const answer = await fetch(new URL('/now', this.settings.sensorUrl!), { signal: AbortSignal.timeout(ANSWER_WITHIN_MS) });
      const values = (await answer.json()) as Record<string, unknown>;
      return ROOM_KINDS.flatMap((kind) => {
        const value = values[kind];
        const [low, high] = ROOM_LIMITS[kind];
        return typeof value === 'number' && value >= low && value <= high ? [{ kind, value }] : [];
      });
    } catch (error) {
      this.logger.warn(`The sensor box does not answer: ${(error as Error).message}`);
      return [];
    }
  }
}
