import { msNow, timeNow } from '@bright-sprout/core/clock/clock';
import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { type Request, type Response } from 'express';
import { LessThan } from 'typeorm';
import { type Settings, SETTINGS } from '../settings';
import { AccessSession } from './accessSession.entity';
import { type TeacherRequester, type TeamRequester } from './requester';
import { Database } from '../database/database';

const HOUR = 3_600_000;
/** A teacher's device and a shared tablet may hold both sessions at once, so each has its own cookie. */
const COOKIES = { teacher: 'sprout_teacher', team: 'sprout_team' } as const;
const LIFE = { teacher: 14 * 24 * HOUR, team: 120 * 24 * HOUR };

/** Sessions that are remembered for counting, and for how long. */
const MOST_KNOWN = 5000;
const KNOWN_MS = 60_000;

type Kind = keyof typeof COOKIES;

const OWNER: Record<Kind, string> = {
  teacher: `SELECT t.id AS teacherId, t.school_id AS schoolId
    FROM access_session s JOIN teacher t ON t.id = s.teacher_id WHERE s.token_hash = ? AND s.expires_at > ?`,
  team: `SELECT t.id AS teamId, t.class_id AS classId, c.school_id AS schoolId
    FROM access_session s JOIN team t ON t.id = s.team_id JOIN class_group c ON c.id = t.class_id
    WHERE s.token_hash = ? AND s.expires_at > ? AND t.removed_at IS NULL`,
};

const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');

/** Server-side sessions behind random tokens in HttpOnly, SameSite cookies. */
@Injectable()
export class SessionsService {
  /** Token → until when it counts as there. */
  private readonly known = new Map<string, number>();

  constructor(
    private readonly db: Database,
    @Inject(SETTINGS) private readonly settings: Settings,
  ) {}

  async open(kind: Kind, ownerId: string, response: Response): Promise<void> {
    const token = randomBytes(32).toString('base64url');
    const sessions = this.db.of(AccessSession);
    await sessions.delete({ expiresAt: LessThan(timeNow()) });
    await sessions.insert({
      tokenHash: hashOf(token),
      teacherId: kind === 'teacher' ? ownerId : null,
      teamId: kind === 'team' ? ownerId : null,
      expiresAt: new Date(msNow() + LIFE[kind]),
    });
    response.cookie(COOKIES[kind], token, {
      httpOnly: true,
      sameSite: 'strict',
      secure: this.settings.secureCookies,
      path: '/',
      maxAge: LIFE[kind],
    });
  }

  /** Ends the session that the device came with. */
  async end(kind: Kind, request: Request): Promise<void> {
    const token = this.tokenOf(kind, request);
    if (token) await this.db.of(AccessSession).delete({ tokenHash: hashOf(token) });
  }

  async close(kind: Kind, request: Request, response: Response): Promise<void> {
    await this.end(kind, request);
    response.clearCookie(COOKIES[kind], { path: '/' });
  }

  /** Ends every session of a team, as when its PIN is made anew. */
  async closeAllOfTeam(teamId: string): Promise<void> {
    await this.db.of(AccessSession).delete({ teamId });
  }

  async teacher(request: Request): Promise<TeacherRequester | null> {
    const [found] = await this.ownerOf<Omit<TeacherRequester, 'kind'>>('teacher', request);
    return found ? { kind: 'teacher', ...found } : null;
  }

  async team(request: Request): Promise<TeamRequester | null> {
    const [found] = await this.ownerOf<Omit<TeamRequester, 'kind'>>('team', request);
    return found ? { kind: 'team', ...found } : null;
  }

  /** Whose requests these are, for counting them: a session that is really there; null for everybody else. */
  async holderOf(request: Request): Promise<string | null> {
    for (const kind of ['team', 'teacher'] as const) {
      const token = this.tokenOf(kind, request);
      if (token && (await this.isKnown(kind, token, request))) return hashOf(token);
    }
    return null;
  }

  /** A session found a moment ago is not looked up again for each request that is counted. */
  private async isKnown(kind: Kind, token: string, request: Request): Promise<boolean> {
    const until = this.known.get(token);
    if (until !== undefined && until > msNow()) return true;
    this.known.delete(token);
    if ((await this.ownerOf(kind, request)).length === 0) return false;
    if (this.known.size >= MOST_KNOWN) this.known.clear();
    this.known.set(token, msNow() + KNOWN_MS);
    return true;
  }

  /** One short statement: this runs before every request. */
  private async ownerOf<Owner>(kind: Kind, request: Request): Promise<Owner[]> {
    const token = this.tokenOf(kind, request);
    return token ? this.db.query<Owner[]>(OWNER[kind], [hashOf(token), timeNow()]) : [];
  }

  private tokenOf(kind: Kind, request: Request): string | null {
    const token: unknown = (request.cookies as Record<string, unknown> | undefined)?.[COOKIES[kind]];
    return typeof token === 'string' && token.length <= 100 ? token : null;
  }
}
