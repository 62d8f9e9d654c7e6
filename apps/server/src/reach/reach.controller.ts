import { networkInterfaces } from 'node:os';
import { ReachView } from '@bright-sprout/contracts/answers/reach';
import { ownAddresses } from '@bright-sprout/core/reach/ownAddresses';
import { Controller, Get, Inject, UseGuards } from '@nestjs/common';
import { Answers } from '../answers/answers';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { type Settings, SETTINGS } from '../settings';

@ApiTags('reach')
@Controller('reach')
@UseGuards(TeacherGuard)
export class ReachController {
  constructor(@Inject(SETTINGS) private readonly settings: Settings) {}

  /** What goes on the board and into the squares of labels, so that a team's own device can open it. */
  @Get()
  @Answers({ ReachView })
  reach(): ReachView {
    const { address: said, tls, host, port } = this.settings;
    const cards = Object.values(networkInterfaces()).flatMap((c) => c ?? []);
    return { addresses: ownAddresses({ said, scheme: tls ? 'https' : 'http', host, port, cards }) };
  }
}
