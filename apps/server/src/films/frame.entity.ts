import { Column, Entity, Index, JoinColumn, ManyToOne, OneToMany, type Relation } from 'typeorm';
import { PictureRow } from '../photos/pictureRow';
import { Film } from './film.entity';
import { FrameMending } from './frameMending.entity';

/** A picture of a film on a day. */
@Entity('frame')
export class Frame extends PictureRow {
  @Index('frame_film') @Column('uuid', { name: 'film_id' }) filmId: string;
  @ManyToOne(() => Film, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'film_id' }) film: Relation<Film>;
  @OneToMany(() => FrameMending, (mending) => mending.frame) mendings: Relation<FrameMending>[];
}
