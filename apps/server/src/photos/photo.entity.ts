import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { Container } from '../investigations/container.entity';
import { PictureRow } from './pictureRow';

/** A picture of a container on a day. */
@Entity('photo')
export class Photo extends PictureRow {
  @Index('photo_container') @Column('uuid', { name: 'container_id' }) containerId: string;
  @ManyToOne(() => Container, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'container_id' }) container: Relation<Container>;
}
