import { Button } from '@/ui/kit/button';

/** Answers that are given by one touch. */
export function AnswerButtons({
  label,
  answers,
  onAnswer,
}: {
  label: string;
  answers: readonly { id: string; text: string }[];
  onAnswer: (id: string) => void;
}) {
  return (
    <div role="group" aria-label={label} className="grid grid-cols-2 gap-2">
      {answers.map(({ id, text }) => (
        <Button key={id} size="bench" onClick={() => onAnswer(id)}>
          {text.charAt(0).toUpperCase() + text.slice(1)}
        </Button>
      ))}
    </div>
  );
}
