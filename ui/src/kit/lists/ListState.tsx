import { Alert, Button, Spin } from 'antd';
import type { ReactNode } from 'react';

import { ApiProblem } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

interface Props {
  isPending: boolean;
  error: Error | null;
  retry: () => void;
  isEmpty: boolean;
  empty: ReactNode;
  children: ReactNode;
}

/** What stands in place of a list while it loads, when it cannot be had, and when there is nothing in it. */
export function ListState({ isPending, error, retry, isEmpty, empty, children }: Props) {
  const { t } = useWords();
  // what is not there, or not for this role or this yard, is not there a second time either
  const isSaid = error instanceof ApiProblem && [403, 404, 409].includes(error.status);
  if (error !== null) {
    return (
      <Alert
        type="error"
        showIcon
        title={isSaid ? error.message : t('problem.offline')}
        {...(isSaid ? {} : { action: <Button onClick={retry}>{t('common.retry')}</Button> })}
      />
    );
  }
  if (isPending) {
    return (
      <Spin description={t('common.loading')} size="large" className={common.listWaiting}>
        <div />
      </Spin>
    );
  }

  return isEmpty ? <div className={common.listEmpty}>{empty}</div> : children;
}
