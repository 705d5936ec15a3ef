import { Form, Segmented } from 'antd';
import type { ReactNode } from 'react';

import type { Schemas } from '../../api/client';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

type Plan = Schemas['EntryPlan'];
type Changes = Schemas['EntryChanges'];

/** Layer, dressing, wall and hole cover. */
export function EntryZones({
  plan,
  picker,
  number,
  keep,
}: {
  plan: Plan;
  picker: (label: MessageId, path: string, pick: (id: number) => Changes, clear: Changes) => ReactNode;
  number: (
    name: string,
    label: MessageId,
    unit: string,
    value: number | null,
    put: (value: number | null) => Changes,
  ) => ReactNode;
  keep: (changes: Changes) => void;
}) {
  const { t } = useWords();
  const { layer, dressing, wall } = plan;

  return (
    <>
      <div className={common.fields2}>
        {picker(
          'entry.layer',
          'layer.component_id',
          (component_id) => ({ layer: { component_id, thickness_cm: layer?.thickness_cm ?? 1 } }),
          { layer: null },
        )}
        {layer !== null &&
          number('layer.thickness_cm', 'entry.layerCm', t('unit.cm'), layer.thickness_cm, (value) => ({
            layer: { ...layer, thickness_cm: value ?? 0 },
          }))}
        {picker(
          'entry.dressing',
          'dressing.component_id',
          (component_id) => ({ dressing: { component_id, cm: dressing?.cm ?? 0.5 } }),
          { dressing: null },
        )}
        {dressing !== null &&
          number('dressing.cm', 'entry.dressingCm', t('unit.cm'), dressing.cm, (value) => ({
            dressing: { ...dressing, cm: value ?? 0 },
          }))}
        {picker('entry.cover', 'hole_cover_id', (hole_cover_id) => ({ hole_cover_id }), { hole_cover_id: null })}
      </div>
      <Form.Item label={t('entry.wall')}>
        <Segmented
          aria-label={t('entry.wall')}
          value={wall === null ? 'none' : wall.kind}
          options={(['none', 'old_soil'] as const)
            .map((value) => ({ value: value as string, label: t(`entry.wall.${value}`) }))
            .concat(wall?.kind === 'moss' ? [{ value: 'moss', label: t('entry.wall.moss') }] : [])}
          onChange={(kind) =>
            keep({
              wall:
                kind === 'none'
                  ? null
                  : { kind: kind as 'moss' | 'old_soil', component_id: wall?.component_id ?? null, thickness_cm: 0.5 },
            })
          }
        />
      </Form.Item>
      <div className={common.fields2}>
        {picker(
          'entry.wallMoss',
          'wall.component_id',
          (component_id) => ({ wall: { kind: 'moss', component_id, thickness_cm: wall?.thickness_cm ?? 0.5 } }),
          { wall: null },
        )}
        {wall !== null &&
          number('wall.thickness_cm', 'entry.wallCm', t('unit.cm'), wall.thickness_cm, (value) => ({
            wall: { ...wall, thickness_cm: value ?? 0 },
          }))}
      </div>
    </>
  );
}
