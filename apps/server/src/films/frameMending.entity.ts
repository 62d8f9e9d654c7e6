import { type MendingKind } from '@bright-sprout/contracts/filmKinds';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Frame } from './frame.entity';

/** Something that was put right on a picture. Never changed; what was undone stays on record. */
@Entity('frame_mending')
export class FrameMending {
  @PrimaryColumn('uuid') id: string;
  @Index('frame_mending_frame') @Column('uuid', { name: 'frame_id' }) frameId: string;
  @ManyToOne(() => Frame, (frame) => frame.mendings, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'frame_id' })
  frame: Relation<Frame>;
  @Column('varchar', { length: 12 }) kind: MendingKind;
  @Column('simple-json') places: [number, number][];
  @Column('boolean', { nullable: true }) green: boolean | null;
  @Column('double', { nullable: true }) radius: number | null;
  @Column('datetime', { name: 'recorded_at', precision: 3 }) recordedAt: Date;
  @Column('datetime', { name: 'taken_back_at', precision: 3, nullable: true }) takenBackAt: Date | null;
}
