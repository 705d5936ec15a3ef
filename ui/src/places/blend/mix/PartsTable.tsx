import { Button, Input } from 'antd';
import { type KeyboardEvent, useState } from 'react';

import type { ApiProblem } from '../../../api/client';
import { Swatch } from '../../../drawing/Swatch';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { amountOf, type MixRow, sumOf } from '../state/mix';
import { ExpandButton } from './ExpandButton';
import { NotationBar } from './NotationBar';
import { PreparationForm, SieveMark } from './PreparationForm';
import { usePreparationWords } from '../../../kit/mixes/usePreparationWords';
import common from '../../../styles/common.module.css';
import styles from './mix.module.css';
import blendStyles from '../blend.module.css';

/** The mix as rows: a pinch of each component, its parts, its share. */
export function PartsTable({ problem }: { problem: ApiProblem | undefined }) {
  const { t, percent } = useWords();
  const { history, dispatch } = useBlend();
  const { rows } = history.now;
  const [preparing, setPreparing] = useState<MixRow | null>(null);
  const said = usePreparationWords();
  const total = sumOf(history.now);

  const onKey = (componentId: number) => (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') {
      return;
    }
    event.preventDefault();
    dispatch({ do: 'step', componentId, by: (event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 0.5 : 1) });
  };

  return (
    <div className="parts">
      <ul className={styles.partsRows}>
        {rows.map((row, i) => {
          const parts = amountOf(row);
          const error =
            problem?.at(`parts.${i}.parts`) ??
            problem?.at(`parts.${i}.component_id`) ??
            problem?.errors.find((each) => each.path.startsWith(`parts.${i}.preparation`))?.message ??
            (parts === null ? t('common.notNumber') : undefined);
          const errorId = `parts-error-${row.componentId}`;

          return (
            <li
              key={row.componentId}
              className={error === undefined ? styles.partsRow : `${styles.partsRow} parts-row-wrong`}
            >
              <Swatch kind={row.kind} colour={row.colour} />
              <span className={styles.partsName}>
                {row.name}
                {row.preparation != null && <em className={blendStyles.partsPrepared}>{said(row.preparation)}</em>}
                {row.source === 'premix' && <ExpandButton row={row} />}
              </span>
              <span className={styles.partsStepper}>
                <Button
                  aria-label={t('blend.less', { name: row.name })}
                  disabled={parts !== null && parts <= 0}
                  onClick={() => dispatch({ do: 'step', componentId: row.componentId, by: -1 })}
                >
                  −
                </Button>
                <Input
                  value={row.text}
                  inputMode="decimal"
                  autoComplete="off"
                  status={error === undefined ? '' : 'error'}
                  aria-label={t('blend.partsOf', { name: row.name })}
                  aria-invalid={error !== undefined}
                  aria-describedby={error === undefined ? undefined : errorId}
                  onChange={(event) =>
                    dispatch({ do: 'parts', componentId: row.componentId, text: event.target.value })
                  }
                  onKeyDown={onKey(row.componentId)}
                  onFocus={(event) => event.target.select()}
                />
                <Button
                  aria-label={t('blend.more', { name: row.name })}
                  onClick={() => dispatch({ do: 'step', componentId: row.componentId, by: 1 })}
                >
                  +
                </Button>
              </span>
              <span className={styles.partsShare}>
                {parts === null || total <= 0 ? '–' : percent(Math.max(0, parts) / total)}
              </span>
              <Button
                type="text"
                className={styles.partsPrepare}
                aria-label={t('prep.button', { name: row.name })}
                title={t('prep.button', { name: row.name })}
                onClick={() => setPreparing(row)}
              >
                <SieveMark />
              </Button>
              <Button
                type="text"
                className={styles.partsRemove}
                aria-label={t('blend.remove', { name: row.name })}
                onClick={() => dispatch({ do: 'remove', componentId: row.componentId })}
              >
                ×
              </Button>
              {error !== undefined && (
                <p id={errorId} className={common.fieldError} role="alert">
                  {error}
                </p>
              )}
            </li>
          );
        })}
      </ul>
      {rows.length > 0 && <NotationBar />}
      {preparing !== null && (
        <PreparationForm
          key={preparing.componentId}
          row={preparing}
          problem={problem}
          path={`parts.${rows.findIndex((row) => row.componentId === preparing.componentId)}.preparation`}
          close={() => setPreparing(null)}
        />
      )}
      {problem?.at('parts') !== undefined && (
        <p className={common.fieldError} role="alert">
          {problem.at('parts')}
        </p>
      )}
    </div>
  );
}
