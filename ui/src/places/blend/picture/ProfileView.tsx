import type { Schemas } from '../../../api/client';
import { ProfileChart } from '../../../drawing/ProfileChart';
import { ViewFrame } from './ViewFrame';

/** Water and air by height, in the new mix and in the old ball. */
export function ProfileView({ evaluation, fresh }: { evaluation: Schemas['Evaluation']; fresh: boolean }) {
  const { section, contents } = evaluation;
  const rows = [
    ...section.profile.map((point) => ({ body: 'new mix', ...point })),
    ...(contents.ball?.profile ?? []).map((point) => ({ body: 'old ball', ...point })),
  ];

  return (
    <ViewFrame name="profile" rows={rows} fresh={fresh}>
      <ProfileChart mix={section.profile} ball={contents.ball?.profile ?? null} depthCm={section.depth_cm} />
    </ViewFrame>
  );
}
