import { Module } from '@nestjs/common';
import { type Settings, SETTINGS } from '../settings';
import { BLOB_STORE, FolderBlobStore } from './blobStore';
import { BenchPhotosController, PhotosController } from './photos.controller';
import { PhotosService } from './photos.service';
import { StoredPictures } from './storedPictures.service';

@Module({
  controllers: [PhotosController, BenchPhotosController],
  providers: [
    PhotosService,
    StoredPictures,
    { provide: BLOB_STORE, inject: [SETTINGS], useFactory: ({ blobFolder }: Settings) => new FolderBlobStore(blobFolder) },
  ],
  exports: [BLOB_STORE, StoredPictures],
})
export class PhotosModule {}
