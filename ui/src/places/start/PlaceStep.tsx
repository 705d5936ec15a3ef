import { Form, Select } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { useSites } from '../../api/situations';
import { ClimateYear } from '../../drawing/ClimateYear';
import { type MessageId, useWords } from '../../i18n/words';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import common from '../../styles/common.module.css';
import type { Answers } from './answers';
import styles from './start.module.css';

type Climate = Schemas['TypicalClimate'];
const ASKED = {
  winters: ['hard_frost', 'frost', 'light_frost', 'frost_free'],
  summers: ['cool', 'warm', 'hot'],
  rain: ['all_year', 'summer', 'winter', 'little'],
} as const satisfies { [K in 'winters' | 'summers' | 'rain']: readonly Climate[K][] };
type Question = keyof typeof ASKED;

interface Props {
  answers: Answers;
  climates: Climate[];
  take: (part: Partial<Answers>) => void;
}

/** A site of one's own, or the typical year that is most like it, found by what one knows of winters, summers and rain. */
export function PlaceStep({ answers, climates, take }: Props) {
  const { t, n } = useWords();
  const own = useSites({ per_page: 1 }).data?.total ?? 0;
  const [like, setLike] = useState<Partial<Record<Question, string | undefined>>>({});
  const shown = climates.filter((climate) =>
    (Object.keys(ASKED) as Question[]).every(
      (question) => like[question] === undefined || like[question] === climate[question],
    ),
  );
  const year = (climate: Climate) =>
    t('start.place.year', {
      name: t(`climate.${climate.key}`),
      low: n(Math.min(...climate.months.map((month) => month.tmin)), 2),
      high: n(Math.max(...climate.months.map((month) => month.tmax)), 2),
      rain: n(
        climate.months.reduce((sum, month) => sum + (month.rain_mm ?? 0), 0),
        3,
      ),
    });

  return (
    <>
      {own > 0 && (
        <>
          <h2>{t('start.place.own')}</h2>
          <div className={styles.own}>
            <RecordPicker
              label={t('start.place.own')}
              useList={useSites}
              value={answers.siteId}
              onPick={({ id }) => take({ siteId: id, climate: null })}
            />
          </div>
        </>
      )}
      <p className={common.quiet}>{t('start.place.lead')}</p>
      <Form layout="vertical" className={styles.measures}>
        {(Object.keys(ASKED) as Question[]).map((question) => (
          <Form.Item key={question} label={t(`start.${question}`)}>
            <Select
              size="large"
              aria-label={t(`start.${question}`)}
              value={like[question] ?? ''}
              options={[
                { value: '', label: t('start.any') },
                ...ASKED[question].map((value) => ({
                  value: value as string,
                  label: t(`start.${question}.${value}` as MessageId),
                })),
              ]}
              onChange={(value: string) => setLike((now) => ({ ...now, [question]: value === '' ? undefined : value }))}
            />
          </Form.Item>
        ))}
      </Form>
      <ul className={`${styles.choices} ${styles.years}`}>
        {shown.map((climate) => (
          <li key={climate.key}>
            <button
              type="button"
              aria-pressed={answers.climate === climate.key}
              onClick={() => take({ climate: climate.key, siteId: null })}
            >
              <strong>{t(`climate.${climate.key}`)}</strong>
              <ClimateYear months={climate.months} label={year(climate)} />
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
