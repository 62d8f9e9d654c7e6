import { told } from '@bright-sprout/words/say';
import { type BenchFilmView, type FilmView } from '@bright-sprout/contracts/answers/films';
import { MOST_FILMS, type SaveFilmRequest } from '@bright-sprout/contracts/films';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { Injectable } from '@nestjs/common';
import { In, IsNull } from 'typeorm';
import { type TeacherRequester, type TeamRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { Database, isDuplicate } from '../database/database';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { ChangesService } from '../live/changes.service';
import { notFound, Problem } from '../problems/problem';
import { Film } from './film.entity';
import { Frame } from './frame.entity';
import { filmView, shapeOf } from './filmView';

/** What is photographed day after day: set up by the teacher, photographed by every team of the class. */
@Injectable()
export class FilmsService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
  ) {}

  async list(teacher: TeacherRequester, investigationId: string): Promise<FilmView[]> {
    await this.scope.investigationOf(teacher, investigationId);
    const films = await this.db.of(Film).find({ where: { investigationId }, order: { id: 'ASC' } });
    const frames = await this.framesOf(films);
    return films.map((f) => filmView(f, frames));
  }

  /** Films of what the team's class grows, with the pictures that the teacher has looked at and the team's own. */
  async ofTeam({ teamId, classId }: TeamRequester): Promise<BenchFilmView[]> {
    const growing = await this.db.of(Investigation).findBy({ classId, phase: 'growing', removedAt: IsNull() });
    if (growing.length === 0) return [];
    const films = await this.db.of(Film).find({
      where: { investigationId: In(growing.map((i) => i.id)), removedAt: IsNull() },
      order: { id: 'ASC' },
    });
    const frames = (await this.framesOf(films)).filter((f) => f.seenAt !== null || f.teamId === teamId);
    return films.map((f) => ({ ...filmView(f, frames), sownOn: growing.find((i) => i.id === f.investigationId)!.sownOn }));
  }

  private async framesOf(films: readonly Film[]): Promise<Frame[]> {
    if (films.length === 0) return [];
    return this.db.of(Frame).find({
      where: { filmId: In(films.map((f) => f.id)), takenBackAt: IsNull() },
      relations: { mendings: true },
      order: { day: 'ASC', recordedAt: 'ASC' },
    });
  }

  /** A film of the teacher's own, and the class that it belongs to. */
  async filmOf(teacher: TeacherRequester, id: string): Promise<{ film: Film; classId: string }> {
    const film = await this.db.of(Film).findOneBy({ id });
    if (!film) throw notFound(told('refusals.thisFilm'));
    const { classId } = await this.scope.investigationOf(teacher, film.investigationId);
    return { film, classId };
  }

  /** The containers in the sections of a film, looked up where they grow: what stands in a section is never followed as it is. */
  async containersOf({ cells, investigationId }: Film): Promise<string[]> {
    const named = cells.filter((c) => c !== null);
    const found = await this.db.of(Container).find({ where: { id: In(named), investigationId }, select: { id: true } });
    return found.map((c) => c.id);
  }

  /** Keeps a film; the same one sent twice changes nothing, one that was changed meanwhile is not overwritten. */
  async save(teacher: TeacherRequester, id: string, request: SaveFilmRequest): Promise<FilmView> {
    const { investigationId, version, removed, wideMm = null, deepMm = null, name, kind, columns, rows, cells, index } = request;
    const investigation = await this.scope.investigationOf(teacher, investigationId);
    if (cells.length !== columns * rows) throw new Problem(422, told('refusals.manySectionsRowsColumns'));
    await this.checkCells(investigationId, cells);
    const shape = { name, kind, columns, rows, cells, wideMm, deepMm, index };
    const before = await this.db.of(Film).findOneBy({ id });
    if (before && before.investigationId !== investigationId) throw new Problem(409, told('refusals.somethingElseKeptUnder'));
    if (before && JSON.stringify(shapeOf(before)) === JSON.stringify(shape) && (before.removedAt !== null) === removed)
      return this.view(before);
    if (before && before.version !== version)
      throw new Problem(409, told('refusals.somebodyElseChangedFilm'), {
        current: await this.view(before),
      });
    if (!before && (await this.db.of(Film).countBy({ investigationId, removedAt: IsNull() })) >= MOST_FILMS)
      throw new Problem(422, told('refusals.mostFilmsKeptInvestigation', { mostFilms: MOST_FILMS }));
    const removedAt = removed ? (before?.removedAt ?? timeNow()) : null;
    const row = { ...shape, id, investigationId, removedAt, version: (before?.version ?? 0) + 1 };
    try {
      await this.db.work(async () => {
        if (before) {
          const { affected } = await this.db.of(Film).update({ id, version }, row);
          if (affected === 0) throw new Problem(409, told('refusals.somebodyElseChangedFilm'));
        } else await this.db.of(Film).insert(row);
        await this.changes.note({ kind: 'films-changed', classId: investigation.classId, investigationId, subjectId: id });
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      return this.save(teacher, id, request);
    }
    return this.view(row);
  }

  private async checkCells(investigationId: string, cells: readonly (string | null)[]): Promise<void> {
    const named = cells.filter((c) => c !== null);
    if (named.length === 0) throw new Problem(422, told('refusals.sayGrowsLeastSection'));
    const known = await this.db.of(Container).countBy({ id: In(named), investigationId, takenBackAt: IsNull() });
    if (known !== named.length) throw new Problem(422, told('refusals.containerSectionsBelongInvestigation'));
  }

  async view(film: Omit<Film, 'investigation'>): Promise<FilmView> {
    return filmView(film, await this.framesOf([film as Film]));
  }
}
