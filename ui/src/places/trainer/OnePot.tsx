import { Button, Form, Radio } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useAnswerTrainer } from '../../api/trainer';
import { PotOutline } from '../../drawing/PotOutline';
import { Swatch } from '../../drawing/Swatch';
import { typedNumber } from '../../i18n/numbers';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import { Told } from './Told';
import styles from './trainer.module.css';

type Pot = Schemas['TrainerPot'];
const FIGURES = ['air', 'run_through_s', 'hours'] as const;
const UNITS = { air: '%', run_through_s: 's', hours: 'h' } as const;

interface Props {
  pot: Pot;
  looks: Schemas['Trainer']['looks'];
  stay: () => void;
  next: () => void;
}

/** A pot with its section hidden, and what is asked about it. */
export function OnePot({ pot, looks, stay, next }: Props) {
  const { t, n, q } = useWords();
  const answer = useAnswerTrainer(pot.id);
  const [typed, setTyped] = useState({ air: '', run_through_s: '', hours: '' });
  const [look, setLook] = useState<Schemas['Trainer']['looks'][number] | null>(null);
  const [mend, setMend] = useState<string | null>(null);
  const [tried, setTried] = useState(false);
  const problem = problemOf(answer);
  const wrong = (name: (typeof FIGURES)[number]) =>
    tried && typedNumber(typed[name]) === null ? t('common.notNumber') : problem?.at(name);
  const submit = () => {
    setTried(true);
    const figures = FIGURES.map((name) => typedNumber(typed[name]));
    const [air, seconds, hours] = figures;
    if (look === null || mend === null || air == null || seconds == null || hours == null) {
      return;
    }
    // one that is answered is no longer the next one, but is looked at still
    stay();
    answer.mutate({ air, run_through_s: seconds, hours, look, mend });
  };

  return (
    <article className={styles.pot}>
      <section>
        <h2>{t('trainer.potN', { n: pot.id })}</h2>
        <p>
          {t('trainer.about', {
            plant: pot.plant,
            exposure: t(`exposure.${pot.exposure}`),
            site: pot.site === '' ? '' : t(`trainer.site.${pot.site}` as MessageId),
          })}{' '}
          {pot.habit_h !== null && t('trainer.habit', { hours: n(pot.habit_h) })}
        </p>
        <div className={styles.seen}>
          <PotOutline outline={pot.outline} width={190} height={90} label={t('trainer.outline')} />
          <div>
            <ul className={common.plainList}>
              {pot.mix.map((part) => (
                <li key={part.name}>
                  <Swatch kind={part.kind} colour={part.colour} /> {n(part.parts)} {part.name}
                </li>
              ))}
            </ul>
            <p>
              {t('trainer.size', {
                depth: q(pot.depth_cm, 'cm'),
                volume: q(pot.volume_l, 'L'),
                holes: pot.holes,
                hole: q(pot.hole_cm, 'cm'),
              })}
            </p>
          </div>
        </div>
      </section>
      {answer.data === undefined ? (
        <Form layout="vertical" component="form" onFinish={submit} className={styles.guess}>
          <div className={common.fields3}>
            {FIGURES.map((name) => (
              <NumberField
                key={name}
                label={t(`trainer.ask.${name}`)}
                unit={UNITS[name]}
                value={typed[name]}
                error={wrong(name)}
                onChange={(text) => setTyped({ ...typed, [name]: text })}
              />
            ))}
          </div>
          <Form.Item
            label={t('trainer.ask.look', { day: n(pot.stick_day) })}
            validateStatus={tried && look === null ? 'error' : ''}
            help={tried && look === null ? t('trainer.choose') : undefined}
          >
            <Radio.Group
              aria-label={t('trainer.ask.look', { day: n(pot.stick_day) })}
              value={look}
              options={looks.map((value) => ({ value, label: t(`stick.look.${value}`) }))}
              onChange={(event) => setLook(event.target.value as typeof look)}
            />
          </Form.Item>
          <Form.Item
            label={t('trainer.ask.mend')}
            validateStatus={tried && mend === null ? 'error' : ''}
            help={tried && mend === null ? t('trainer.choose') : undefined}
          >
            <Radio.Group
              aria-label={t('trainer.ask.mend')}
              value={mend}
              options={pot.choices.map((value) => ({ value, label: t(`trainer.mend.${value}` as MessageId) }))}
              onChange={(event) => setMend(event.target.value as string)}
            />
          </Form.Item>
          {answer.isError && problem === undefined && (
            <p role="alert" className={common.fieldError}>
              {answer.error.message}
            </p>
          )}
          <DoButton be="helper" type="primary" htmlType="submit" size="large" loading={answer.isPending}>
            {t('trainer.cut')}
          </DoButton>
        </Form>
      ) : (
        <>
          <Told told={answer.data} plant={pot.plant} />
          <Button type="primary" size="large" onClick={next}>
            {t('trainer.next')}
          </Button>
        </>
      )}
    </article>
  );
}
