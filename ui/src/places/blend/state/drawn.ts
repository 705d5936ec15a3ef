import type { Schemas } from '../../../api/client';
import type { DrawnMaterial } from '../../../drawing/PotSection';

/** The components of a mix as they are drawn. */
export function drawn(evaluation: Schemas['Evaluation']): DrawnMaterial[] {
  return evaluation.grading.components.map((component) => ({
    id: String(component.component_id),
    kind: component.kind,
    colour: component.colour,
    classShares: component.class_shares,
  }));
}
