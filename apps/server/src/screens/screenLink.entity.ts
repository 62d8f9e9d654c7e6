import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Investigation } from '../investigations/investigation.entity';

/** A read-only link to one investigation; only the hash of its secret is kept. */
@Entity('screen_link')
export class ScreenLink {
  @PrimaryColumn('uuid') id: string;
  @Index('screen_link_investigation') @Column('uuid', { name: 'investigation_id' }) investigationId: string;
  @ManyToOne(() => Investigation, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'investigation_id' })
  investigation: Relation<Investigation>;
  @Index('screen_link_token', { unique: true }) @Column('char', { name: 'token_hash', length: 64 }) tokenHash: string;
  @Column('datetime', { name: 'made_at', precision: 3 }) madeAt: Date;
  @Column('datetime', { name: 'last_seen_at', precision: 3, nullable: true }) lastSeenAt: Date | null;
  /** The question that it shows, as an address; null for the wall. */
  @Column('varchar', { length: 800, nullable: true }) question: string | null;
  @Column('datetime', { name: 'revoked_at', precision: 3, nullable: true }) revokedAt: Date | null;
}
