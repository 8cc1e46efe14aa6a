import { capital } from '@/core/measuring/gauging/measuring-words';
import type { NutReckoning } from '@/core/measuring/nut/reckon-nut';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { onDial } from './on-dial';
import { useShowLength } from '@/ui/units/display-unit';

const PLACES: Record<NutReckoning['againstLimits'], string> = {
  over: 'over the limits',
  'may-be-over': 'may still be over the limits',
  inside: 'inside the limits',
  'may-be-under': 'may be under the limits',
  under: 'under the limits',
  unknown: 'the class stays unknown',
};

const SAYS: Record<NutReckoning['says'], string> = {
  'go-on': '',
  stop: 'Stop here: no further infeed that could not lose it.',
  'measure-crest-first': 'Measure the outside first: a large or burred crest holds the nut too.',
  'crest-in-the-way': 'The crest is over its limit: take burrs and crest down before you cut deeper.',
  'look-first':
    'Answers against each other: look for a burr, a short run-out, a wrong pitch, or the nut’s own burr.',
  'warns-of-undersize': 'Stop: it wobbles, the thread is likely too small.',
};

/** What the answers so far say: the bracket, and what to take next on this dial. */
export function NutSays({ sheet, nut }: { sheet: Sheet; nut: NonNullable<Prediction['nut']> }) {
  const show = useShowLength();
  const { unit } = sheet.thread;
  const { pitchDiameter, againstLimits, nextInfeed, says } = nut.reckoning;
  const bound = (value: number | null) => (value === null ? 'open' : show.figures(value, unit));

  const { graduation } = sheet.lathe.dial;
  const next = nextInfeed === null ? null : onDial(sheet, nextInfeed);
  const title = sheet.proof.find(({ id }) => id === nut.evidenceId)?.title ?? capital(sheet.words.mate);
  return (
    <section
      aria-label={`What the ${title.toLowerCase()} says`}
      className="grid gap-1 border-l-4 border-brass bg-brass-wash p-2.5"
    >
      <p>
        <strong>{title}:</strong>{' '}
        {pitchDiameter.min === null && pitchDiameter.max === null ? (
          'no bracket for the pitch diameter yet.'
        ) : (
          <>
            pitch diameter{' '}
            <span className="figures">
              {bound(pitchDiameter.min)} – {bound(pitchDiameter.max)}
            </span>
            , {PLACES[againstLimits]}.
          </>
        )}
      </p>
      {next !== null && (
        <p>
          Take <strong className="figures text-2xl">{next}</strong> {graduation.unit} more, then try again.
        </p>
      )}
      {SAYS[says] !== '' && <p>{SAYS[says]}</p>}
    </section>
  );
}
