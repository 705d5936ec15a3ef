import { Button } from 'antd';

import type { Schemas } from '../../../api/client';
import { useMeta } from '../../../api/meta';
import { useWords, type Words } from '../../../i18n/words';
import { RatingWord } from '../../../kit/mixes/RatingHead';
import { plain } from '../../../i18n/numbers';
import { mendAction, mendWords } from '../state/mendActions';
import { useBlend } from '../state/BlendProvider';
import { useRecipeWords } from './foundMix';
import type { WishFields } from './wishes';
import styles from './find.module.css';

type Loosened = Schemas['SearchLoosened'];

interface Props {
  loosened: Loosened[];
  none: boolean;
  shelf: Schemas['SearchShelfRow'][];
  pot: Schemas['Pot'] | undefined;
  change: (wishes: Partial<WishFields> | 'anew') => void;
  again: () => void;
}

/** What stands against a good mix, and the smallest step each that would help. */
export function LoosenedList({ loosened, none, shelf, pot, change, again }: Props) {
  const words = useWords();
  const { t } = words;
  const recipeWords = useRecipeWords(shelf);
  const { history, dispatch } = useBlend();
  const currency = useMeta().data?.currency ?? 'EUR';
  const mix = history.now;

  return (
    <section className={styles.loosened} aria-label={t('find.loosen')}>
      <p>
        <strong>{t(none ? 'find.nothing' : 'find.notGood')}</strong>
      </p>
      {loosened.length === 0 ? (
        <p>{t('find.nothingHelps')}</p>
      ) : (
        <>
          <h3>{t('find.loosen')}</h3>
          <ul>
            {loosened.map((each) => {
              const mend = each.change === null || pot === undefined ? null : asMend(each, each.change, pot);
              const action = mend === null ? null : mendAction(mend, mix);
              const says = mend === null ? wishWords(each, words, currency) : capital(mendWords(mend, mix, words));

              return (
                <li key={says}>
                  <span>
                    {says}: <RatingWord rating={each.rating} />{' '}
                    <span className={styles.then}>{recipeWords(each.then)}</span>
                  </span>
                  {(mend === null || action !== null) && (
                    <Button
                      onClick={() => {
                        if (action !== null) {
                          dispatch(action);
                        } else {
                          change(each.wishes.includes('character') ? 'anew' : letGo(each));
                        }
                        again();
                      }}
                    >
                      {t('find.loosen.do')}
                    </Button>
                  )}
                </li>
              );
            })}
          </ul>
        </>
      )}
    </section>
  );
}

/** The change of pot or place as one of the mends that Blend knows. */
function asMend({ to, word }: Loosened, kind: Schemas['MendKind'], pot: Schemas['Pot']): Schemas['Mend'] {
  const by = to ?? 0;
  const deeper = kind === 'deeper' ? pot.depth + by : kind === 'shallower' ? pot.depth - by : pot.depth;

  return {
    kind,
    by,
    to: word,
    component_id: null,
    component_name: null,
    component_kind: null,
    component_colour: null,
    depth_cm: deeper,
    hole_count: pot.hole_count + (kind === 'holes' ? by : 0),
    hole_diameter_cm: pot.hole_diameter_cm ?? 0,
    pot_name: null,
    replaces_id: null,
    replaces_name: null,
    value: null,
    suffices: true,
    worsens: [],
  };
}

/** The wishes without those that were let go of. */
function letGo({ wishes, to }: Loosened): Partial<WishFields> {
  const text = to === null ? '' : plain(Math.ceil(to * 100) / 100);

  return Object.assign(
    {},
    ...wishes.map((wish): Partial<WishFields> => {
      switch (wish) {
        case 'cost':
          return { cost: text };
        case 'weight':
          return { kg: text };
        case 'years':
          return { years: to === null ? '' : plain(Math.floor(to * 10) / 10) };
        case 'source':
          return { source: 'bought' };
        case 'organics':
        case 'acid_organics':
          return { organics: 'any' };
        case 'shares':
          return { about: [] };
        case 'components':
          return { components: to === null ? '6' : plain(to) };
        case 'character':
          return {};
      }
    }),
  ) as Partial<WishFields>;
}

function wishWords({ wishes, to }: Loosened, { t, n, money, q }: Words, currency: string): string {
  const [first, second] = wishes.map((wish) =>
    t(`find.loosen.${wish}`, {
      to:
        to === null
          ? ''
          : wish === 'cost'
            ? money(Math.ceil(to * 100) / 100, currency)
            : wish === 'weight'
              ? q(to, 'kg')
              : wish === 'years'
                ? t('find.lasts.n', { years: n(Math.floor(to * 10) / 10) })
                : n(to),
    }),
  );

  return second === undefined ? (first ?? '') : t('find.loosen.both', { one: first ?? '', other: second });
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
