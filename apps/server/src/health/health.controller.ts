import { timeNow } from '@bright-sprout/core/clock/clock';
import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { SkipThrottle } from '@nestjs/throttler';
import { DataSource } from 'typeorm';
import { VERSION } from '../version';

@ApiTags('health')
@Controller('api')
@SkipThrottle()
export class HealthController {
  constructor(private readonly dataSource: DataSource) {}

  /** 200 with the version once the server can reach its database; and what time it is here, for devices whose clock is wrong. */
  @Get('health')
  async health(): Promise<{ status: 'ok'; version: string; now: string }> {
    await this.dataSource.query('SELECT 1');
    return { status: 'ok', version: VERSION, now: timeNow().toISOString() };
  }
}
