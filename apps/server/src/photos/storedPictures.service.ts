import { told } from '@bright-sprout/words/say';
import { Inject, Injectable } from '@nestjs/common';
import { Database } from '../database/database';
import { notFound } from '../problems/problem';
import { BLOB_STORE, type BlobStore } from './blobStore';
import { cleanPicture } from './cleanPicture';
import { type StoredFile } from './pictureRequests';

/** A picture that lies in the store in two sizes. */
export interface StoredPicture {
  hash: string;
  smallHash: string;
  width: number;
  height: number;
  /** Puts its files back where a twin that was taken back at this very moment took them along. */
  again: () => Promise<void>;
}

/** Tables whose rows show files of the store. */
export const PICTURE_TABLES = ['photo', 'frame'] as const;

/** Files of pictures: drawn anew as they come in, and gone as soon as nothing shows them. */
@Injectable()
export class StoredPictures {
  constructor(
    private readonly db: Database,
    @Inject(BLOB_STORE) private readonly blobs: BlobStore,
  ) {}

  async store(sent: Buffer): Promise<StoredPicture> {
    const { full, small, width, height } = await cleanPicture(sent);
    const [hash, smallHash] = [await this.blobs.put(full), await this.blobs.put(small)];
    const again = async () => {
      for (const [key, content] of [[hash, full] as const, [smallHash, small] as const])
        if (!(await this.blobs.has(key))) await this.blobs.put(content);
    };
    return { hash, smallHash, width, height, again };
  }

  async read(hash: string): Promise<StoredFile> {
    const jpeg = await this.blobs.get(hash);
    if (!jpeg) throw notFound(told('refusals.filePicture'));
    return { jpeg, hash };
  }

  /** A file that no picture shows any more leaves the store; that it was taken stays on record. */
  forget(hash: string): Promise<void> {
    return this.blobs.remove(hash, async () => {
      for (const table of PICTURE_TABLES) {
        const shown = await this.db.query<unknown[]>(
          `SELECT 1 FROM ${table} WHERE (hash = ? OR small_hash = ?) AND taken_back_at IS NULL LIMIT 1`,
          [hash, hash],
        );
        if (shown.length > 0) return true;
      }
      return false;
    });
  }
}
