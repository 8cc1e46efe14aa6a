import { useShowLength } from '@/ui/units/display-unit';
import { PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { plain } from './plain';
import { useUnits } from './use-units';

/** The pitch diameter aimed at, within its band. */
export function TargetField() {
  const { read } = usePlanning();
  const units = useUnits();
  const show = useShowLength();
  const { limits } = read.evaluation;
  return (
    <PlanTextField
      field="proof.target"
      label="Target pitch diameter"
      unit={units.thread}
      proposed={plain(read.defaults?.targetPitchDiameter)}
      hint={
        limits === null
          ? undefined
          : `Band ${show.figures(limits.pitchDiameter.min, units.thread)} – ${show.figures(limits.pitchDiameter.max, units.thread)}.`
      }
    />
  );
}
