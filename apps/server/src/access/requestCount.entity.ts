import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** Requests of one sender in one stretch of time, over all server processes. */
@Entity('request_count')
export class RequestCount {
  /** Whose, and of which route's budget: a hash. */
  @PrimaryColumn('varchar', { length: 64 }) sender: string;
  /** Begin of the stretch, in milliseconds since 1970. */
  @PrimaryColumn('bigint') @Index('request_count_since') since: string;
  @Column('int') hits: number;
}
