import {
  ledgerTables,
  PURCHASE_GROUP_NAMES,
  PURCHASE_GROUPS,
  purchaseCsv,
  speaker,
  type Evaluation,
} from '@kereta/core';
import { useMemo } from 'react';
import { useStore } from 'zustand';
import { PageHead } from '../fields/PageHead';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useSession } from '../bench/useSession';
import { download, downloadBlob, fileName } from '../fields/download';
import { EditingContext } from '../fields/editing';
import type { ReadableTrailer } from '../storage/trailers';
import { LineRow } from './LineRow';
import { PriceSources } from './PriceSources';
import { purchasesIn } from './purchases';
import { RecordContext } from './recordContext';
import { Sums } from './Sums';
import { Unplanned } from './Unplanned';
import { useLedger } from './useLedger';
import { VariantTable } from './VariantTable';
import { t, voice } from '../fields/language/t';

const WAITING = {
  sticks: t('pieces are being laid on sticks'),
  welds: t('the frame’s welds are being worked out'),
} as const;

/** What it may carry: the plate's gross less what it weighs bare. */
const payloadOf = ({ trailer, bare }: Evaluation): number | undefined =>
  trailer.ratedGrossKg === null ? undefined : trailer.ratedGrossKg - bare.reduce((sum, { massKg }) => sum + massKg, 0);

/** Everything that is bought for the trailer, what it costs and what was paid; in the yard on the phone as well. */
const Buying = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const { projectStore } = session;
  const mayWrite = useStore(projectStore.store, (state) => state.mayWrite);
  const trailer = useStore(projectStore.store, projectStore.trailerNow);
  const record = useStore(projectStore.store, (state) => state.record);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const { evaluation, ledger, waitsFor } = useLedger(trailer, record);
  const purchases = useMemo(() => purchasesIn(projectStore), [projectStore]);
  const editing = useMemo(
    () => ({
      units: trailer.settings.units,
      fraction: trailer.settings.fraction,
      readOnly: !mayWrite,
      trailer,
      edit: projectStore.edit,
    }),
    [trailer, mayWrite, projectStore],
  );
  const spreadsheet = async (): Promise<void> => {
    const { default: writeXlsx } = await import('write-excel-file/browser');
    const sheets = ledgerTables(trailer, ledger).map(({ name, head, rows }) => ({
      sheet: name,
      data: [
        head.map((value) => ({ value, fontWeight: 'bold' as const })),
        ...rows.map((row) => row.map((value) => (value === null ? null : { value }))),
      ],
    }));
    downloadBlob(fileName(t('{name} buying', { name: trailer.name }), '.xlsx'), await writeXlsx(sheets).toBlob());
  };
  return (
    <EditingContext value={editing}>
      <RecordContext value={record}>
        <div className="mx-auto max-w-[860px] px-4 pb-24">
          <PageHead
            title={t('{name}: what to buy', { name: trailer.name })}
            back={`/trailer/${trailer.id}/cut`}
            print={t('Print')}
          >
            <button
              type="button"
              className="button"
              onClick={() =>
                download(
                  fileName(t('{name} buying', { name: trailer.name }), '.csv'),
                  purchaseCsv(trailer, ledger),
                  'text/csv',
                )
              }
            >
              {t('CSV')}
            </button>
            <button type="button" className="button" onClick={() => void spreadsheet()}>
              {t('Spreadsheet')}
            </button>
          </PageHead>
          <SessionNotes
            session={session}
            onlyLooked={t('the list can be looked at here, not changed')}
            unsaved={t('the last change')}
          />
          <Sums ledger={ledger} payloadKg={payloadOf(evaluation)} purchases={purchases} />
          <p className="mute min-h-[20px] text-[14px]" role="status">
            {waitsFor.length > 0 &&
              t('Not all is counted yet: {waitsFor} …', { waitsFor: waitsFor.map((what) => WAITING[what]).join(', ') })}
          </p>
          <PriceSources cutList={evaluation.cutList} lines={ledger.lines} say={say} purchases={purchases} />
          {PURCHASE_GROUPS.map((group) => {
            const own = ledger.lines.filter(({ line }) => line.group === group);
            if (own.length === 0) return null;
            return (
              <section key={group} aria-label={t(PURCHASE_GROUP_NAMES[group])} className="mt-5">
                <h2 className="text-[17px] font-bold">{t(PURCHASE_GROUP_NAMES[group])}</h2>
                <ul>
                  {own.map((entry) => (
                    <LineRow key={entry.line.id} entry={entry} say={say} purchases={purchases} />
                  ))}
                </ul>
              </section>
            );
          })}
          <Unplanned ledger={ledger} purchases={purchases} />
          <VariantTable lines={ledger.lines} say={say} />
          <p className="narrow mute mt-4 text-[13.5px]">
            {t(
              'Amounts of wire, gas, discs, screws and paint are rules of thumb. Measure what comes before you weld to it: springs’ eyes, hub faces, walls. Keep the receipts: an inspection may ask for them.',
            )}
          </p>
        </div>
      </RecordContext>
    </EditingContext>
  );
};

export const BuyPage = () => <TrailerPage>{(id, stored) => <Buying id={id} stored={stored} />}</TrailerPage>;
