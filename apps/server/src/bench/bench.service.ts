import { todayIn } from '@bright-sprout/core/clock/clock';
import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { In, IsNull } from 'typeorm';
import { type TeamRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { Team } from '../classes/team.entity';
import { Investigation } from '../investigations/investigation.entity';
import { InvestigationViews } from '../investigations/investigationViews.service';
import { RecordsService } from '../investigations/records.service';
import { Database } from '../database/database';
import { isShownTo } from '../photos/photoView';

/** What a team's device shows. */
@Injectable()
export class BenchService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly views: InvestigationViews,
    private readonly records: RecordsService,
  ) {}

  /** The team's own containers and the class's in every growing investigation, newest sowing first. */
  async bench(asking: TeamRequester): Promise<BenchView> {
    const team = await this.db.of(Team).findOneOrFail({ where: { id: asking.teamId }, relations: { classGroup: true } });
    const containers = await this.scope.containersOf(asking);
    const looksAfter = new Set(containers.map((c) => c.id));
    const investigations = await this.db.of(Investigation).find({
      where: { id: In([...new Set(containers.map((c) => c.investigationId))]), phase: 'growing', removedAt: IsNull() },
      relations: { classGroup: { teams: true } },
      order: { sownOn: 'DESC' },
    });
    const shown = await Promise.all(
      investigations.map(async (i) => {
        const view = await this.views.view(i);
        const own = view.containers.filter((c) => looksAfter.has(c.id));
        const { readings, photos } = await this.records.recordsOf(own.map((c) => c.id));
        return {
          investigation: {
            ...view,
            containers: own,
            teams: [],
            expected: view.expected.filter((e) => e.teamId === asking.teamId),
            care: view.care.filter((c) => c.teamId === null || c.teamId === asking.teamId),
            deviations: view.deviations.filter((d) => own.some((c) => c.id === d.containerId)),
          },
          readings,
          photos: photos.filter((p) => isShownTo(asking, p)),
        };
      }),
    );
    const kinds = new Set(shown.flatMap(({ investigation }) => investigation.treatments.map((t) => t.speciesId)));
    return {
      team: { id: team.id, emblem: team.emblem, nickname: team.nickname },
      className: team.classGroup.name,
      today: todayIn(team.classGroup.timeZone),
      investigations: shown,
      species: [...kinds].flatMap((id) => speciesById(id) ?? []),
    };
  }
}
