import { stageOf, type PlanStageId } from '@/core/exercise/plan/draft';
import { Message } from '@/ui/kit/message';
import { usePlanning } from '../planning-context';
import { useIsShown } from '../shown-fields';

/** What is said of fields of this stage that do not stand on the page: the sign on the rail always has its words. */
export function StageNotes({ stage }: { stage: PlanStageId }) {
  const { read, touched } = usePlanning();
  const isShown = useIsShown();
  const isHidden = ({ field }: { field: string }) => stageOf(field) === stage && !isShown(field);
  const wrong = read.issues.filter(
    (issue) => isHidden(issue) && (issue.code !== 'required' || touched(issue.field)),
  );
  return (
    <>
      {wrong.map(({ field, message }) => (
        <Message key={`${field}: ${message}`} tone="error">
          {message}
        </Message>
      ))}
      {read.warnings.filter(isHidden).map(({ field, message }) => (
        <Message key={`${field}: ${message}`} tone="warning">
          {message}
        </Message>
      ))}
    </>
  );
}
