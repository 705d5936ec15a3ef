import { Form, Select } from 'antd';
import { useId } from 'react';

import { useWords } from '../../i18n/words';

interface Props {
  names: string[];
  change: (names: string[]) => void;
  /** Those that ship with it. */
  knownAs: string[];
  error: string | undefined;
}

/** What else a component is called here: searched for, written down and read from files. */
export function OtherNames({ names, change, knownAs, error }: Props) {
  const { t } = useWords();
  const id = useId();

  return (
    <Form.Item
      label={t('field.other_names')}
      htmlFor={id}
      validateStatus={error === undefined ? '' : 'error'}
      help={
        error ?? (knownAs.length === 0 ? t('bins.otherNamesHint') : t('bins.knownAs', { names: knownAs.join(', ') }))
      }
    >
      <Select
        id={id}
        mode="tags"
        open={false}
        suffixIcon={null}
        value={names}
        tokenSeparators={[';', ',']}
        aria-label={t('field.other_names')}
        onChange={change}
      />
    </Form.Item>
  );
}
