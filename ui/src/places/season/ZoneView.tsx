import { Form } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { useSwitchZone } from '../../api/season';
import { plain, typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { DoButton } from '../../kit/people/DoButton';
import { Scrolls } from '../../kit/Scrolls';
import common from '../../styles/common.module.css';
import styles from './season.module.css';

type Zone = Schemas['Zone'];

/** A zone: its plan by season, what the controller has of it, and which pots do not belong on its line. */
export function ZoneView({ zone }: { zone: Zone }) {
  const { t, n } = useWords();
  const [season, setSeason] = useState(zone.season);
  const plan = zone.plans.find((each) => each.season === season);

  return (
    <section className={styles.zone}>
      <h2>{zone.name}</h2>
      {zone.unknown.length > 0 && (
        <p className={common.mind}>
          ◆ {t('zones.unknown', { plants: zone.unknown.map(({ number }) => number).join(', ') })}
        </p>
      )}
      <Scrolls name={t('zones.plan')}>
        <table className={common.viewTable}>
          <caption>{t('zones.plan')}</caption>
          <thead>
            <tr>
              <th scope="col">{t('zones.season')}</th>
              <th scope="col">{t('zones.every')}</th>
              <th scope="col">{t('zones.minutes')}</th>
              <th scope="col">{t('zones.thirstiest')}</th>
              <th scope="col">{t('zones.wettest')}</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {zone.plans.map((each) => (
              <tr key={each.season} aria-current={each.season === season ? 'true' : undefined}>
                <th scope="row">
                  <button
                    type="button"
                    className={styles.zoneName}
                    aria-pressed={each.season === season}
                    onClick={() => setSeason(each.season)}
                  >
                    {t(`potyear.${each.season}`)}
                  </button>
                </th>
                <td>{n(each.every_h)} h</td>
                <td>{n(each.minutes, 3)}</td>
                <td>{each.thirstiest}</td>
                <td>{each.wettest ?? '–'}</td>
                <td>
                  <Program zone={zone} plan={each} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
      <Valve zone={zone} usual={plan?.minutes ?? 0} />
      {plan !== undefined && <Pots zone={zone} plan={plan} />}
      <p className={common.quiet}>{t('zones.limits')}</p>
    </section>
  );
}

function Program({ zone, plan }: { zone: Zone; plan: Schemas['ZonePlan'] }) {
  const { t, n } = useWords();
  const change = useSwitchZone(zone.id);
  const say = useUndoable();
  const send = async () => {
    await change.mutateAsync({ program: plan.season });
    say(t('zones.programmed', { minutes: n(plan.minutes, 3), hours: n(plan.every_h) }));
  };

  return (
    <>
      <DoButton
        size="small"
        aria-label={t('zones.programOf', { season: t(`potyear.${plan.season}`) })}
        disabled={plan.minutes <= 0}
        loading={change.isPending}
        onClick={() => void send().catch(() => undefined)}
      >
        {t('zones.program')}
      </DoButton>
      {change.isError && (
        <span className={common.fieldError} role="alert">
          {' '}
          {change.error.message}
        </span>
      )}
    </>
  );
}

/** What the controller has, and opening it by hand for some minutes. */
function Valve({ zone, usual }: { zone: Zone; usual: number }) {
  const { t, n, time } = useWords();
  const change = useSwitchZone(zone.id);
  const say = useUndoable();
  const [text, setText] = useState(plain(Math.max(1, Math.round(usual))));
  const minutes = typedNumber(text);
  const wrong = minutes === null || minutes <= 0 || minutes > 600;
  if (zone.valve === null) {
    return <p className={common.mind}>◆ {t('zones.silent')}</p>;
  }
  const { every_h, minutes: programmed, open_until } = zone.valve;
  const run = async () => {
    if (!wrong) {
      await change.mutateAsync({ minutes });
      say(t('zones.ran', { minutes: n(minutes, 3) }));
    }
  };

  return (
    <div className={styles.valve}>
      <p>
        {every_h === null || programmed === null
          ? t('zones.hasNone')
          : t('zones.has', { minutes: n(programmed, 3), hours: n(every_h) })}{' '}
        {open_until !== null && <strong>● {t('zones.openUntil', { time: time(open_until) })}</strong>}
      </p>
      <Form layout="vertical" className={styles.ask}>
        <NumberField
          label={t('zones.run')}
          unit="min"
          value={text}
          error={wrong ? t('zones.wrong') : undefined}
          onChange={setText}
        />
        <DoButton be="helper" loading={change.isPending} onClick={() => void run().catch(() => undefined)}>
          {t('zones.runNow')}
        </DoButton>
        {open_until !== null && (
          <DoButton be="helper" onClick={() => change.mutate('shut')}>
            {t('zones.shut')}
          </DoButton>
        )}
      </Form>
      {change.isError && (
        <p className={common.fieldError} role="alert">
          {change.error.message}
        </p>
      )}
    </div>
  );
}

function Pots({ zone, plan }: { zone: Zone; plan: Schemas['ZonePlan'] }) {
  const { t, n, q } = useWords();
  const names = Object.fromEntries(zone.plants.map((plant) => [plant.number, `${plant.number} ${plant.name}`]));

  return (
    <Scrolls name={t('zones.inZone', { season: t(`potyear.${plan.season}`) })}>
      <table className={common.viewTable}>
        <caption>{t('zones.inZone', { season: t(`potyear.${plan.season}`) })}</caption>
        <thead>
          <tr>
            <th scope="col">{t('zones.plant')}</th>
            <th scope="col">{t('zones.emitters')}</th>
            <th scope="col">{t('zones.need')}</th>
            <th scope="col">{t('zones.given')}</th>
            <th scope="col">{t('zones.times')}</th>
            <th scope="col">{t('zones.belongs')}</th>
          </tr>
        </thead>
        <tbody>
          {plan.pots.map((pot) => (
            <tr key={pot.name}>
              <th scope="row">{names[pot.name] ?? pot.name}</th>
              <td>{n(pot.emitters)}</td>
              <td>{q(pot.need_l, 'L')}</td>
              <td>{q(pot.given_l, 'L')}</td>
              <td>{pot.times === null ? '–' : n(pot.times, 2)}</td>
              <td>
                {pot.belongs
                  ? t('zones.yes')
                  : pot.times === null
                    ? t('zones.noNeed')
                    : t('zones.no', { count: pot.mend_emitters })}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scrolls>
  );
}
