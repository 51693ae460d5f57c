import { Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import type { Body, Rig } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { holeTable, laneTable, spaceTable, stationTable } from "../fields/bodyTables";
import { Fields, type Options } from "../fields/Fields";
import type { FieldTable } from "../fields/table";
import type { RigEditor } from "../job/rigEditor";
import { withBody } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { Details } from "../ui/Details";
import { t } from "../words";
import { leaningOn, newLane, newSpace, newStation } from "./bodyEdits";

type List = "stations" | "lanes" | "spaces";

/** Stations, lanes and locations as measured on the vehicle: changed, added, removed. */
export function BodyLists({ editor, rig, errors }: { editor: RigEditor; rig: Rig; errors: FieldErrors }) {
  const stations = (rig.body?.stations ?? []).map(({ id, name }) => ({ value: id, label: name }));
  const nameOf = (id: string) => stations.find(({ value }) => value === id)?.label ?? id;
  return (
    <>
      <OneList
        editor={editor}
        rig={rig}
        errors={errors}
        list="stations"
        title={t("walkaround.stations")}
        another={t("walkaround.addAStation")}
        blank={newStation}
        nameOf={({ name }) => name ?? ""}
        tableOf={(station) => (station.kind === "grommet" ? { ...stationTable, ...holeTable } : stationTable)}
        stays={(id) => {
          const leaning = leaningOn(rig, id).map(({ name }) => name);
          return leaning.length > 0
            ? t("walkaround.wiresOfLeaveHereIt", { list: leaning.join(", ") })
            : undefined;
        }}
        remove={(station) => void editor.do({ kind: "removeStation", station })}
      />
      <OneList
        editor={editor}
        rig={rig}
        errors={errors}
        list="lanes"
        title={t("walkaround.lanes")}
        another={t("walkaround.addALane")}
        blank={newLane}
        nameOf={({ from, to }) => t("walkaround.to", { from: nameOf(from ?? ""), to: nameOf(to ?? "") })}
        tableOf={() => laneTable}
        options={{ from: stations, to: stations }}
        remove={(lane) => void editor.do({ kind: "removeLane", lane })}
      />
      <OneList
        editor={editor}
        rig={rig}
        errors={errors}
        list="spaces"
        title={t("walkaround.locationsForParts")}
        another={t("walkaround.addALocation")}
        blank={newSpace}
        nameOf={({ name }) => name ?? ""}
        tableOf={() => spaceTable}
        options={{ station: stations }}
        remove={(space) => void editor.do({ kind: "removeSpace", space })}
      />
    </>
  );
}

type Entry = { id: string; name?: string; kind?: string; from?: string; to?: string };

function OneList({
  editor,
  rig,
  errors,
  list,
  title,
  another,
  blank,
  nameOf,
  tableOf,
  options,
  stays,
  remove,
}: {
  editor: RigEditor;
  rig: Rig;
  errors: FieldErrors;
  list: List;
  title: string;
  another: string;
  blank: (rig: Rig) => Entry;
  nameOf: (entry: Entry) => string;
  tableOf: (entry: Entry) => FieldTable;
  options?: Options;
  /** Why an entry cannot be removed. */
  stays?: (id: string) => string | undefined;
  remove: (id: string) => void;
}) {
  const entries: readonly Entry[] = rig.body?.[list] ?? [];
  const [added, setAdded] = useState<string>();
  const wrong = (at: number) => Object.keys(under(errors, `body.${list}[${at}]`)).length > 0;
  const set = (next: (entries: readonly Entry[]) => readonly Entry[]) =>
    editor.edit((now) => withBody(now, { [list]: next(now.body?.[list] ?? []) } as Partial<Body>));
  return (
    <Details
      summary={
        <>
          {title} ({entries.length})
        </>
      }
      wrong={entries.some((_, at) => wrong(at))}
    >
      <div className="grid gap-2" data-body-list={list}>
        {entries.map((entry, at) => {
          const kept = stays?.(entry.id);
          return (
            <Details plain key={entry.id} summary={nameOf(entry)} wrong={wrong(at)} open={entry.id === added}>
              <fieldset className="grid gap-2" data-body-entry={entry.id}>
                <legend className="sr-only">{nameOf(entry)}</legend>
                <Fields
                  table={tableOf(entry)}
                  value={entry}
                  errors={under(errors, `body.${list}[${at}]`)}
                  options={options}
                  onChange={(change) =>
                    set((all) =>
                      all.map((other) => (other.id === entry.id ? { ...other, ...change } : other)),
                    )
                  }
                />
                {kept ? (
                  <p className="text-sm text-dust">{kept}</p>
                ) : (
                  <Button look="quiet" className="justify-self-start" onClick={() => remove(entry.id)}>
                    <Trash2 size={16} aria-hidden /> {t("walkaround.remove", { entry: nameOf(entry) })}
                  </Button>
                )}
              </fieldset>
            </Details>
          );
        })}
        <Button
          className="justify-self-start"
          disabled={list !== "stations" && (rig.body?.stations ?? []).length < 2}
          onClick={() => {
            const entry = blank(rig);
            set((all) => [...all, entry]);
            setAdded(entry.id);
          }}
        >
          <Plus size={18} aria-hidden /> {another}
        </Button>
      </div>
    </Details>
  );
}
