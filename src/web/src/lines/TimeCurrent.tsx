import { memo } from "react";
import type { TimeCurrentSheet } from "../api/client";
import { amps } from "../ui/figures/figures";
import { useNames } from "../ui/names";
import { useWidth } from "../ui/useWidth";
import { t } from "../words";

/** Drawn at the width that there is, so that its words stay as large as others; until that is known at this. */
const usualWidth = 520;
const height = 300;
const left = 58;
const top = 10;
const floor = height - 34;
const shortest = 0.001;
const longest = 10_000;

type Points = TimeCurrentSheet["fastest"];

/** Log over log: the fuse's band, what the wire withstands, load, inrush and short. */
export const TimeCurrent = memo(function TimeCurrent({ sheet }: { sheet: TimeCurrentSheet }) {
  const [box, room] = useWidth("curve");
  const nameOf = useNames();
  const width = Math.min(576, room || usualWidth);
  const right = width - 28;
  const seen = [
    sheet.loadAmps,
    ...[sheet.slowest, sheet.fastest, sheet.wire, sheet.inrush].flat().map((point) => point.amps),
  ];
  const from = 10 ** Math.floor(Math.log10(Math.max(0.1, Math.min(...seen))));
  const to = 10 ** Math.ceil(Math.log10(Math.max(10, sheet.nearAmps ?? 0, ...seen)));
  const x = (value: number) =>
    left +
    ((right - left) * (Math.log10(Math.max(value, from)) - Math.log10(from))) /
      (Math.log10(to) - Math.log10(from));
  const y = (seconds: number) =>
    top +
    ((floor - top) * (Math.log10(longest) - Math.log10(Math.min(longest, Math.max(shortest, seconds))))) /
      (Math.log10(longest) - Math.log10(shortest));
  const line = (points: Points) => points.map((point) => `${x(point.amps)},${y(point.seconds)}`).join(" ");
  const decades = Array.from({ length: Math.round(Math.log10(to / from)) + 1 }, (_, i) => from * 10 ** i);
  const times = [0.001, 0.01, 0.1, 1, 10, 100, 1000, 10_000];

  return (
    <figure ref={box} data-sheet={sheet.holds ? "holds" : "stop"}>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width={width}
        height={height}
        className="max-w-full border border-seam bg-slab"
        role="img"
        aria-label={sheet.sentence}
      >
        {decades.map((decade) => (
          <g key={decade}>
            <line x1={x(decade)} x2={x(decade)} y1={top} y2={floor} stroke="var(--seam)" />
            <text
              x={x(decade)}
              y={floor + 14}
              textAnchor="middle"
              fontSize={12}
              fill="var(--ink)"
              className="font-figure"
            >
              {decade} A
            </text>
          </g>
        ))}
        {times.map((time) => (
          <g key={time}>
            <line x1={left} x2={right} y1={y(time)} y2={y(time)} stroke="var(--seam)" />
            <text
              x={left - 4}
              y={y(time) + 4}
              textAnchor="end"
              fontSize={12}
              fill="var(--ink)"
              className="font-figure"
            >
              {time < 1 ? t("lines.ms", { time: time * 1000 }) : `${time} s`}
            </text>
          </g>
        ))}
        {sheet.slowest.length > 0 && (
          <polygon
            points={`${line(sheet.slowest)} ${line([...sheet.fastest].reverse())}`}
            fill="var(--loss-fuse)"
            opacity={0.35}
            stroke="var(--loss-fuse)"
          />
        )}
        <polyline points={line(sheet.wire)} fill="none" stroke="var(--loss-out)" strokeWidth={3} />
        <polyline
          points={line(sheet.inrush)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
          strokeDasharray="3 3"
        />
        <Upright x={x(sheet.loadAmps)} flips={right * 0.7} text={t("lines.load")} at={top + 10} dash="" />
        {sheet.farAmps !== null && (
          <Upright
            x={x(sheet.farAmps)}
            flips={right * 0.7}
            text={t("lines.farShort")}
            at={top + 22}
            dash="6 3"
          />
        )}
        {sheet.nearAmps !== null && (
          <Upright
            x={x(sheet.nearAmps)}
            flips={right * 0.7}
            text={t("lines.nearShort")}
            at={top + 34}
            dash="6 3"
          />
        )}
      </svg>
      <figcaption>
        <p className={sheet.holds ? "" : "font-semibold text-oxide"}>{sheet.sentence}</p>
        <p className="text-sm text-dust">
          {t("lines.bandTheFuseFastestTo", {
            part: sheet.device ? ` ${nameOf(sheet.device)}` : "",
            loadAmps: amps(sheet.loadAmps),
            farAmps:
              sheet.farAmps !== null &&
              t("lines.shortTo", {
                farAmps: amps(sheet.farAmps),
                nearAmps: amps(sheet.nearAmps ?? sheet.farAmps),
              }),
          })}
        </p>
      </figcaption>
    </figure>
  );
});

function Upright({
  x,
  flips,
  text,
  at,
  dash,
}: {
  x: number;
  /** From where on its word stands before it. */
  flips: number;
  text: string;
  at: number;
  dash: string;
}) {
  const flip = x > flips;
  return (
    <g>
      <line x1={x} x2={x} y1={top} y2={floor} stroke="var(--ink)" strokeWidth={1.5} strokeDasharray={dash} />
      <text
        x={x + (flip ? -4 : 4)}
        y={at}
        fontSize={12}
        textAnchor={flip ? "end" : "start"}
        fill="var(--ink)"
      >
        {text}
      </text>
    </g>
  );
}
