import { useId, useState } from 'react';
import { nanoid } from 'nanoid';
import { useEditing } from './editing';
import { putBlob } from '../storage/blobs';
import { t } from './language/t';

/** A receipt is readable, a weld to be judged, at this many pixels along the longer side. */
const LONGEST_PX = 1600;

/** A photo scaled down, as JPEG; undefined where the file is no picture that this browser reads. */
const scaledDown = async (file: File): Promise<Blob | undefined> => {
  try {
    const picture = await createImageBitmap(file);
    const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(picture.width * scale));
    canvas.height = Math.max(1, Math.round(picture.height * scale));
    canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    return await new Promise((resolve) => {
      canvas.toBlob((blob) => resolve(blob ?? undefined), 'image/jpeg', 0.8);
    });
  } catch {
    return undefined;
  }
};

interface PhotoFieldProps {
  readonly label: string;
  /** kept for what is noted next */
  readonly count: number;
  readonly onAdd: (blobId: string) => void;
}

/** A photo, kept beside the trailer; it goes with what is noted next. */
export const PhotoField = ({ label, count, onAdd }: PhotoFieldProps) => {
  const { trailer, readOnly } = useEditing();
  const id = useId();
  const [problem, setProblem] = useState('');
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const blob = await scaledDown(file);
    if (!blob) {
      setProblem(t('This file is no picture that the browser can read.'));
      return;
    }
    const blobId = `photo.${nanoid(8)}`;
    try {
      await putBlob({ id: blobId, projectId: trailer.id, blob });
      setProblem('');
      onAdd(blobId);
    } catch {
      setProblem(t('The browser did not take the photo: it may be out of room.'));
    }
  };
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="narrow mb-1 block text-[14px] leading-[18px]">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        className="file-input w-full"
        disabled={readOnly}
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <p className="narrow mute text-[13px]" role="status">
        {problem ||
          (count > 0
            ? t('{count} kept for it', { count: count === 1 ? t('One photo') : t('{count} photos', { count }) })
            : '')}
      </p>
    </div>
  );
};
