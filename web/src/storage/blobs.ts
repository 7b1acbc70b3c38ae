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
