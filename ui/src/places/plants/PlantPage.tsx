import { Spin } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';

import { later } from '../../kit/later';
import { rules } from '../../api/meta';
import type { Schemas } from '../../api/client';
import { usePlant, useTellOfPlant } from '../../api/plants';
import { Swatch } from '../../drawing/Swatch';
import { useWords } from '../../i18n/words';
import { ListState } from '../../kit/lists/ListState';
import { MenuButton } from '../../kit/fields/MenuButton';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { GrowthSection } from './GrowthSection';
import { History } from './History';
import { LayerModal } from './LayerModal';
import { LayerSection } from './LayerSection';
import { Photos } from '../../kit/plants/Photos';
import { PlantDeliveries } from './PlantDeliveries';
import { PlantJudgement } from './PlantJudgement';
import { StickSection } from './StickSection';
import type { What } from './TellModal';
import { TaskList } from '../../kit/plants/TaskList';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';

const PlantDrawer = later(() => import('./PlantDrawer').then(({ PlantDrawer }) => PlantDrawer));
const InspectionDrawer = later(() => import('./InspectionDrawer').then(({ InspectionDrawer }) => InspectionDrawer));
const OutOfTurnDrawer = later(() => import('./OutOfTurnDrawer').then(({ OutOfTurnDrawer }) => OutOfTurnDrawer));
const WhichPot = later(() => import('../../kit/days/WhichPot').then(({ WhichPot }) => WhichPot));
const PottedDrawer = later(() => import('./PottedDrawer').then(({ PottedDrawer }) => PottedDrawer));
const TellModal = later(() => import('./TellModal').then(({ TellModal }) => TellModal));
const ToDay = later(() => import('../../kit/days/ToDay').then(({ ToDay }) => ToDay));

type Asking = 'edit' | 'inspect' | 'oot' | 'day' | 'potted' | 'which' | 'layer' | What;

/** All about one plant on one page, at hand when it is lifted. */
export default function PlantPage() {
  const { t } = useWords();
  const id = Number(useParams()['id']);
  const found = usePlant(id);
  const [asking, setAsking] = useState<Asking | null>(null);
  const [toPot, setToPot] = useState<number[] | null>(null);
  const dossier = found.data;
  const close = () => setAsking(null);

  return (
    <ListState found={found}>
      {dossier === undefined ? (
        <Spin />
      ) : (
        <article className={styles.plantPage}>
          <Head dossier={dossier} ask={setAsking} />
          <div className={styles.plantColumns}>
            <div>
              <PlantJudgement dossier={dossier} />
              <section>
                <h2>{t('plant.tasks')}</h2>
                {dossier.tasks.length === 0 ? (
                  <p className={common.quiet}>{t('plant.noTasks')}</p>
                ) : (
                  <TaskList tasks={dossier.tasks} withPlant={false} />
                )}
                <DoButton be="helper" size="small" className={common.noPrint} onClick={() => setAsking('task')}>
                  {t('plant.addTask')}
                </DoButton>
              </section>
              <StickSection dossier={dossier} />
            </div>
            <div>
              <Photos dossier={dossier} />
              <GrowthSection dossier={dossier} />
              <LayerSection plant={dossier.plant} separated={(top) => setToPot([id, top])} />
              <Plan dossier={dossier} />
              <PlantDeliveries id={id} />
              <History events={dossier.events} />
            </div>
          </div>
          {asking === 'edit' && <PlantDrawer plant={dossier.plant} close={close} />}
          {asking === 'inspect' && <InspectionDrawer plant={dossier.plant} close={close} />}
          {asking === 'oot' && <OutOfTurnDrawer plant={dossier.plant} close={close} />}
          {toPot !== null && <ToDay plantIds={toPot} close={() => setToPot(null)} />}
          {asking === 'layer' && (
            <LayerModal plant={dossier.plant} what="put" close={close} separated={(top) => setToPot([id, top])} />
          )}
          {asking === 'which' && (
            <WhichPot
              whose={{ plant: dossier.plant.id, recipe: null }}
              count={dossier.plant.count ?? 1}
              close={close}
              take={null}
            />
          )}
          {asking === 'potted' && <PottedDrawer plant={dossier.plant} close={close} />}
          {asking === 'day' && <ToDay plantIds={[dossier.plant.id]} close={close} />}
          {asking !== null && !['edit', 'inspect', 'oot', 'day', 'potted', 'which', 'layer'].includes(asking) && (
            <TellModal plant={dossier.plant} what={asking as What} close={close} taken={setToPot} />
          )}
        </article>
      )}
    </ListState>
  );
}

