import { Button, QRCode } from 'antd';
import { useEffect, useRef } from 'react';

import type { Schemas } from '../../api/client';
import { useOfferPairing } from '../../api/people';
import { useWords } from '../../i18n/words';
import { Trouble } from '../../kit/forms/Trouble';
import { Dialog } from '../../kit/overlays/Dialog';
import common from '../../styles/common.module.css';
import styles from './people.module.css';

/** Shows the code by which one phone becomes somebody's: to be scanned, or typed. */
export function PairDialog({ person, close }: { person: Schemas['Person']; close: () => void }) {
  const { t, time } = useWords();
  const { mutate, data, error, isPending } = useOfferPairing();
  const begun = useRef(false);
  useEffect(() => {
    if (!begun.current) {
      begun.current = true;
      mutate(person.id);
    }
  }, [mutate, person.id]);

  return (
    <Dialog
      open
      title={t('people.pairOf', { name: person.name })}
      onCancel={close}
      footer={[
        <Button key="again" loading={isPending} onClick={() => mutate(person.id)}>
          {t('people.codeAnew')}
        </Button>,
        <Button key="close" type="primary" onClick={close}>
          {t('people.codeDone')}
        </Button>,
      ]}
    >
      <Trouble error={error} />
      {data !== undefined && (
        <div className={styles.offer}>
          {data.address == null ? (
            <p>{t('people.notServed')}</p>
          ) : (
            <>
              <div aria-hidden="true">
                <QRCode type="svg" value={data.address} size={220} bordered={false} color="#000" bgColor="#fff" />
              </div>
              <p>
                {t('people.scan')} <br />
                <span className={styles.address}>{data.address.split('#')[0]}</span>
              </p>
            </>
          )}
          <p className={styles.code} aria-label={t('people.code')}>
            {data.code.slice(0, 5)} {data.code.slice(5)}
          </p>
          <p className={common.quiet}>{t('people.codeUntil', { time: time(data.until) })}</p>
          {data.address != null && <p className={common.quiet}>{t('people.warning')}</p>}
        </div>
      )}
    </Dialog>
  );
}
