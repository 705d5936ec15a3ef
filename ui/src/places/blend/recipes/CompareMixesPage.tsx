import { Button, Input, Select } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';

import { answerOf, api, type Schemas } from '../../../api/client';
import { useLastGood } from '../../../api/lastGood';
import { rules, useMeta } from '../../../api/meta';
import { usePots } from '../../../api/pots';
import { useRecipeVersions, useRecipes } from '../../../api/recipes';
import { useSites } from '../../../api/situations';
import { typedNumber } from '../../../i18n/numbers';
import { useWords } from '../../../i18n/words';
import { CsvButton } from '../../../kit/lists/CsvButton';
import { YearsBeside } from '../../../kit/season/YearsBeside';
import { useBlend } from '../state/BlendProvider';
import { opened } from '../state/mix';
import { questionOf } from '../state/question';
import { type Compared, keepComparison, keptComparison } from '../state/comparison';
import { HOURS } from '../situation/SituationDrawer';
import { CompareTable } from './CompareTable';
import { Outdated } from './Outdated';
import { withVersion } from './VersionsDrawer';
import { FIGURES, figureText } from '../picture/figures';
import blendStyles from '../blend.module.css';
import common from '../../../styles/common.module.css';
import styles from './recipes.module.css';
import { RecordPicker } from '../../../kit/pickers/RecordPicker';

const ask = async (body: Schemas['ComparisonInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/compare', { body, signal }));

