import { Alert, Button, Spin } from 'antd';
import type { ReactNode } from 'react';

import { ApiProblem } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

interface Props {
  found: { isPending: boolean; error: Error | null; data?: unknown; refetch: () => unknown };
  /** What was had stays while nothing newer can be. */
  lastGood?: boolean;
  isEmpty?: boolean;
  empty?: ReactNode;
  children?: ReactNode;
}

/** What stands in place of a list while it loads, when it cannot be had, and when there is nothing in it. */
export function ListState({ found, lastGood = false, isEmpty = false, empty, children }: Props) {
  const { t } = useWords();
  const error = lastGood && found.data !== undefined ? null : found.error;
  // what is not there, or not for this role or this yard, is not there a second time either
  const isSaid = error instanceof ApiProblem && [403, 404, 409].includes(error.status);
  if (error !== null) {
    return (
      <Alert
        type="error"
        showIcon
        title={isSaid ? error.message : t('problem.offline')}
        {...(isSaid ? {} : { action: <Button onClick={() => void found.refetch()}>{t('common.retry')}</Button> })}
      />
    );
  }
  if (found.isPending) {
    return (
      <Spin description={t('common.loading')} size="large" className={common.listWaiting}>
        <div />
      </Spin>
    );
  }

  return isEmpty ? <div className={common.listEmpty}>{empty}</div> : children;
}
