import { weakestLink, LINK_NAMES } from '@kereta/core';

import { HeadRow } from '../../fields/HeadRow';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

/** From the vehicle to the chains: what each link may pull and bear, and how much of that is asked. */
export const LinkTable = () => {
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const { links } = evaluation.hitch;
  const weakest = weakestLink(links)?.id;
  const missing = <span className="mute">{t('not read')}</span>;
  return (
    <section className="border-t border-base-300 px-4 py-3" aria-label={t('From vehicle to trailer')}>
      <h2 className="font-semibold">{t('From vehicle to trailer, link by link')}</h2>
      <table className="narrow mt-1 w-full text-[13px]" aria-label={t('Links between vehicle and trailer')}>
        <HeadRow first={t('Link')} names={[t('may pull'), t('on the ball'), t('asked')]} />
        <tbody>
          {links.map(({ id, ratedKg, tongueKg, utilisation, verdict }) => (
            <tr key={id} className={`border-t border-base-300 text-right ${id === weakest ? 'font-semibold' : ''}`}>
              <th scope="row" className={`py-1 text-left ${id === weakest ? 'font-semibold' : 'font-normal'}`}>
                {t(LINK_NAMES[id])}
                {id === weakest ? ` (${t('weakest')})` : ''}
              </th>
              <td className="pl-2 whitespace-nowrap">
                {id === 'tongue' ? '' : ratedKg === undefined ? missing : <Sized>{say.mass(ratedKg)}</Sized>}
              </td>
              <td className="pl-2 whitespace-nowrap">
                {tongueKg === undefined ? '' : <Sized>{say.mass(tongueKg)}</Sized>}
              </td>
              <td className="pl-2 whitespace-nowrap">
                {verdict === 'open' ? '' : `${verdict === 'over' ? '■ ' : ''}${say.percent(utilisation, 0)}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
};
