import { Button } from 'antd';

import { useCalendarAddress, useRenewCalendarAddress } from '../../api/care';
import { useReader } from '../../i18n/reader';
import { useWords } from '../../i18n/words';
import { Trouble } from '../../kit/forms/Trouble';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { Dialog } from '../../kit/overlays/Dialog';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './today.module.css';

/** The calendar for a phone: as a file that it takes in once, or by an address of its own that it follows. */
export function CalendarFeed({ close }: { close: () => void }) {
  const { t, date } = useWords();
  const { language } = useReader();
  const say = useUndoable();
  const address = useCalendarAddress();
  const renew = useRenewCalendarAddress();
  const path = address.data?.path ?? null;
  // at the machine itself its own address would lead nowhere on a phone
  const whole = path === null ? '' : `${address.data?.address ?? window.location.origin + path}&language=${language}`;
  const copy = async () => {
    await navigator.clipboard.writeText(whole);
    say(t('calendar.copied'));
  };

  return (
    <Dialog
      open
      title={t('calendar.feed')}
      onCancel={close}
      footer={
        <Button type="primary" onClick={close}>
          {t('calendar.feedDone')}
        </Button>
      }
    >
      <p>{t('calendar.feedHint')}</p>
      <p>
        <Button href={`/api/v1/calendar.ics?language=${language}`}>{t('calendar.feedFile')}</Button>
      </p>
      <h3>{t('calendar.address')}</h3>
      <p className={common.quiet}>{t('calendar.addressHint')}</p>
      {path === null ? (
        address.isSuccess && <p>{t('calendar.noAddress')}</p>
      ) : (
        <>
          <p className={styles.feedAddress}>{whole}</p>
          <p className={common.quiet}>{t('calendar.addressMade', { date: date(address.data?.made_on ?? '') })}</p>
        </>
      )}
      <p className={styles.feedActs}>
        {path !== null && <Button onClick={() => void copy().catch(() => undefined)}>{t('calendar.copy')}</Button>}
        <DoButton be="owner" loading={renew.isPending} onClick={() => renew.mutate()}>
          {t(path === null ? 'calendar.makeAddress' : 'calendar.renewAddress')}
        </DoButton>
      </p>
      <Trouble error={address.error ?? renew.error} />
    </Dialog>
  );
}
