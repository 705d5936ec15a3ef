import { App, Button } from 'antd';

import { useWords } from '../../i18n/words';

/** Says what was done, with a button that takes it back. */
export function useUndoable() {
  const { message } = App.useApp();
  const { t } = useWords();

  return (text: string, undo?: () => void) => {
    const key = crypto.randomUUID();
    void message.open({
      key,
      type: 'success',
      duration: 6,
      content: (
        <span>
          {text}{' '}
          {undo !== undefined && (
            <Button
              size="small"
              type="link"
              onClick={() => {
                message.destroy(key);
                undo();
              }}
            >
              {t('common.undo')}
            </Button>
          )}
        </span>
      ),
    });
  };
}
