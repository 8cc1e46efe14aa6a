import { LatheFieldsOf, LathePart } from './lathe-form-context';

/** Name, compound with its swivel scale, cross slide, and how large the lathe is. */
export function SlidesTab() {
  return (
    <div className="grid grid-cols-4 items-start gap-5 tablet:grid-cols-2">
      <LathePart title="Compound">
        <LatheFieldsOf part="compound" />
      </LathePart>
      <LathePart title="Swivel scale">
        <LatheFieldsOf part="swivel" />
      </LathePart>
      <LathePart title="Cross slide">
        <LatheFieldsOf part="cross-slide" />
      </LathePart>
      <LathePart title="Size">
        <LatheFieldsOf part="size" />
      </LathePart>
    </div>
  );
}
