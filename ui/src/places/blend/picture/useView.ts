import { answerOf, api, type Schemas } from '../../../api/client';
import { useLastGood } from '../../../api/lastGood';

type Question = Schemas['EvaluationInput'];
type Asked = '/views/ageing' | '/views/depths' | '/views/compaction' | '/views/curve' | '/views/trade';
interface Answers {
  '/views/ageing': Schemas['AgeingView'];
  '/views/depths': Schemas['DepthView'];
  '/views/compaction': Schemas['CompactionView'];
  '/views/curve': Schemas['CurveView'];
  '/views/trade': Schemas['TradeView'];
}

/** One of the views of a mix; asked anew whenever the question changes. */
export function useView<View extends Asked>(view: View, question: Question | null) {
  return useLastGood(view, question, async (body: Question, signal: AbortSignal) =>
    answerOf((await api.POST(view, { body, signal } as never)) as unknown as FetchLike<Answers[View]>),
  );
}

interface FetchLike<T> {
  data?: T;
  error?: unknown;
  response: Response;
}
