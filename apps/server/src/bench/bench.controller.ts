import { BenchView, SharedRecords } from '@bright-sprout/contracts/answers/checks';
import { Controller, Get, Param, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeamGuard } from '../access/guards';
import { Answers } from '../answers/answers';
import { Asking, type TeamRequester } from '../access/requester';
import { InvestigationsService } from '../investigations/investigations.service';
import { IdPipe } from '../problems/idPipe';
import { BenchService } from './bench.service';

@ApiTags('bench')
@Controller('bench')
@UseGuards(TeamGuard)
export class BenchController {
  constructor(
    private readonly benches: BenchService,
    private readonly investigations: InvestigationsService,
  ) {}

  @Get()
  @Answers({ BenchView })
  bench(@Asking() team: TeamRequester): Promise<BenchView> {
    return this.benches.bench(team);
  }

  /** The whole class's records, once the teacher has shared them. */
  @Get('investigations/:id')
  @Answers({ SharedRecords })
  shared(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<SharedRecords> {
    return this.investigations.shared(team, id);
  }
}