function Head({ dossier, ask }: { dossier: Schemas['PlantDossier']; ask: (what: Asking) => void }) {
  const { t, n, date, q } = useWords();
  const { plant, standing, line } = dossier;
  const tell = useTellOfPlant(plant.id);
  const say = useUndoable();
  const see = async (stage: Schemas['GrowthStage']) => {
    const before = plant.stage;
    await tell.mutateAsync({ kind: 'stage', stage });
    say(
      t('common.saved', { name: t(`stage.${stage}`) }),
      before === null ? undefined : () => tell.mutate({ kind: 'stage', stage: before }),
    );
  };

  return (
    <header className={styles.plantHead}>
      <div className={styles.plantTitle}>
        <p className={common.plantNumber}>{plant.number}</p>
        <h1>{plant.name}</h1>
        {plant.count !== null && <span>{t('plants.alike', { count: n(plant.count, 5) })}</span>}
        {plant.health !== 'well' && (
          <span className={plant.health === 'sick' ? common.stop : common.mind}>◆ {t(`health.${plant.health}`)}</span>
        )}
        {plant.status !== 'kept' && (
          <span className={common.mind}>
            ◆ {t(`status.${plant.status}`)} {plant.left_to}
          </span>
        )}
      </div>
      <p>
        {plant.species ?? t(`group.${plant.plant_group}`)} · {t(`purpose.${plant.purpose}`)}
        {plant.year_started !== null && ` · ${t('plant.age', { year: plain(plant.year_started) })}`}
        {plant.place !== '' && ` · ${plant.place}`}
        {plant.height_cm !== null &&
          ` · ${t('plant.size', { height: q(plant.height_cm, 'cm'), canopy: plant.canopy_cm === null ? '–' : q(plant.canopy_cm, 'cm'), trunk: plant.trunk_mm === null ? '–' : n(plant.trunk_mm) })}`}
      </p>
      <p className={styles.plantStands}>
        {standing === null || plant.potted_on === null ? (
          <span className={common.quiet}>{t('plant.noStanding')}</span>
        ) : (
          <>
            {standing.parts.slice(0, 5).map((part) => (
              <Swatch key={part.component_id} kind={part.kind} colour={part.colour} />
            ))}{' '}
            {t('plant.since', {
              recipe: standing.recipe_name,
              version: standing.recipe_version,
              pot: standing.pot_name,
              date: date(plant.potted_on),
            })}
          </>
        )}
      </p>
      {(plant.front !== '' || plant.buried.length > 0) && (
        <p>
          {plant.front !== '' && t('plant.front', { front: plant.front })}
          {plant.front !== '' && plant.buried.length > 0 && ' · '}
          {plant.buried.length > 0 && (
            <strong>
              {t('plant.buried', {
                what: plant.buried
                  .map(({ kind, note }) =>
                    note === '' ? t(`plants.buried.${kind}`) : `${t(`plants.buried.${kind}`)} (${note})`,
                  )
                  .join(', '),
              })}
            </strong>
          )}
        </p>
      )}
      {(line.parent !== null || line.offspring.length > 0) && (
        <p className={styles.plantLine}>
          {t('plant.line')}:{' '}
          {line.parent !== null && (
            <Link to={`/plants/${line.parent.id}`}>
              {t('plant.from', { number: line.parent.number, name: line.parent.name })}
            </Link>
          )}
          {line.offspring.map((young) => (
            <Link key={young.id} to={`/plants/${young.id}`}>
              {young.number} ({t(`origin.${young.origin}`).toLowerCase()})
            </Link>
          ))}
        </p>
      )}
      {plant.note !== '' && <p className={common.quiet}>{plant.note}</p>}
      <div className={`${styles.plantStage} ${common.noPrint}`} role="group" aria-label={t('plant.stage')}>
        <span>{t('plant.stage')}</span>
        {rules.stages.map((stage) => (
          <DoButton
            be="helper"
            key={stage}
            aria-pressed={plant.stage === stage}
            type={plant.stage === stage ? 'primary' : 'default'}
            ghost={plant.stage === stage}
            onClick={() => void see(stage).catch(() => undefined)}
          >
            {t(`stage.${stage}`)}
          </DoButton>
        ))}
        {plant.stage_seen_on !== null && (
          <span className={common.quiet}>{t('plant.stageSeen', { date: date(plant.stage_seen_on) })}</span>
        )}
      </div>
      <div className={`${styles.plantActs} ${common.noPrint}`}>
        <DoButton be="helper" type="primary" onClick={() => ask('inspect')}>
          {t('plant.inspect')}
        </DoButton>
        <DoButton onClick={() => ask('day')}>{t('plants.toDay', { count: 1 })}</DoButton>
        <DoButton onClick={() => ask('potted')}>{t('plant.potted')}</DoButton>
        <DoButton onClick={() => ask('oot')}>{t('plant.outOfTurn')}</DoButton>
        <DoButton onClick={() => ask('edit')}>{t('common.edit')}</DoButton>
        <MenuButton
          items={[
            ...(
              [
                'note',
                'snoozed',
                'override',
                'offspring',
                ...(plant.count === null ? [] : (['split'] as const)),
                'given_away',
                'died',
                'complaint',
              ] as const
            ).map((key) => ({
              key,
              label: t(`plant.${key === 'snoozed' ? 'snooze' : key === 'given_away' ? 'givenAway' : key}`),
              act: () => ask(key),
              be: key === 'offspring' || key === 'split' ? ('grower' as const) : ('helper' as const),
            })),
            ...(plant.air_layer === null
              ? [{ key: 'layer', label: t('layer.put'), act: () => ask('layer'), be: 'grower' as const }]
              : []),
            { key: 'which', label: t('whichPot.title'), act: () => ask('which') },
            { key: 'print', label: t('plant.printCard'), act: () => window.print() },
            {
              key: 'json',
              label: t('plant.saveJson'),
              act: () => window.location.assign(`/api/v1/plant-files/${plant.id}`),
            },
          ]}
        >
          {t('plant.more')}
        </MenuButton>
        {dossier.days.map((day) => (
          <Link key={day} to={`/days/${day}`}>
            {t('plant.onDay')}
          </Link>
        ))}
      </div>
    </header>
  );
}

function Plan({ dossier }: { dossier: Schemas['PlantDossier'] }) {
  const { t } = useWords();

  return (
    <section>
      <h2>{t('plant.plan')}</h2>
      {dossier.plant.plan.length === 0 ? (
        <p className={common.quiet}>{t('plant.noPlan')}</p>
      ) : (
        <ul className={common.plainList}>
          {dossier.plant.plan.map((step, i) => (
            <li key={i}>
              <strong>{plain(step.year)}</strong> {t(`plants.plan.${step.what}`)}
              {step.pot_id !== null && `: ${dossier.plan_pots[String(step.pot_id)] ?? ''}`}
              {step.note !== '' && <span className={common.quiet}> · {step.note}</span>}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** A year without a thousands separator. */
const plain = (year: number) => String(year);
