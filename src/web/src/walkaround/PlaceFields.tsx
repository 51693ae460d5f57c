import type { Rig } from "../api/client";
import { noErrors } from "../api/problems";
import { placeTable } from "../fields/bodyTables";
import { Fields } from "../fields/Fields";
import type { RigEditor } from "../job/rigEditor";
import { withPlace } from "../job/rigEdits";
import { ChoiceField } from "../ui/ChoiceField";
import { t } from "../words";

/** Where a part sits, what holds it there, and where its terminals point. */
export function PlaceFields({
  editor,
  rig,
  id,
  name,
  lamp = false,
}: {
  editor: RigEditor;
  rig: Rig;
  /** As places name it: a part, or "box.panel". */
  id: string;
  name: string;
  /** Whether mounts are offered too. */
  lamp?: boolean;
}) {
  const place = rig.places?.find(({ part }) => part === id);
  const offered = [
    ...(rig.body?.spaces ?? []),
    ...(rig.body?.stations ?? []),
    ...(lamp ? (rig.body?.mounts ?? []) : []),
  ];
  return (
    <div className="grid gap-2" data-place={id}>
      <ChoiceField
        label={t("walkaround.sitsAt2", { name })}
        value={place?.at ?? ""}
        options={[
          { value: "", label: t("walkaround.notPlacedOrAsUsual") },
          ...offered.map(({ id: at, name: label }) => ({ value: at, label })),
        ]}
        onChange={(at) => void editor.do({ kind: "placePart", part: id, at: at || null })}
      />
      {place && !lamp && (
        <Fields
          table={placeTable}
          value={place}
          errors={noErrors}
          onChange={(change) => editor.edit((now) => withPlace(now, id, change))}
        />
      )}
    </div>
  );
}
