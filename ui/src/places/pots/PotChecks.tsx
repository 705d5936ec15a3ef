import { Form, Select } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { usePlants } from '../../api/plants';
import { usePotChecks } from '../../api/pots';
import { useRecipes } from '../../api/recipes';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './pots.module.css';
import { RecordPicker } from '../../kit/pickers/RecordPicker';

/** The checks of a pot that matter, with a mix in it and perhaps for a plant. */
export function PotChecks({ pot }: { pot: Schemas['Pot'] }) {
  const { t } = useWords();
  const recipes = useRecipes({ per_page: 1 }).data?.data ?? [];
  const [recipeId, setRecipeId] = useState<number | null>(null);
  const [plantId, setPlantId] = useState<number | null>(null);
  const [search, setSearch] = useState('');
  const plants = usePlants({ per_page: 50, ...(search === '' ? {} : { search }) }).data?.data ?? [];
  const chosen = recipeId ?? recipes[0]?.id ?? null;
  const found = usePotChecks(
    chosen === null ? null : { pot_id: pot.id, recipe_id: chosen, ...(plantId === null ? {} : { plant_id: plantId }) },
  );

  return (
    <section className={styles.potChecks}>
      <h3>{t('potcheck.title')}</h3>
      <div className={common.fields2}>
        <Form.Item label={t('potcheck.mix')}>
          <RecordPicker
            label={t('potcheck.mix')}
            useList={useRecipes}
            value={chosen}
            onPick={({ id }) => setRecipeId(id)}
          />
        </Form.Item>
        <Form.Item label={t('potcheck.plant')}>
          <Select
            aria-label={t('potcheck.plant')}
            value={plantId ?? 0}
            showSearch={{ searchValue: search, filterOption: false, onSearch: setSearch }}
            options={[
              { value: 0, label: t('potcheck.anyPlant') },
              ...plants.map((plant) => ({ value: plant.id, label: `${plant.number} ${plant.name}` })),
            ]}
            onChange={(id) => {
              setSearch('');
              setPlantId(id === 0 ? null : id);
            }}
          />
        </Form.Item>
      </div>
      {chosen === null && <p className={common.quiet}>{t('potcheck.chooseMix')}</p>}
      {found.data !== undefined && <Said checks={found.data} dryingSides={pot.drying_sides} />}
      {found.isError && (
        <p className={common.fieldError} role="alert">
          {t('problem.offline')}
        </p>
      )}
    </section>
  );
}

function Said({ checks, dryingSides }: { checks: Schemas['PotChecks']; dryingSides: boolean }) {
  const { t, n, percent, q } = useWords();
  const { here, smaller, mesh } = checks;
  const seconds = checks.run_through_s;

  return (
    <>
      <ul className={common.plainList}>
        <li className={seconds === null ? common.stop : ''}>
          {seconds === null
            ? t('potcheck.noHoles')
            : t('potcheck.holes', {
                cm2: n(checks.open_hole_cm2, 2),
                share: percent(checks.open_hole_share, 1),
                seconds: n(seconds, 2),
              })}
        </li>
        <li className={checks.floor_raised ? '' : common.mind}>
          {dryingSides
            ? t('potcheck.raisedBasket')
            : checks.floor_raised
              ? t('potcheck.raised', { cm: q(checks.feet_cm, 'cm') })
              : t('potcheck.notRaised')}
        </li>
        <li className={mesh?.holds === false ? common.mind : ''}>
          {mesh === null
            ? t('potcheck.noMesh')
            : t('potcheck.mesh', {
                holds: mesh.holds ? 'yes' : 'no',
                aperture: n(mesh.aperture_mm),
                clogs: mesh.may_clog ? 'yes' : 'no',
              })}
        </li>
        {checks.proportions.map(({ rule, is_cm, should_cm }) => (
          <li key={rule}>
            {t(`plant.rule.${rule}`)}: {t('plant.ruleOf', { is: q(is_cm, 'cm'), should: q(should_cm, 'cm') })}
          </li>
        ))}
        {checks.cautions
          .filter((caution) => caution !== 'no_holes' || seconds !== null)
          .map((caution) => (
            <li key={caution} className={common.mind}>
              {t(`potcheck.caution.${caution}`)}
            </li>
          ))}
      </ul>
      {smaller === null ? (
        <p className={common.quiet}>{t('potcheck.noSmaller')}</p>
      ) : (
        <table className={common.plainTable}>
          <thead>
            <tr>
              <th scope="col">{t('potcheck.oversize', { name: smaller.name })}</th>
              <th scope="col">{t('potcheck.this')}</th>
              <th scope="col">{smaller.name}</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">{t('potcheck.volume')}</th>
              <td>{q(here.volume_l, 'L')}</td>
              <td>{q(smaller.volume_l, 'L')}</td>
            </tr>
            <tr>
              <th scope="row">{t('potcheck.air')}</th>
              <td>{percent(here.air)}</td>
              <td>{percent(smaller.air)}</td>
            </tr>
            {here.days_to_dry !== null && smaller.days_to_dry !== null && (
              <tr>
                <th scope="row">{t('potcheck.dry')}</th>
                <td>{n(here.days_to_dry, 2)}</td>
                <td>{n(smaller.days_to_dry, 2)}</td>
              </tr>
            )}
          </tbody>
        </table>
      )}
    </>
  );
}
