import { Button, Modal } from 'antd';
import { type ReactNode, type SyntheticEvent, useCallback, useEffect, useRef, useState } from 'react';

import { useWords } from '../../i18n/words';

/** Choices that change a field without typing: they lie in a list over the page, but belong to the form all the same. */
const CHOICES =
  '.ant-select-item-option, .ant-segmented-item, .ant-color-picker-panel, .ant-select-selection-item-remove';

interface Unsaved {
  /** For the element around the form. */
  typing: { onInputCapture: () => void; onChangeCapture: () => void; onClickCapture: (event: SyntheticEvent) => void };
  /** Closes, once it was asked where something was typed. */
  leave: () => void;
  question: ReactNode;
}

/** Typed work is never thrown away by Esc, Back or a click beside: whoever leaves is asked once. */
export function useUnsaved(close: () => void, guarded: boolean): Unsaved {
  const { t } = useWords();
  const typed = useRef(false);
  const [asking, setAsking] = useState(false);
  const mark = useCallback(() => {
    typed.current = true;
  }, []);
  const leave = useCallback(() => {
    if (guarded && typed.current) {
      setAsking(true);
    } else {
      close();
    }
  }, [close, guarded]);
  useEffect(() => {
    const stay = (event: BeforeUnloadEvent) => {
      if (guarded && typed.current) {
        event.preventDefault();
      }
    };
    window.addEventListener('beforeunload', stay);

    return () => window.removeEventListener('beforeunload', stay);
  }, [guarded]);
  const stay = () => setAsking(false);

  return {
    typing: {
      onInputCapture: mark,
      onChangeCapture: mark,
      onClickCapture: (event) => {
        if (event.target instanceof Element && event.target.closest(CHOICES) !== null) {
          mark();
        }
      },
    },
    leave,
    question: (
      <Modal
        open={asking}
        title={t('leave.title')}
        onCancel={stay}
        closable={false}
        footer={[
          <Button key="throw" danger onClick={close}>
            {t('leave.throw')}
          </Button>,
          <Button key="stay" type="primary" autoFocus onClick={stay}>
            {t('leave.stay')}
          </Button>,
        ]}
      />
    ),
  };
}
