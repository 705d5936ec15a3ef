import { Button } from 'antd';
import { useNavigate } from 'react-router';

import type { Schemas } from '../../../api/client';
import { useRecipeVersions } from '../../../api/recipes';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { type Mix, withAmount } from '../state/mix';
import { questionOf } from '../state/question';
import { keepComparison } from '../state/comparison';
import common from '../../../styles/common.module.css';
import styles from './recipes.module.css';
import { Side } from '../../../kit/overlays/Side';

/** Every version of a recipe with its reason, what changed, and what that did to the pot. */
export function VersionsDrawer({ open, close }: { open: boolean; close: () => void }) {
  const { t, n, date } = useWords();
  const navigate = useNavigate();
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const versions = useRecipeVersions(open ? mix.recipeId : null).data?.data ?? [];
  const said = (change: Schemas['RecipeVersion']['changes'][number]) =>
    change.prepared && change.from === change.to
      ? t('version.prepared', { name: change.name })
      : change.from === null
        ? t('version.in', { name: change.name, to: n(change.to ?? 0) })
        : change.to === null
          ? t('version.out', { name: change.name, from: n(change.from) })
          : t('version.changed', { name: change.name, from: n(change.from), to: n(change.to) });
  const compare = (version: Schemas['RecipeVersion'], before: Schemas['RecipeVersion']) => {
    keepComparison(
      [before, version].flatMap((each) => {
        const then = withVersion(mix, each);
        const question = questionOf(then);

        return question === null
          ? []
          : [{ label: `${mix.recipeName}, ${t('blend.versionN', { n: each.number })}`, question }];
      }),
    );
    void navigate('/blend/compare');
  };

  return (
    <Side open={open} onClose={close} title={t('version.title', { name: mix.recipeName })} size={520}>
      {versions.length === 1 && <p className={common.quiet}>{t('version.none')}</p>}
      <ol className={styles.versions}>
        {versions.map((version, i) => {
          const before = versions[i + 1];

          return (
            <li key={version.number}>
              <h3>
                {t('blend.versionN', { n: version.number })} {i === 0 && <em>{t('version.now')}</em>}
                <span className={common.quiet}> {date(version.made_at)}</span>
              </h3>
              <p>{version.reason === '' ? t('version.noReason') : version.reason}</p>
              <ul className={common.quiet}>
                {version.changes.map((change) => (
                  <li key={change.name}>{said(change)}</li>
                ))}
              </ul>
              <p>
                <Button
                  size="small"
                  onClick={() => {
                    dispatch({ do: 'open', mix: withVersion(mix, version) });
                    close();
                  }}
                >
                  {t('version.open')}
                </Button>{' '}
                {before !== undefined && (
                  <Button size="small" onClick={() => compare(version, before)}>
                    {t('version.compare')}
                  </Button>
                )}
              </p>
            </li>
          );
        })}
      </ol>
    </Side>
  );
}

/** The bench with another version of its recipe on it. */
export function withVersion(mix: Mix, version: Schemas['RecipeVersion']): Mix {
  return {
    ...mix,
    notation: 'parts',
    group: version.plant_group,
    compactionIndex: null,
    rows: version.parts.map((part) =>
      withAmount(
        {
          componentId: part.component_id,
          name: part.name,
          kind: part.kind,
          colour: part.colour,
          text: '',
          preparation: part.preparation,
        },
        part.parts,
      ),
    ),
  };
}
