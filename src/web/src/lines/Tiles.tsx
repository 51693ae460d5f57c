import type { ReactNode } from "react";
import type { LineAssessment } from "../api/client";
import { Button } from "../ui/Button";
import { amps, copper, percent, volts } from "../ui/figures/figures";
import { fuseName } from "../ui/words";
import { t } from "../words";

/** The five answers: current, wire, fuse, relay, volts at the lamp. */
export function Tiles({
  answer,
  onProposedWire,
  onProposedFuse,
}: {
  answer: LineAssessment;
  onProposedWire?: () => void;
  onProposedFuse?: () => void;
}) {
  const { wire, fuse, relay, lampVolts } = answer;
  return (
    <dl className="grid grid-cols-2 gap-px border border-seam bg-seam md:grid-cols-5">
      <Tile
        id="Current"
        name={t("lines.tileCurrent")}
        figure={amps(answer.designAmps)}
        below={t("lines.atMostNominal", { loadAmps: amps(answer.loadAmps) })}
      />
      <Tile
        id="Wire"
        name={t("lines.tileWire")}
        figure={wire?.name ?? t("lines.noneWillDo")}
        below={
          wire
            ? t("lines.copper", { copperSquareMillimetres: copper(wire.copperSquareMillimetres) })
            : t("lines.seeTheChecks")
        }
      >
        {wire?.byHand && onProposedWire && (
          <Proposal onClick={onProposedWire} name={wire.proposedName ?? t("lines.noneProposed")} />
        )}
      </Tile>
      <Tile
        id="Fuse"
        name={t("lines.tileFuse")}
        figure={fuse ? fuseName(fuse) : t("lines.noneWillDo")}
        below={fuse?.margin ?? t("lines.seeTheChecks")}
      >
        {fuse?.byHand && onProposedFuse && (
          <Proposal
            onClick={onProposedFuse}
            name={fuse.proposed ? fuseName(fuse.proposed) : t("lines.noneProposed")}
          />
        )}
      </Tile>
      <Tile
        id="Relay"
        name={t("lines.tileRelay")}
        figure={
          relay.ratingAmps
            ? `${relay.ratingAmps} A`
            : relay.needed
              ? t("lines.noneWillDo")
              : t("lines.notNeeded")
        }
        below={relay.margin}
      />
      <Tile
        id="At the lamp"
        name={t("lines.tileAtTheLamp")}
        figure={lampVolts === null ? "—" : volts(lampVolts)}
        below={
          wire ? t("lines.lost", { dropFraction: percent(wire.dropFraction) }) : t("lines.noWireNoFigure")
        }
      />
    </dl>
  );
}

function Tile({
  id,
  name,
  figure,
  below,
  children,
}: {
  id: string;
  name: string;
  figure: string;
  below: string;
  children?: ReactNode;
}) {
  return (
    <div className="bg-slab px-3 py-2">
      <dt className="text-sm text-dust">{name}</dt>
      <dd>
        <span data-figure={id} className="block font-figure text-lg leading-6 font-semibold">
          {figure}
        </span>
        <span className="block text-sm text-dust">{below}</span>
        {children}
      </dd>
    </div>
  );
}

function Proposal({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <Button className="mt-1 w-full text-left text-sm leading-tight" onClick={onClick}>
      {t("lines.useTheProposal", { name })}
    </Button>
  );
}
