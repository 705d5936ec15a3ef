import type { Schemas } from '../../api/client';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { ShareText } from './ShareText';
import styles from './outcomes.module.css';

type Other = NonNullable<Schemas['MixOutcome']['beside']>['otherwise'][number];

/** Two mixes: whether they differ by more than chance, what else was different between their plants, and how it was where both stood alike. */
export function Beside({ outcome }: { outcome: Schemas['MixOutcome'] }) {
  const { t, n, percent } = useWords();
  const beside = outcome.beside;
  if (beside === null) {
    return null;
  }
  const [one, other] = [outcome.recipe.name, beside.recipe.name];
  const points = (share: number) => `${share > 0 ? '+' : ''}${n(100 * share, 2)}`;
  const value = ({ what, word }: Other, of: number) =>
    word !== null ? percent(of) : what === 'year' ? of.toFixed(1) : n(of, 3);
  const word = ({ what, word: said }: Other) => {
    if (said === null) {
      return t(`outcome.else.${what}`);
    }

    return `${t(`outcome.else.${what}`)}: ${what === 'exposure' ? t(`exposure.${said}` as MessageId) : said}`;
  };

  return (
    <>
      <section className={styles.told}>
        {beside.differences.map((each) => (
          <p key={each.what} className={each.told ? undefined : common.quiet}>
            {t(each.told ? 'outcome.differ' : 'outcome.mayBeChance', {
              what: t(`outcome.difference.${each.what}`),
              one,
              other,
              points: points(each.difference),
              low: points(each.low),
              high: points(each.high),
            })}
          </p>
        ))}
      </section>
      <section>
        <h2>{t('outcome.otherwise')}</h2>
        {beside.otherwise.length === 0 ? (
          <p className={common.quiet}>{t('outcome.nothingElse')}</p>
        ) : (
          <>
            <p className={common.mind}>◆ {t('outcome.otherwiseMind')}</p>
            <table className={styles.otherwise}>
              <thead>
                <tr>
                  <th scope="col">{t('outcome.what')}</th>
                  <th scope="col">{one}</th>
                  <th scope="col">{other}</th>
                </tr>
              </thead>
              <tbody>
                {beside.otherwise.map((row) => (
                  <tr key={`${row.what} ${row.word}`}>
                    <th scope="row">{word(row)}</th>
                    <td>{value(row, row.one)}</td>
                    <td>{value(row, row.other)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </>
        )}
      </section>
      <section>
        <h2>{t('outcome.alike')}</h2>
        {beside.alike.length === 0 ? (
          <p className={common.quiet}>{t('outcome.noneAlike')}</p>
        ) : (
          <table className={styles.otherwise}>
            <thead>
              <tr>
                <th scope="col">{t('outcome.rowTook')}</th>
                <th scope="col">{one}</th>
                <th scope="col">{other}</th>
              </tr>
            </thead>
            <tbody>
              {beside.alike.map((row) => (
                <tr key={`${row.species} ${row.place}`}>
                  <th scope="row">
                    {row.species}, {row.place}
                  </th>
                  <td>
                    <ShareText of={row.one} bar={false} />
                  </td>
                  <td>
                    <ShareText of={row.other} bar={false} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </section>
    </>
  );
}
