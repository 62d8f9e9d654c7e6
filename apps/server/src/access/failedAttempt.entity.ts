import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A sign-in or join that failed; counted per account and per address over the last minutes. */
@Entity('failed_attempt')
@Index('failed_attempt_key_at', ['key', 'at'])
export class FailedAttempt {
  @PrimaryColumn('uuid') id: string;
  @Column({ name: 'attempt_key', length: 220 }) key: string;
  @Column('datetime', { precision: 3 }) at: Date;
}
