import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Team } from '../classes/team.entity';
import { Plan } from '../plans/plan.entity';

/** What one team expects of one plan. */
@Entity('prediction')
@Index('prediction_team', ['planId', 'teamId'], { unique: true })
export class Prediction {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'plan_id' }) planId: string;
  @ManyToOne(() => Plan, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'plan_id' }) plan: Relation<Plan>;
  @Column('uuid', { name: 'team_id' }) teamId: string;
  @ManyToOne(() => Team, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'team_id' }) team: Relation<Team>;
  @Column('int', { name: 'first_sprout_day', nullable: true }) firstSproutDay: number | null;
  @Column('double', { name: 'height_mm', nullable: true }) heightMm: number | null;
  @Column('char', { length: 1, nullable: true }) winner: string | null;
  @Column('datetime', { name: 'recorded_at', precision: 3 }) recordedAt: Date;
}
