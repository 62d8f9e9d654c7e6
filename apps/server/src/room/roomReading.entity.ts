import { type RoomSource } from '@bright-sprout/contracts/room';
import { type RoomKind } from '@bright-sprout/core/room/roomRecord';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { ClassGroup } from '../classes/classGroup.entity';

/** One value read of a class's room. */
@Entity('room_reading')
@Index('room_reading_class_at', ['classId', 'at'])
export class RoomReadingEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'class_id' }) classId: string;
  @ManyToOne(() => ClassGroup, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'class_id' }) classGroup: Relation<ClassGroup>;
  @Column('datetime', { precision: 3 }) at: Date;
  @Column('varchar', { length: 12 }) kind: RoomKind;
  @Column('double') value: number;
  @Column('varchar', { length: 8 }) source: RoomSource;
}
