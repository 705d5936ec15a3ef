import { Button, Spin } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';

import { type Schemas } from '../../api/client';
import { useComponentSheets } from '../../api/components';
import { Swatch } from '../../drawing/Swatch';
import { Trouble } from '../../kit/forms/Trouble';
import { useWords } from '../../i18n/words';
import { ComponentDrawer, type Editing } from './ComponentDrawer';
import { Lots } from './Lots';
import { MixContents } from './MixContents';
import { MixDrawer } from './MixDrawer';
import { PropertyTable } from './PropertyTable';
import { RetentionChart } from './RetentionChart';
import { SieveChart } from './SieveChart';
import { StockSection } from './StockSection';
import { TestsOf } from './TestsOf';
import { DoButton } from '../../kit/people/DoButton';
import styles from './bins.module.css';
import common from '../../styles/common.module.css';

/** One component: what it is good and bad for, its curves, every property with its uncertainty, and what is made of it. */
export default function ComponentPage() {
  const { t } = useWords();
  const id = Number(useParams()['id']);
  const [sheet] = useComponentSheets([id]);
  const [editing, setEditing] = useState<Editing | null>(null);

  return (
    <div className={styles.componentPage}>
      <p className="sheet-back">
        <Link to="/bins">{t('component.back')}</Link>
      </p>
      {sheet?.isPending && <Spin className={common.listWaiting} />}
      <Trouble line error={sheet?.error} />
      {sheet?.data !== undefined && (
        <Sheet sheet={sheet.data} edit={(asCopy) => setEditing({ component: sheet.data.component, asCopy })} />
      )}
      {editing !== null &&
        (editing.component?.source === 'material' ? (
          <ComponentDrawer key={String(editing.asCopy)} editing={editing} setEditing={setEditing} />
        ) : (
          <MixDrawer mix={editing.component} close={() => setEditing(null)} />
        ))}
    </div>
  );
}

function Sheet({ sheet, edit }: { sheet: Schemas['ComponentSheet']; edit: (asCopy: boolean) => void }) {
  const { t, percent, date } = useWords();
  const { component, ageing } = sheet;

  return (
    <>
      <header className={styles.componentHead}>
        <Swatch kind={component.kind} colour={component.colour} size={84} />
        <div>
          <h1>{component.name}</h1>
          <p className={common.quiet}>
            {component.source === 'material' ? t(`kind.${component.kind}`) : t(`mix.${component.source}`)} ·{' '}
            {t(`basis.${component.basis}`)}
            {component.archived && ` · ${t('common.inArchive')}`}
          </p>
        </div>
        <span className={common.rowActions}>
          <Button href={`/api/v1/component-files/${component.id}`} download>
            {t('exchange.saveJson')}
          </Button>
          <DoButton onClick={() => edit(false)}>{t('common.edit')}</DoButton>
          {component.source === 'material' && <DoButton onClick={() => edit(true)}>{t('common.copy')}</DoButton>}
        </span>
      </header>
      <div className={styles.componentColumns}>
        <div>
          <section>
            <Qualities
              title={t('component.good')}
              mark="+"
              qualities={sheet.qualities.filter(({ welcome }) => welcome)}
            />
            <Qualities
              title={t('component.bad')}
              mark="–"
              qualities={sheet.qualities.filter(({ welcome }) => !welcome)}
            />
          </section>
          <MixContents component={component} />
          <StockSection sheet={sheet} />
          {component.source === 'material' && <Lots component={component} />}
          <TestsOf component={component} />
          <section>
            <h2>{t('component.life')}</h2>
            <p>
              {t('component.lifeText', {
                years: ageing.years,
                left: percent(ageing.left),
                now: percent(ageing.finer_than_1_mm_now),
                then: percent(ageing.finer_than_1_mm_then),
              })}
            </p>
          </section>
          {component.hazards.length > 0 && (
            <section>
              <h2>{t('sheet.cautions')}</h2>
              <ul>
                {component.hazards.map((hazard) => (
                  <li key={hazard}>{t(`caution.${hazard}`)}</li>
                ))}
              </ul>
            </section>
          )}
          <section>
            <h2>{t('component.usedIn')}</h2>
            {sheet.recipes.length + sheet.batches.length === 0 && (
              <p className={common.quiet}>{t('component.unused')}</p>
            )}
            <ul>
              {sheet.recipes.map((recipe) => (
                <li key={recipe.id}>{t('component.inRecipe', { name: recipe.name })}</li>
              ))}
              {sheet.batches.map((batch) => (
                <li key={batch.id}>
                  <Link to={`/log/${batch.id}`}>{batch.name}</Link>{' '}
                  <span className={common.quiet}>{date(batch.made_at)}</span>
                </li>
              ))}
            </ul>
          </section>
        </div>
        <div>
          <section>
            <h2>{t('bins.section.sieve')}</h2>
            <SieveChart sheets={[sheet]} />
          </section>
          <section>
            <h2>{t('component.retention')}</h2>
            <RetentionChart sheet={sheet} />
          </section>
        </div>
        <section>
          <h2>{t('component.properties')}</h2>
          <PropertyTable sheet={sheet} />
        </section>
      </div>
    </>
  );
}

function Qualities({
  title,
  mark,
  qualities,
}: {
  title: string;
  mark: '+' | '–';
  qualities: Schemas['ComponentSheet']['qualities'];
}) {
  const { t } = useWords();
  if (qualities.length === 0) {
    return null;
  }

  return (
    <>
      <h2>{title}</h2>
      <ul>
        {qualities.map(({ quality }) => (
          <li key={quality}>
            <span className={mark === '+' ? styles.goodMark : styles.mindMark} aria-hidden="true">
              {mark}
            </span>{' '}
            {t(`quality.${quality}`)}
          </li>
        ))}
      </ul>
    </>
  );
}
