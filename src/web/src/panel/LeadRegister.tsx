import { Link } from "react-router";
import type { PanelView, PassThrough, Rig } from "../api/client";
import { length } from "../ui/figures/figures";
import { useNames } from "../ui/names";
import { useUnits } from "../ui/units";
import { t } from "../words";

/** Where each spare lead goes, its colour at every place, and what is joined to it; entered on the Electrics sheet. */
export function LeadRegister({
  jobId,
  rig,
  register,
}: {
  jobId: string;
  rig: Rig;
  register: PanelView["register"];
}) {
  const units = useUnits();
  const nameOf = useNames();
  const leads = rig.vehicle.passThroughs ?? [];
  return (
    <section aria-label={t("panel.colourRegister")} className="grid gap-2 border border-seam bg-slab p-3">
      <h3 className="text-lg font-semibold">{t("panel.colourRegisterOfTheSpare")}</h3>
      {leads.length === 0 ? (
        <p className="text-dust">{t("panel.noSpareLeadsAreWritten")}</p>
      ) : (
        <table className="w-full text-left text-sm">
          <thead>
            <tr>
              <th className="py-1 pr-3">{t("panel.lead")}</th>
              <th className="py-1 pr-3">{t("panel.size")}</th>
              <th className="py-1 pr-3">{t("panel.fromThroughTo")}</th>
              <th className="py-1 pr-3">{t("panel.joined")}</th>
              <th className="py-1">{t("panel.carries")}</th>
            </tr>
          </thead>
          <tbody>
            {leads.map((lead) => {
              const joined = register.find(({ id }) => id === lead.id);
              return (
                <tr key={lead.id} data-lead={lead.id} className="border-t border-seam align-top">
                  <td className="py-1 pr-3 font-medium">{nameOf(lead.id)}</td>
                  <td className="py-1 pr-3 whitespace-nowrap">
                    {lead.wire}, {length(lead.lengthMetres, units)}
                  </td>
                  <td className="py-1 pr-3">{stops(lead).join(" · ")}</td>
                  <td className="py-1 pr-3">
                    {joined && (joined.near || joined.far)
                      ? t("panel.atItsFirstEndAt", {
                          near: joined.near || "nothing",
                          far: joined.far || "nothing",
                        })
                      : t("panel.nothing")}
                  </td>
                  <td className="py-1">{joined?.lines.join(", ") || t("panel.nothing")}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
      <Link className="underline" to={`/jobs/${jobId}/walkaround?electrics=all`}>
        {t("panel.enterOutputsAndSpareLeads")}
      </Link>
    </section>
  );
}

/** Every place that a lead can be reached at, with its colour there. */
const stops = (lead: PassThrough) =>
  [
    { place: lead.fromPlace, colour: lead.colour },
    ...(lead.passes ?? []),
    { place: lead.toPlace, colour: lead.farColour || lead.colour },
  ].map(({ place, colour }) => `${place || t("panel.notSpecified")} (${colour || t("panel.noColour")})`);
