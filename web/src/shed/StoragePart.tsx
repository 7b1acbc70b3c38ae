import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useStore } from 'zustand';
import { offlineState } from '../fields/offlineState';
import { lastExportAt, roomNow } from '../storage/room';
import { t } from '../fields/language/t';

const DAY_MS = 86_400_000;
/** Work of a month is worth a file beside the browser. */
const OLD_DAYS = 30;
const MEGA = 1e6;

const sizeText = (bytes: number): string =>
  bytes < MEGA / 10
    ? t('Less than 0.1 MB')
    : bytes < 1000 * MEGA
      ? `${(bytes / MEGA).toFixed(1)} MB`
      : `${(bytes / MEGA / 1000).toFixed(1)} GB`;

const exportText = (changedAt: number, now: number): string => {
  const at = lastExportAt();
  if (at === undefined)
    return now - changedAt < 0
      ? ''
      : t('Nothing of it was exported from here yet: a file beside the browser survives it.');
  const days = Math.floor((now - at) / DAY_MS);
  if (at >= changedAt || days < OLD_DAYS)
    return t('Exported last {days}.', {
      days: days === 0 ? t('today') : days === 1 ? t('yesterday') : t('{days} days ago', { days }),
    });
  return t('The last export is {days} days old, and trailers were changed since: export all again.', { days });
};

const KEPT_WORDS = {
  kept: t('Kereta works here without a network.'),
  taking: t('Kereta is being kept for work without a network …'),
  none: '',
} as const;

/** Where trailers are kept, how full that is, and when they were exported. */
export const StoragePart = ({ changedAt }: { readonly changedAt: number }) => {
  const kept = useStore(offlineState, (state) => state.kept);
  const { data: room } = useQuery({ queryKey: ['room', changedAt], queryFn: roomNow });
  const [now] = useState(() => Date.now());
  const secure = window.isSecureContext;
  const used =
    room?.usedBytes === undefined
      ? ''
      : t('{usedBytes} are kept{quotaBytes}.', {
          usedBytes: sizeText(room.usedBytes),
          quotaBytes:
            room.quotaBytes === undefined
              ? ''
              : t(', {quotaBytes} would fit', { quotaBytes: sizeText(room.quotaBytes) }),
        });
  const promised =
    room?.persistent === undefined
      ? ''
      : room.persistent
        ? t('The browser has promised to keep them.')
        : t('The browser may throw them away when it runs short of room.');
  return (
    <p className="narrow mute mt-1 text-[13px]" role="note" aria-label={t('Storage')}>
      {[
        used,
        promised,
        exportText(changedAt, now),
        KEPT_WORDS[kept],
        secure
          ? ''
          : t(
              'Over this address the browser keeps no page without a network and no screen awake: it is not a secure one.',
            ),
      ]
        .filter((part) => part !== '')
        .join(' ')}
    </p>
  );
};
