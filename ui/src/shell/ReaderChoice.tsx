import { useQueryClient } from '@tanstack/react-query';
import { Form, Radio } from 'antd';

import { LANGUAGES, useReader } from '../i18n/reader';
import { useWords } from '../i18n/words';
import common from '../styles/common.module.css';

/** Languages by their own names: somebody who looks for his own reads no other. */
const OWN_NAMES = { en: 'English', id: 'Bahasa Indonesia' };

/** In which language and which units this device reads. */
export function ReaderChoice() {
  const { t } = useWords();
  const queries = useQueryClient();
  const { language, units, setLanguage, setUnits } = useReader();

  /** What the server said in the other language is asked for again. */
  const speak = async (next: typeof language) => {
    await setLanguage(next);
    await queries.invalidateQueries();
  };

  return (
    <section aria-label={t('reader.title')}>
      <Form layout="vertical">
        <Form.Item label={t('reader.language')}>
          <Radio.Group value={language} onChange={(event) => void speak(event.target.value as typeof language)}>
            {LANGUAGES.map((each) => (
              <Radio key={each} value={each}>
                <span lang={each}>{OWN_NAMES[each]}</span>
              </Radio>
            ))}
          </Radio.Group>
        </Form.Item>
        <Form.Item label={t('reader.units')}>
          <Radio.Group value={units} onChange={(event) => setUnits(event.target.value as typeof units)}>
            <Radio value="metric">{t('reader.metric')}</Radio>
            <Radio value="us">{t('reader.us')}</Radio>
          </Radio.Group>
        </Form.Item>
      </Form>
      <p className={common.quiet}>{t('reader.hint')}</p>
    </section>
  );
}
