import { InvalidDocument, NotFound, StaleVersion } from '../problems/problem.ts';
import type { Database } from './database.ts';
import { FileEntity, JobEntity, type FileRow } from './entities.ts';
import { kindOf } from './file-kind.ts';
import type { Clock } from './job-store.ts';

export type StoredFile = Pick<FileRow, 'id' | 'name' | 'type' | 'size'>;

/** Files of one job, and bytes of all files of the shop; more are refused. */
const MOST_FILES = 200;
const MOST_BYTES = 4 * 1024 ** 3;

/** Photos and mesh files beside the job documents that name them. A file never changes; another one has another id. */
export class FileStore {
  constructor(
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

  /** Keeps a file under an id of the client. The same again is answered as if it were the first time. */
  async put(jobId: string, id: string, name: string, bytes: Buffer): Promise<StoredFile> {
    const kind = kindOf(bytes, name);
    if (!kind)
      throw new InvalidDocument([{ path: ['body'], reason: 'a JPEG or PNG picture, or an STL, OBJ or PLY file is wanted; this is none of them' }]);
    if (bytes.length > kind.most) throw new InvalidDocument([{ path: ['body'], reason: `${bytes.length} bytes, at most ${kind.most} are kept` }]);
    return this.database.write(async (manager) => {
      const job = await manager.findOneBy(JobEntity, { id: jobId });
      if (!job || job.deletedAt !== null) throw new NotFound(`there is no job ${jobId}`);
      const known = await manager.findOneBy(FileEntity, { jobId, id });
      if (known && !known.bytes.equals(bytes)) throw new StaleVersion(0, 1);
      const file = { id, name, type: kind.type, size: bytes.length };
      if (known) return file;
      if ((await manager.countBy(FileEntity, { jobId })) >= MOST_FILES)
        throw new InvalidDocument([{ path: [], reason: `a job keeps ${MOST_FILES} files at most` }]);
      const kept = (await manager.sum(FileEntity, 'size')) ?? 0;
      if (kept + bytes.length > MOST_BYTES)
        throw new InvalidDocument([{ path: [], reason: 'the shop keeps 4 GB of photos and meshes at most: take out old ones' }]);
      await manager.insert(FileEntity, { ...file, jobId, bytes, createdAt: this.clock().toISOString() });
      return file;
    });
  }

  listOf(jobId: string): Promise<StoredFile[]> {
    return this.database.read((manager) =>
      manager.find(FileEntity, { where: { jobId }, select: { id: true, name: true, type: true, size: true }, order: { id: 'ASC' } }),
    );
  }

  async get(jobId: string, id: string): Promise<FileRow> {
    const file = await this.database.read((manager) => manager.findOneBy(FileEntity, { jobId, id }));
    if (!file) throw new NotFound(`there is no file ${id} with job ${jobId}`);
    return file;
  }

  /** Pictures among these ids, as data addresses; those that are gone are left out. */
  async pictures(jobId: string, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const found = new Map<string, string>();
    for (const id of ids) {
      const file = await this.database.read((manager) => manager.findOneBy(FileEntity, { jobId, id }));
      if (file?.type.startsWith('image/')) found.set(id, `data:${file.type};base64,${file.bytes.toString('base64')}`);
    }
    return found;
  }
}
