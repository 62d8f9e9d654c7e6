import { networkInterfaces } from 'node:os';
import { WayInView } from '@bright-sprout/contracts/answers/wayIn';
import { ownAddresses } from '@bright-sprout/core/wayIn/ownAddresses';
import { Controller, Get, Inject, UseGuards } from '@nestjs/common';
import { Answers } from '../answers/answers';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { type Settings, SETTINGS } from '../settings';

@ApiTags('way-in')
@Controller('way-in')
@UseGuards(TeacherGuard)
export class WayInController {
  constructor(@Inject(SETTINGS) private readonly settings: Settings) {}

  /** What goes on the board and into the squares of labels, so that a team's own device can open it. */
  @Get()
  @Answers({ WayInView })
  wayIn(): WayInView {
    const { address: said, tls, host, port } = this.settings;
    const cards = Object.values(networkInterfaces()).flatMap((c) => c ?? []);
    return { addresses: ownAddresses({ said, scheme: tls ? 'https' : 'http', host, port, cards }) };
  }
}
