import { Button, Input, Select } from 'antd';

import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { amountOf, NOTATIONS, sumIn, sumOf } from '../state/mix';
import { typedNumber } from '../../../i18n/numbers';
import styles from './mix.module.css';

/** How amounts are written, what they come to, and what to do where percentages do not come to a hundred. */
export function NotationBar() {
  const words = useWords();
  const { t, n } = words;
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const sum = sumOf(mix);
  const off = mix.notation === 'percent' && Math.abs(sum - 100) > 0.01;
  const largest = [...mix.rows].sort((a, b) => (amountOf(b) ?? 0) - (amountOf(a) ?? 0))[0];
  const last = mix.rows.at(-1);
  const usesScoop = mix.notation === 'litres' || mix.notation === 'scoops';

  return (
    <div className="notation">
      <div className={styles.notationLine}>
        <Select
          size="small"
          aria-label={t('write.notation')}
          value={mix.notation}
          popupMatchSelectWidth={false}
          options={NOTATIONS.map((notation) => ({ value: notation, label: t(`write.${notation}`) }))}
          onChange={(notation) => dispatch({ do: 'write', notation })}
        />
        {usesScoop && (
          <Input
            size="small"
            className={styles.scoopField}
            aria-label={t('write.scoopHolds')}
            title={t('write.scoopHolds')}
            value={mix.scoop}
            inputMode="decimal"
            status={typedNumber(mix.scoop) === null ? 'error' : ''}
            suffix="L"
            onChange={(event) => dispatch({ do: 'change', touches: 'scoop', mix: { scoop: event.target.value } })}
          />
        )}
        <Button
          size="small"
          aria-label={t('write.equalLabel')}
          title={t('write.equalLabel')}
          onClick={() => dispatch({ do: 'equal' })}
        >
          {t('write.equal')}
        </Button>
        {last !== undefined && mix.rows.length > 1 && (
          <Button
            size="small"
            aria-label={t('write.littleLabel', { name: last.name })}
            title={t('write.littleLabel', { name: last.name })}
            onClick={() => dispatch({ do: 'little', componentId: last.componentId })}
          >
            {t('write.little')}
          </Button>
        )}
        <span className={styles.partsTotal}>
          {t(`write.total.${mix.notation}`, {
            sum: sumIn(mix.notation, sum, words),
          })}
        </span>
      </div>
      {off && (
        <p className={styles.notationOff} role="status">
          {t(sum < 100 ? 'write.short' : 'write.over', { sum: n(sum, 4), rest: n(Math.abs(100 - sum), 3) })}{' '}
          {sum < 100 && largest !== undefined && (
            <Button size="small" onClick={() => dispatch({ do: 'fillUp', componentId: largest.componentId })}>
              {t('write.fillUp', { name: largest.name })}
            </Button>
          )}{' '}
          <Button size="small" onClick={() => dispatch({ do: 'scale' })}>
            {t('write.scale')}
          </Button>
        </p>
      )}
    </div>
  );
}
