import { Button, Form } from 'antd';

import type { ApiProblem } from '../../api/client';
import { usePots } from '../../api/pots';
import { useRecipes } from '../../api/recipes';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import common from '../../styles/common.module.css';
import { type Arm, oneMore, type TrialForm } from './trialForm';
import styles from './trials.module.css';

const MOST = 6;
const LEAST = 2;

interface Props {
  form: TrialForm;
  set: (changed: Partial<TrialForm>) => void;
  problem: ApiProblem | undefined;
  disabled: boolean;
}

/** What is tried: two to six mixes, pots, waterings or treatments. */
export function Arms({ form, set, problem, disabled }: Props) {
  const { t } = useWords();
  const change = (key: number, changed: Partial<Arm>) =>
    set({ arms: form.arms.map((each) => (each.key === key ? { ...each, ...changed } : each)) });

  return (
    <fieldset className={styles.arms} disabled={disabled}>
      <legend>{t('trial.arms')}</legend>
      {form.arms.map((arm, i) => {
        const wrong =
          problem?.at(`arms.${i}.label`) ?? problem?.at(`arms.${i}.recipe_id`) ?? problem?.at(`arms.${i}.pot_id`);

        return (
          <div key={arm.key} className={styles.arm}>
            {form.varies === 'mix' || form.varies === 'pot' ? (
              <Form.Item
                label={t('trial.armN', { n: i + 1 })}
                validateStatus={wrong === undefined ? '' : 'error'}
                help={wrong}
              >
                {form.varies === 'mix' ? (
                  <RecordPicker
                    label={t('trial.armN', { n: i + 1 })}
                    useList={useRecipes}
                    value={arm.recipe}
                    disabled={disabled}
                    onPick={(row) => change(arm.key, { recipe: row.id, label: row.name })}
                  />
                ) : (
                  <RecordPicker
                    label={t('trial.armN', { n: i + 1 })}
                    useList={usePots}
                    value={arm.pot}
                    disabled={disabled}
                    onPick={(row) => change(arm.key, { pot: row.id, label: row.name })}
                  />
                )}
              </Form.Item>
            ) : (
              <TextField
                label={t('trial.armN', { n: i + 1 })}
                value={arm.label}
                error={wrong}
                onChange={(label) => change(arm.key, { label })}
              />
            )}
            {form.arms.length > LEAST && !disabled && (
              <Button
                aria-label={t('trial.armAway', { n: i + 1 })}
                onClick={() => set({ arms: form.arms.filter(({ key }) => key !== arm.key) })}
              >
                ×
              </Button>
            )}
          </div>
        );
      })}
      {problem?.at('arms') !== undefined && <p className={common.fieldError}>{problem.at('arms')}</p>}
      {form.arms.length < MOST && !disabled && (
        <Button onClick={() => set({ arms: oneMore(form.arms) })}>{t('trial.addArm')}</Button>
      )}
    </fieldset>
  );
}
