import { ApiProblem } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

interface Props {
  error: Error | null | undefined;
  /** Fields hold something that cannot be read, before anybody asked. */
  marked?: boolean;
  /** What is wrong is said at the fields: here only that something is, or that nobody answers. */
  atFields?: boolean;
  /** A line of its own. */
  line?: boolean;
  className?: string | undefined;
}

/** Why it was not saved or cannot be had, in a sentence: what was refused, or that nobody answers. Nothing while all is well. */
export function Trouble({ error, marked = false, atFields = false, line = false, className = '' }: Props) {
  const { t } = useWords();
  if (error == null && !marked) {
    return null;
  }
  const said =
    error != null && !(error instanceof ApiProblem)
      ? t('problem.offline')
      : atFields || error == null
        ? t('problem.fields')
        : error.message;
  const Said = line ? 'p' : 'span';

  return (
    <Said className={`${common.fieldError} ${className}`} role="alert">
      {said}
    </Said>
  );
}
