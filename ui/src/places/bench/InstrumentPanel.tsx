import { Checkbox, Form, Segmented } from 'antd';
import { useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { tareScale, useInstruments, useSetInstrument } from '../../api/bench';
import { useComponents } from '../../api/components';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import styles from './bench.module.css';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import { Locked } from '../../kit/people/Locked';
import { DoButton } from '../../kit/people/DoButton';

type Instrument = Schemas['Instrument'];

const LOOK_AGAIN_MS = 700;
const SET_AFTER_MS = 300;

const FIELDS: [keyof Schemas['InstrumentSettings'], MessageId, string][] = [
  ['mass_g', 'tools.onPan', 'g'],
  ['ph', 'reading.ph', ''],
  ['ec_ms_cm', 'reading.ec_ms_cm', 'mS/cm'],
  ['celsius', 'tools.celsius', '°C'],
  ['moisture_percent', 'tools.moisture', '%'],
];

const SHOWN_IN: Record<string, string> = {
  mass_g: ' g',
  ph: ' pH',
  ec_ms_cm: ' mS/cm',
  celsius: ' °C',
  moisture_percent: ' %',
  rain_mm: ' mm',
  valves_open: '',
};

const WEATHER = ['usual', 'heat_wave', 'rain', 'late_frost'] as const;

/** The simulated instruments: what they show, and what is set to be measured. */
export function InstrumentPanel() {
  const { t } = useWords();
  const instruments = useInstruments(true, LOOK_AGAIN_MS);
  return (
    <section>
      <h2>{t('tools.instruments')}</h2>
      <p className={common.quiet}>{t('tools.instrumentsHint')}</p>
      {(instruments.data ?? []).map((instrument) => (
        <Panel key={instrument.key} instrument={instrument} />
      ))}
    </section>
  );
}

function Panel({ instrument }: { instrument: Instrument }) {
  const { t, n } = useWords();
  const { key, settings, reading } = instrument;
  const set = useSetInstrument();
  const typed = useRef<number | undefined>(undefined);
  // one setting after another, so that what was typed last is what counts
  const setLater = (body: Schemas['InstrumentSettings']) => {
    window.clearTimeout(typed.current);
    typed.current = window.setTimeout(() => set.mutate({ key, body }), SET_AFTER_MS);
  };
  const [texts, setTexts] = useState<Record<string, string>>({});
  const shown = Object.entries(reading.values)
    .map(([name, value]) =>
      key === 'sieve_shaker' ? `${name}: ${n(value)} g` : `${n(value, 4)}${SHOWN_IN[name] ?? ''}`,
    )
    .join(' · ');

  return (
    <div className={styles.instrument}>
      <header>
        <h3>{t(`instrument.${key}`)}</h3>
        <output>
          {reading.fault !== null
            ? t('tools.showsNothing', { fault: t(`fault.${reading.fault}`) })
            : `${shown === '' ? '–' : shown} · ${t(reading.stable ? 'tools.stable' : 'tools.settling')}`}
          {reading.battery_low && <span className={common.mind}> {t('bench.batteryLow')}</span>}
        </output>
      </header>
      {settings !== null && (
        <Locked be="helper">
          <Form layout="vertical" className={styles.instrumentSet}>
            {key === 'sieve_shaker' && (
              <RecordPicker
                label={t('tools.sample')}
                useList={useComponents}
                value={settings.component_id ?? null}
                onPick={({ id }) => set.mutate({ key, body: { component_id: id } })}
              />
            )}
            {settings.weather !== undefined && (
              <Form.Item label={t('tools.weather')} className={styles.instrumentWeather ?? ''}>
                <Segmented
                  aria-label={t('tools.weather')}
                  value={settings.weather}
                  options={WEATHER.map((value) => ({ value, label: t(`tools.weather.${value}`) }))}
                  onChange={(weather) => set.mutate({ key, body: { weather } })}
                />
              </Form.Item>
            )}
            {FIELDS.filter(([name]) => settings[name] !== undefined).map(([name, label, unit]) => (
              <NumberField
                key={name}
                label={t(label)}
                unit={unit}
                value={texts[name] ?? plain(Number(settings[name]))}
                error={typedNumber(texts[name] ?? '0') === null ? t('common.notNumber') : undefined}
                onChange={(text) => {
                  setTexts({ ...texts, [name]: text });
                  const value = typedNumber(text);
                  if (value !== null) {
                    setLater({ [name]: value });
                  }
                }}
              />
            ))}
            <NumberField
              label={t('tools.battery')}
              unit="%"
              value={texts['battery'] ?? plain(100 * (settings.battery ?? 1))}
              onChange={(text) => {
                setTexts({ ...texts, battery: text });
                const value = typedNumber(text);
                if (value !== null && value >= 0 && value <= 100) {
                  setLater({ battery: value / 100 });
                }
              }}
            />
            <Checkbox
              checked={settings.plugged ?? true}
              onChange={({ target }) => set.mutate({ key, body: { plugged: target.checked } })}
              aria-label={`${t('tools.plugged')}: ${t(`instrument.${key}`)}`}
            >
              {t('tools.plugged')}
            </Checkbox>
            {key === 'scale' && (
              <DoButton be="helper" onClick={() => void tareScale()}>
                {t('bench.tare')}
              </DoButton>
            )}
          </Form>
        </Locked>
      )}
    </div>
  );
}
