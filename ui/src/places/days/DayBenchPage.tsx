import { Segmented, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { CloseSteps } from './CloseSteps';
import { MixSteps } from './MixSteps';
import { PotSteps } from './PotSteps';
import { OfDay } from './OfDay';
import { useSession } from '../../api/session';
import { Locked } from '../../kit/people/Locked';
import styles from './days.module.css';

const PERSON_KEPT_AS = 'zolbek.helper';
const PARTS = ['mixing', 'potting', 'closing'] as const;

/** A potting day at the bench: one step at a time, big enough for wet gloves. */
export default function DayBenchPage() {
  return <OfDay>{(day) => <Bench day={day} />}</OfDay>;
}

function Bench({ day }: { day: Schemas['PottingDay'] }) {
  const { t } = useWords();
  const [chosen, setPart] = useState<(typeof PARTS)[number] | null>(null);
  const me = useSession().data?.person?.name;
  const [chosenPerson, setPerson] = useState(() => localStorage.getItem(PERSON_KEPT_AS));
  const person = me !== undefined && chosenPerson === null ? me : (chosenPerson ?? '');
  const isMixed = day.mixes.every((mix) => mix.mixed.length >= mix.loads);
  const part = chosen ?? (isMixed ? 'potting' : 'mixing');

  return (
    <div className={styles.atBench}>
      <header>
        <Link to={`/days/${day.id}`}>{t('potting.back')}</Link>
        <h1>{t('potting.title', { name: day.name })}</h1>
        {day.helpers.length > 0 && (
          <Select
            size="large"
            aria-label={t('potting.who')}
            value={day.helpers.includes(person) ? person : ''}
            options={[{ value: '', label: t('potting.who') }, ...day.helpers.map((value) => ({ value, label: value }))]}
            onChange={(next) => {
              setPerson(next);
              localStorage.setItem(PERSON_KEPT_AS, next);
            }}
          />
        )}
      </header>
      <Segmented
        block
        size="large"
        aria-label={t('days.status')}
        value={part}
        options={PARTS.map((value) => ({ value, label: t(`potting.${value}`) }))}
        onChange={setPart}
      />
      <Locked be="helper">
        {part === 'mixing' && (
          <MixSteps day={day} person={person} stay={() => setPart('mixing')} toPotting={() => setPart('potting')} />
        )}
        {part === 'potting' && <PotSteps day={day} person={person} toEnd={() => setPart('closing')} />}
        {part === 'closing' && <CloseSteps day={day} person={person} />}
      </Locked>
    </div>
  );
}
