import { Module } from '@nestjs/common';
import { RoomController } from './room.controller';
import { RoomService } from './room.service';
import { SensorBoxService } from './sensorBox.service';

@Module({ controllers: [RoomController], providers: [RoomService, SensorBoxService] })
export class RoomModule {}
