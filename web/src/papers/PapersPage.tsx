import {
  evaluate,
  MANNER_TEXT,
  mannerFactText,
  type MannerHere,
  mannersHere,
  MATTER_NAMES,
  PAPERS_BY_REGION,
  REGION_NAMES,
  sourceText,
  speaker,
  type Speaker,
  TAKE_ALONG,
  towsOnRoad,
  trailerOf,
} from '@kereta/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { PageHead } from '../fields/PageHead';
import { TrailerPage } from '../bench/TrailerPage';
import { Sized } from '../fields/Sized';
import type { ReadableTrailer } from '../storage/trailers';
import { t, voice } from '../fields/language/t';

const Rule = ({ here, say }: { readonly here: MannerHere; readonly say: Speaker }) => {
  const { manner, band, value } = here;
  const fact = mannerFactText(here, say);
  return (
    <div className="border-t border-base-300 py-2">
      <dt className="font-semibold">
        {t(MATTER_NAMES[manner.matter])}
        {fact && (
          <span className="font-normal">
            : <Sized>{fact}</Sized>
          </span>
        )}
      </dt>
      <dd>
        {band ? (
          t(MANNER_TEXT[band.says])
        ) : (
          <>
            {t('Open until then:')}
            <ul className="list-inside list-disc">
              {manner.bands.map(({ says }) => (
                <li key={says}>{t(MANNER_TEXT[says])}</li>
              ))}
            </ul>
          </>
        )}
        {value !== null && band && manner.bands.length > 1 && (
          <details className="no-print">
            <summary className="narrow mute cursor-pointer text-[13px]">{t('The other steps')}</summary>
            <ul className="list-inside list-disc">
              {manner.bands
                .filter((other) => other !== band)
                .map(({ says }) => (
                  <li key={says}>{t(MANNER_TEXT[says])}</li>
                ))}
            </ul>
          </details>
        )}
        <span className="narrow mute block text-[13px]">{sourceText(manner.source, voice)}</span>
      </dd>
    </div>
  );
};

/** What is usually asked of such a trailer where it is used, and what to have at hand. */
const Papers = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const trailer = useMemo(() => trailerOf(stored.project), [stored.project]);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const all = useMemo(() => mannersHere(evaluate(trailer)), [trailer]);
  const { regions } = trailer.settings;
  return (
    <div className="mx-auto max-w-[860px] px-4 pb-24">
      <PageHead
        title={t('{name}, papers and manners', { name: trailer.name })}
        back={`/trailer/${id}/build?task=register`}
        print={t('Print, to take along')}
      />
      <p className="border-t border-[var(--ink)] py-2 text-[14.5px]" role="note">
        {t(
          'Recalled in 2026, told as ranges: law differs by place and changes. Ask the authority or an inspector where you live before you build, and go by what they say.',
        )}
      </p>
      {!towsOnRoad(trailer) && (
        <p className="border-t border-[var(--ink)] py-2 text-[14.5px]" role="note">
          {t(
            'Pulled by hand or by a small machine it is no trailer of these rules, which are told for comparison. What holds for carts on a public road is a matter of the place.',
          )}
        </p>
      )}
      {regions.length === 0 && (
        <p className="py-3 text-[14.5px]">
          {t('No region is set: choose where it is used under')}{' '}
          <Link className="underline" to={`/trailer/${id}/job`}>
            {t('The job')}
          </Link>
          .
        </p>
      )}
      {regions.map((region) => (
        <section key={region} aria-label={t(REGION_NAMES[region])} className="border-t border-[var(--ink)] py-3">
          <h2 className="text-[17px] font-bold">{t(REGION_NAMES[region])}</h2>
          <dl className="text-[14.5px]">
            {all
              .filter(({ manner }) => manner.region === region)
              .map((here) => (
                <Rule key={here.manner.matter} here={here} say={say} />
              ))}
          </dl>
          <h3 className="mt-2 text-[15px] font-semibold">{t('Before it goes on the road')}</h3>
          <ul className="list-inside list-disc text-[14.5px]">
            {PAPERS_BY_REGION[region].asks.map((line) => (
              <li key={line}>{t(line)}</li>
            ))}
          </ul>
          <p className="narrow mute mt-1 text-[13px]">{sourceText(PAPERS_BY_REGION[region].source, voice)}</p>
        </section>
      ))}
      <section aria-label={t('To take along')} className="border-t border-[var(--ink)] py-3">
        <h2 className="text-[17px] font-bold">{t('To take along')}</h2>
        <ul className="text-[14.5px]">
          {TAKE_ALONG.map((line) => (
            <li key={line}>☐ {t(line)}</li>
          ))}
        </ul>
        <p className="no-print mt-2 text-[14.5px]">
          {t('Plate, weights, checks and drawings stand in')}{' '}
          <Link className="underline" to={`/trailer/${id}/print/book`}>
            {t('the trailer’s book')}
          </Link>
          {t(', the hitch on the')}{' '}
          <Link className="underline" to={`/trailer/${id}/print/tow`}>
            {t('tow-ready page')}
          </Link>
          .
        </p>
      </section>
    </div>
  );
};

export const PapersPage = () => <TrailerPage>{(id, stored) => <Papers id={id} stored={stored} />}</TrailerPage>;
