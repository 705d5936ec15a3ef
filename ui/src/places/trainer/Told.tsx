import type { Schemas } from '../../api/client';
import { PotSection } from '../../drawing/PotSection';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { figure } from '../../kit/mixes/verdictWords';
import { pointMark } from './pointMark';
import styles from './trainer.module.css';

/** The pot cut open, what was guessed beside what it is, and why. */
export function Told({ told, plant }: { told: Schemas['TrainerAnswered']; plant: string }) {
  const words = useWords();
  const { t, n } = words;
  const said = (asked: string, value: string) => {
    if (asked === 'look') {
      return t(`stick.look.${value}` as MessageId);
    }
    if (asked === 'mend') {
      return t(`trainer.mend.${value}` as MessageId);
    }

    return value === '' ? '–' : `${n(Number(value))} ${asked === 'air' ? '%' : asked === 'hours' ? 'h' : 's'}`;
  };
  const shown = (criterion: Schemas['Criterion'], value: number | null) =>
    value === null ? '–' : figure(criterion, value, words);

  return (
    <section aria-live="polite">
      <h2>{t('trainer.points', { points: n(told.points, 2), of: told.answers.length })}</h2>
      <div className={styles.told}>
        <PotSection
          section={told.section}
          materials={told.materials.map(({ class_shares, ...material }) => ({
            ...material,
            classShares: class_shares,
          }))}
          packing={told.packing}
          wetFootCm={told.wet_foot_cm}
          title={t('trainer.cutOpen', { plant })}
        />
        <table className={styles.answers}>
          <thead>
            <tr>
              <th scope="col">{t('trainer.asked')}</th>
              <th scope="col">{t('trainer.guessed')}</th>
              <th scope="col">{t('trainer.is')}</th>
              <th scope="col">{t('trainer.point')}</th>
            </tr>
          </thead>
          <tbody>
            {told.answers.map((each) => (
              <tr key={each.asked}>
                <th scope="row">{t(`trainer.short.${each.asked}`)}</th>
                <td>{said(each.asked, each.given)}</td>
                <td>{said(each.asked, each.right)}</td>
                <td>
                  {pointMark(each.points)} {n(each.points, 2)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <h3>{t('trainer.why', { rating: t(`rating.${told.rating}`) })}</h3>
      <ul>
        {told.verdicts.map(({ criterion, value, low, high, level }) => (
          <li key={criterion}>
            <strong>{t(`verdict.${criterion}`)}</strong> {shown(criterion, value)}{' '}
            {low !== null &&
              high !== null &&
              t('trainer.band', { low: shown(criterion, low), high: shown(criterion, high) })}{' '}
            {t(`level.${level}`)}
          </li>
        ))}
      </ul>
      <p>
        {t('trainer.helps', { mends: told.mends.map((each) => t(`trainer.mend.${each}` as MessageId)).join('; ') })}
      </p>
    </section>
  );
}
