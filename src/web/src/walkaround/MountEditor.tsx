import { FlipHorizontal2, Trash2 } from "lucide-react";
import type { Mount, Rig } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { mountTable } from "../fields/bodyTables";
import { Fields } from "../fields/Fields";
import type { RigEditor } from "../job/rigEditor";
import { withMount } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { Details } from "../ui/Details";
import { t } from "../words";

/** One mount as a tape finds it: its room, how it holds, what it carries, what has to stay free, what comes off. */
export function MountEditor({
  editor,
  rig,
  mount,
  errors,
}: {
  editor: RigEditor;
  rig: Rig;
  mount: Mount;
  errors: FieldErrors;
}) {
  const named = (list: readonly { id: string; name: string }[] | undefined) =>
    (list ?? []).map(({ id, name }) => ({ value: id, label: name }));
  return (
    <Details summary={t("walkaround.measures")} wrong={Object.keys(errors).length > 0}>
      <div className="grid gap-3">
        <Fields
          table={mountTable}
          value={mount}
          errors={errors}
          options={{
            station: named(rig.body?.stations),
            pairOf: named(rig.body?.mounts).filter(({ value }) => value !== mount.id),
          }}
          onChange={(change) => editor.edit((now) => withMount(now, mount.id, change))}
        />
        <div className="flex flex-wrap gap-2">
          <Button look="quiet" onClick={() => void editor.do({ kind: "mirrorMount", mount: mount.id })}>
            <FlipHorizontal2 size={16} aria-hidden /> {t("walkaround.mirrorItToTheOther")}
          </Button>
          <Button look="quiet" onClick={() => void editor.do({ kind: "removeMount", mount: mount.id })}>
            <Trash2 size={16} aria-hidden /> {t("walkaround.removeThisMount")}
          </Button>
        </div>
      </div>
    </Details>
  );
}
