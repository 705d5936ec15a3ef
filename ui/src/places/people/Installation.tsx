import { Button } from 'antd';

import { useStatus } from '../../api/people';
import { useWords } from '../../i18n/words';
import { ListState } from '../../kit/lists/ListState';
import common from '../../styles/common.module.css';
import styles from './people.module.css';

const MEGABYTE = 1_000_000;

/** How the installation is: what it holds, when it was last copied, what went wrong. */
export function Installation() {
  const { t, n, date, time } = useWords();
  const found = useStatus();
  const status = found.data;
  const mb = (bytes: number) =>
    bytes >= 1000 * MEGABYTE
      ? t('people.gb', { gb: n(bytes / (1000 * MEGABYTE), 3) })
      : t('people.mb', { mb: n(Math.ceil(bytes / (MEGABYTE / 10)) / 10, 4) });
  const last = status?.copies[0];

  return (
    <section className={styles.installation} aria-labelledby="installation">
      <h2 id="installation">{t('people.installation')}</h2>
      <ListState found={found}>
        {status !== undefined && (
          <>
            <table className={common.plainTable}>
              <tbody>
                <Row label={t('people.lastCopy')}>
                  {last === undefined ? (
                    <strong className={common.mind}>{t('people.noCopy')}</strong>
                  ) : (
                    <>
                      {date(last.made_at)}, {time(last.made_at)}{' '}
                      <span className={common.quiet}>
                        {last.name} · {mb(last.bytes)}
                      </span>
                    </>
                  )}
                </Row>
                {status.clock_behind != null && (
                  <Row label={t('people.clock')}>
                    <strong className={common.mind}>
                      {t('people.clockBehind', { date: date(status.clock_behind) })}
                    </strong>
                  </Row>
                )}
                <Row label={t('people.data')}>{mb(status.data_bytes)}</Row>
                <Row label={t('people.pictures')}>
                  {n(status.pictures, 6)} · {mb(status.pictures_bytes)}
                </Row>
                {status.free_bytes !== null && <Row label={t('people.free')}>{mb(status.free_bytes)}</Row>}
                <Row label={t('people.errors')}>
                  {t('people.counted', { today: status.errors_today, week: status.errors_week })}
                </Row>
                <Row label={t('people.slow', { ms: status.slow_ms })}>
                  {t('people.counted', { today: status.slow_today, week: status.slow_week })}
                </Row>
                <Row label={t('people.workers')}>{n(status.workers, 3)}</Row>
                <Row label={t('people.network')}>{status.network ?? t('people.noNetwork')}</Row>
                <Row label={t('people.version')}>
                  {status.version} <span className={common.quiet}>{status.tables}</span>
                </Row>
              </tbody>
            </table>
            <p>
              <Button href="/api/v1/backup" download>
                {t('exchange.backup')}
              </Button>
            </p>
          </>
        )}
      </ListState>
    </section>
  );
}

function Row({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <tr>
      <th scope="row">{label}</th>
      <td>{children}</td>
    </tr>
  );
}
