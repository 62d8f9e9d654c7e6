import { createHash, randomBytes } from 'node:crypto';
import { access, mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';

/** Files under the hash of their content; what is stored never changes. */
export interface BlobStore {
  /** Stores once, however often it is asked, and tells the SHA-256 of the content in hexadecimal digits. */
  put(content: Buffer): Promise<string>;
  /** Null where nothing is stored under the hash. */
  get(hash: string): Promise<Buffer | null>;
  has(hash: string): Promise<boolean>;
  /**
   * Forgets what nobody needs; nothing happens where it is not there. Asked once more after it was put aside: whoever has come to
   * need it by then finds it again.
   */
  remove(hash: string, isNeeded: () => Promise<boolean>): Promise<void>;
}

export const BLOB_STORE = Symbol('blob store');

/** On a disk: two digits make a folder, so that no folder grows long. Written beside and renamed, so that none is ever half there. */
export class FolderBlobStore implements BlobStore {
  constructor(private readonly folder: string) {}

  async put(content: Buffer): Promise<string> {
    const hash = createHash('sha256').update(content).digest('hex');
    const [folder, file] = this.place(hash);
    await mkdir(folder, { recursive: true });
    const draft = `${file}.${randomBytes(6).toString('hex')}`;
    await writeFile(draft, content, { mode: 0o600 });
    await rename(draft, file);
    return hash;
  }

  async get(hash: string): Promise<Buffer | null> {
    return readFile(this.place(hash)[1]).catch((error: NodeJS.ErrnoException) => {
      if (error.code === 'ENOENT') return null;
      throw error;
    });
  }

  async has(hash: string): Promise<boolean> {
    return access(this.place(hash)[1]).then(
      () => true,
      () => false,
    );
  }

  async remove(hash: string, isNeeded: () => Promise<boolean>): Promise<void> {
    if (!(await this.has(hash)) || (await isNeeded())) return;
    const [, file] = this.place(hash);
    const aside = `${file}.${randomBytes(6).toString('hex')}`;
    await rename(file, aside);
    if (await isNeeded()) await rename(aside, file);
    else await rm(aside, { force: true });
  }

  private place(hash: string): [string, string] {
    if (!/^[0-9a-f]{64}$/.test(hash)) throw new Error(`${hash} is no hash.`);
    const folder = join(this.folder, hash.slice(0, 2));
    return [folder, join(folder, hash)];
  }
}
