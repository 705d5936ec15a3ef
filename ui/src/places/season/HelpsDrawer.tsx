import { Spin } from 'antd';

import type { Schemas } from '../../api/client';
import { useAwayHelps } from '../../api/season';
import { useWords } from '../../i18n/words';
import { Side } from '../../kit/overlays/Side';
import common from '../../styles/common.module.css';
import { FirstWant, rankOf } from './AwayPage';

/** What helps one plant while nobody comes: each tried over the same weather. */
export function HelpsDrawer({
  plant,
  asked,
  close,
}: {
  plant: Schemas['AwayPlant'];
  asked: Schemas['AwayHelpsInput'];
  close: () => void;
}) {
  const { t, q, percent } = useWords();
  const found = useAwayHelps(asked);
  const answer = found.data;

  return (
    <Side title={t('away.helps', { name: `${plant.number} ${plant.name}` })} size={640} onClose={close}>
      {found.isError && (
        <p className={common.fieldError} role="alert">
          {found.error.message}
        </p>
      )}
      {answer === undefined ? (
        found.isPending && <Spin />
      ) : (
        <>
          <table className={common.viewTable}>
            <thead>
              <tr>
                <td />
                <th scope="col">{t('away.first')}</th>
                <th scope="col">{t('away.degree')}</th>
                <th scope="col">{t('away.rank')}</th>
              </tr>
            </thead>
            <tbody>
              {answer.helps.map((help) => (
                <tr key={help.what}>
                  <th scope="row">{t(`away.help.${help.what}`)}</th>
                  <td>
                    <FirstWant first={help.first_want} days={answer.days} />
                  </td>
                  <td>{percent(help.degree)}</td>
                  <td>{t(`away.rank.${rankOf(help.lost_share)}`)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p>
            {t('away.comes', {
              every: answer.comes_every === null ? 'daily' : answer.comes_every === 0 ? 'none' : 'other',
              days: answer.comes_every ?? 1,
            })}
          </p>
          <p>{t('away.tray', { count: plant.count ?? 1, litres: q(answer.tray_l, 'L') })}</p>
        </>
      )}
    </Side>
  );
}