/** Mixes, versions, pots or places side by side, what differs most said first. */
export default function CompareMixesPage() {
  const words = useWords();
  const { t } = words;
  const { history } = useBlend();
  const mix = history.now;
  const currency = useMeta().data?.currency ?? 'EUR';
  const versions = useRecipeVersions(mix.recipeId).data?.data ?? [];
  const [thereHours, setThereHours] = useState(24);
  const mixName = mix.recipeName === '' ? t('compare.now') : mix.recipeName;
  const now = questionOf(mix);
  const [items, setItems] = useState<Compared[]>(() => {
    const kept = keptComparison();

    return kept.length > 0 || now === null ? kept : [{ label: mixName, question: now, of: 'bench' as const }];
  });
  useEffect(() => keepComparison(items), [items]);
  const asked = useMemo(
    () => (items.length < 2 ? null : { items: items.map(({ label, question }) => ({ label, question })) }),
    [items],
  );
  const recipes = useRecipes({ per_page: 200 }).data?.data ?? [];
  const [pots, setPots] = useState('1');
  const replace = (index: number, next: Compared) => setItems(items.map((item, i) => (i === index ? next : item)));
  const { data, fresh, problem } = useLastGood('compare', asked, ask);
  const add = (label: string, question: Schemas['EvaluationInput'] | null, of?: Compared['of']) => {
    if (question !== null && items.length < rules.most_compared) {
      setItems([...items, { label, question, ...(of === undefined ? {} : { of }) }]);
    }
  };
  /** Each mix that stands here once more, in another pot. */
  const addAllIn = ({ id, name }: Schemas['Pot']) => {
    const mixes = items.filter(
      (item, i) =>
        items.findIndex((other) => JSON.stringify(other.question.parts) === JSON.stringify(item.question.parts)) === i,
    );
    const more = mixes.map(({ label, question }) => {
      const plain = { ...question };
      delete plain.pot_change;

      return { label: t('compare.inPot', { mix: label, pot: name }), question: { ...plain, pot_id: id } };
    });
    setItems([...items, ...more].slice(0, rules.most_compared));
  };
  const isFull = items.length >= rules.most_compared;
  const picker = (label: string, options: { value: number; label: string }[], pick: (id: number) => void) => (
    <Select
      aria-label={label}
      placeholder={label}
      value={null}
      disabled={isFull || options.length === 0}
      showSearch={{ optionFilterProp: 'label' }}
      options={options}
      onSelect={(id: number | null) => {
        if (id !== null) {
          pick(id);
        }
      }}
    />
  );

  return (
    <div className={styles.comparePage}>
      <header className={common.listHead}>
        <h1>{t('compare.pageTitle')}</h1>
        <span className={common.noPrint}>
          <Link to="/blend">{t('compare.back')}</Link>
        </span>
        <Button className={common.noPrint} onClick={() => window.print()}>
          {t('view.print')}
        </Button>
        {data !== undefined && (
          <CsvButton
            name="zolbek-comparison"
            rows={FIGURES.map((name) => ({
              figure: name,
              ...Object.fromEntries(data.items.map((item) => [item.label, item.figures[name]])),
            })).concat([
              {
                figure: 'rating' as never,
                ...Object.fromEntries(data.items.map((item) => [item.label, item.figures.rating])),
              },
            ])}
          />
        )}
      </header>
      <div className={`${styles.compareAdd} ${common.noPrint}`}>
        <Button disabled={isFull || now === null} onClick={() => add(mixName, now, 'bench')}>
          {t('compare.now')}
        </Button>
        <RecordPicker
          label={t('compare.addRecipe')}
          useList={useRecipes}
          value={null}
          disabled={isFull}
          onPick={(recipe) =>
            add(recipe.name, questionOf({ ...opened(mix, recipe), group: mix.group }), {
              recipe: recipe.id,
              version: recipe.version,
            })
          }
        />
        {picker(
          t('compare.addVersion'),
          versions.map((version) => ({
            value: version.number,
            label: `${t('blend.versionN', { n: version.number })} ${version.reason}`,
          })),
          (number) => {
            const version = versions.find((each) => each.number === number);
            if (version !== undefined) {
              add(`${mixName}, ${t('blend.versionN', { n: number })}`, questionOf(withVersion(mix, version)));
            }
          },
        )}
        <RecordPicker
          label={t('compare.addPot')}
          useList={usePots}
          value={null}
          disabled={isFull}
          onPick={({ id, name }) =>
            add(t('compare.inPot', { mix: mixName, pot: name }), questionOf({ ...mix, potId: id, potChange: null }))
          }
        />
        <RecordPicker
          label={t('compare.allInPot')}
          useList={usePots}
          value={null}
          disabled={isFull || items.length === 0}
          onPick={addAllIn}
        />
        <RecordPicker
          label={t('compare.addSite')}
          useList={useSites}
          value={null}
          disabled={isFull}
          onPick={({ id: siteId, name }) =>
            add(
              t('compare.atSite', { mix: mixName, site: name }),
              questionOf({
                ...mix,
                situation: {
                  ...mix.situation,
                  siteId,
                  alkalinity: '',
                  hours: { ...mix.situation.hours, summer: thereHours },
                },
              }),
            )
          }
        />
        <label className="compare-there">
          {t('compare.habitThere')}{' '}
          <Select
            aria-label={t('compare.habitThere')}
            value={thereHours}
            popupMatchSelectWidth={false}
            options={HOURS.map((hours) => ({ value: hours, label: t('habit.hours', { hours: String(hours) }) }))}
            onChange={setThereHours}
          />
        </label>
        <label>
          {t('compare.pots')}{' '}
          <Input
            className={styles.comparePots}
            inputMode="numeric"
            value={pots}
            onChange={(event) => setPots(event.target.value)}
          />
        </label>
      </div>
      {isFull && (
        <p className={`${common.quiet} ${common.noPrint}`}>{t('compare.full', { most: rules.most_compared })}</p>
      )}
      {items.length < 2 && <p className={blendStyles.blendWait}>{t('compare.need')}</p>}
      {problem !== undefined && (
        <p className={common.fieldError} role="alert">
          {problem.message}
        </p>
      )}
      {items.length === 1 && (
        <p className={common.noPrint}>
          {items[0]?.label}{' '}
          <Button
            size="small"
            type="text"
            aria-label={t('compare.remove', { name: items[0]?.label ?? '' })}
            onClick={() => setItems([])}
          >
            ×
          </Button>
        </p>
      )}
      {data !== undefined && items.length >= 2 && (
        <div className={fresh ? '' : common.notFresh} aria-busy={!fresh}>
          <section className={styles.compareSays} aria-label={t('compare.first', { name: data.items[0]?.label ?? '' })}>
            <h2>{t('compare.first', { name: data.items[0]?.label ?? '' })}</h2>
            {data.differences.length === 0 && <p>{t('compare.same')}</p>}
            <ul>
              {foremost(data.differences).map((difference) => (
                <li key={`${difference.figure} ${difference.item}`}>
                  {t(`compare.says.${difference.figure as 'air'}`, {
                    name: data.items[difference.item]?.label ?? '',
                    more: difference.to > difference.from ? 'yes' : 'no',
                    from: figureText(difference.figure, difference.from, words, currency),
                    to: figureText(difference.figure, difference.to, words, currency),
                  })}
                </li>
              ))}
            </ul>
          </section>
          <CompareTable
            data={data}
            currency={currency}
            pots={typedNumber(pots) ?? 1}
            outdated={(i) => <Outdated item={items[i]} now={now} recipes={recipes} take={(next) => replace(i, next)} />}
            remove={(i) => setItems(items.filter((_, k) => k !== i))}
          />
          <YearsBeside items={items} />
        </div>
      )}
    </div>
  );
}

const MOST_SAID = 4;

/** The weightiest differences of each, so that none is left unsaid beside another that differs more. */
function foremost(differences: Schemas['Comparison']['differences']): Schemas['Comparison']['differences'] {
  return differences.filter(
    (difference, i) => differences.slice(0, i).filter((other) => other.item === difference.item).length < MOST_SAID,
  );
}
