import { ConfigProvider } from 'antd';
import type { ReactNode } from 'react';

import { type Role, useMay } from '../../api/session';
import { useWords } from '../../i18n/words';

/** What is kept as it is typed: for who may not, fields that are read only, and why. */
export function Locked({ be, children }: { be: Role; children: ReactNode }) {
  const { t } = useWords();
  const mayNot = !useMay()(be);

  return (
    <ConfigProvider componentDisabled={mayNot}>
      {mayNot && <p>{t('people.readsOnly')}</p>}
      {children}
    </ConfigProvider>
  );
}
