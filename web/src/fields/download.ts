import { t } from './language/t';
/** Hands something to the browser as a file. */
export const downloadBlob = (fileName: string, blob: Blob): void => {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = fileName;
  link.click();
  // The browser has read the address by the next turn of its loop.
  setTimeout(() => URL.revokeObjectURL(url), 0);
};

/** Hands a text to the browser as a file. */
export const download = (fileName: string, text: string, type: string): void =>
  downloadBlob(fileName, new Blob([text], { type }));

/** A name that every file system takes. */
export const fileName = (name: string, suffix: string): string =>
  `${
    name
      .replace(/[^\p{L}\p{N} _-]+/gu, '')
      .trim()
      .replaceAll(/\s+/g, '-')
      .slice(0, 60) || 'trailer'
  }${suffix}`;

/** What lies in the database, as it lies there, whether or not it can be read. */
export const saveRawCopy = (id: string, raw: unknown): void =>
  download(fileName(t('{id} raw copy', { id }), '.json'), JSON.stringify(raw, undefined, 2) ?? '', 'application/json');
