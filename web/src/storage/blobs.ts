import { type BlobRow, openDatabase } from './database';

/** Photos and papers of a trailer's record, by the ids that its entries name; never inside the trailer itself. */
export const putBlob = async (row: BlobRow): Promise<void> => {
  const { database } = await openDatabase();
  await database.blobs.put(row);
};

export const blobsOf = async (projectId: string): Promise<readonly BlobRow[]> => {
  const { database } = await openDatabase();
  return database.blobs.where('projectId').equals(projectId).toArray();
};

/** These photos alone, in this order; what is not there any more is left out. A trailer may have a thousand of them. */
export const blobsByIds = async (ids: readonly string[]): Promise<readonly BlobRow[]> => {
  const { database } = await openDatabase();
  return (await database.blobs.bulkGet([...ids])).filter((row) => row !== undefined);
};
