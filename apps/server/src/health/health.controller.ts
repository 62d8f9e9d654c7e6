import { HealthView } from '@bright-sprout/contracts/answers/health';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { SkipThrottle } from '@nestjs/throttler';
import { Answers } from '../answers/answers';
import { VERSION } from '../version';
import { Database } from '../database/database';

@ApiTags('health')
@Controller('api')
@SkipThrottle()
export class HealthController {
  constructor(private readonly db: Database) {}

  /** 200 with the version once the server can reach its database; and what time it is here, for devices whose clock is wrong. */
  @Get('health')
  @Answers({ HealthView })
  async health(): Promise<HealthView> {
    await this.db.query('SELECT 1');
    return { status: 'ok', version: VERSION, now: timeNow().toISOString() };
  }
}
