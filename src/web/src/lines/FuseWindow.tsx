import { Minus, Plus } from "lucide-react";
import { memo } from "react";
import type { Fuse, FuseWindow as Window } from "../api/client";
import { Button } from "../ui/Button";
import { choiceLook } from "../ui/Field";
import { amps } from "../ui/figures/figures";
import { useWidth } from "../ui/useWidth";
import { fuseName } from "../ui/words";
import { t } from "../words";
import { fuseStep } from "./steps";

/** Drawn at the width that there is, so that its words stay as large as others; until that is known at this. */
const usualWidth = 620;
const left = 8;
const axis = 62;

/** One scale of amps: the load below, the wire above, the standard ratings between. */
export const FuseWindow = memo(function FuseWindow({
  window,
  wireName,
  onTake,
}: {
  window: Window;
  wireName: string | undefined;
  onTake?: (fuse: Fuse) => void;
}) {
  const [box, room] = useWidth("window");
  const width = room || usualWidth;
  const right = width - 8;
  const place = (value: number) => left + ((right - left) * value) / window.scaleAmps;
  const visible = window.ratings.filter((mark) => mark.ratingAmps <= window.scaleAmps);
  const taken = window.ratings.find((mark) => mark.taken);
  const lower = fuseStep(window, -1);
  const higher = fuseStep(window, 1);

  return (
    <div className="grid gap-1" ref={box}>
      <svg viewBox={`0 0 ${width} 108`} className="w-full" role="img" aria-label={window.sentence}>
        <rect
          x={left}
          y={axis - 16}
          width={right - left}
          height={16}
          fill="var(--granite)"
          stroke="var(--seam)"
        />
        <rect
          x={left}
          y={axis - 16}
          width={place(window.designAmps) - left}
          height={16}
          fill="var(--loss-out)"
        />
        <rect
          x={place(window.designAmps)}
          y={axis - 16}
          width={place(window.fromAmps) - place(window.designAmps)}
          height={16}
          fill="var(--loss-out)"
          opacity={0.4}
        />
        {window.wireAmps !== null && window.wireAmps > window.fromAmps && (
          <rect
            x={place(window.fromAmps)}
            y={axis - 16}
            width={place(window.wireAmps) - place(window.fromAmps)}
            height={16}
            fill="var(--lichen)"
            opacity={0.75}
          />
        )}
        <Label
          x={place(window.designAmps)}
          y={14}
          width={width}
          text={t("lines.load", { designAmps: amps(window.designAmps) })}
          line={axis - 16}
        />
        <Label
          x={place(window.fromAmps)}
          y={28}
          width={width}
          text={t("lines.withMargin", { fromAmps: amps(window.fromAmps) })}
          line={axis - 16}
        />
        {window.wireAmps !== null && (
          <Label
            x={place(window.wireAmps)}
            y={42}
            width={width}
            text={`${wireName} ${amps(window.wireAmps)}`}
            line={axis - 16}
          />
        )}
        {visible.map((mark, index) => {
          const x = place(mark.ratingAmps);
          const previous = visible[index - 1];
          const crowded = previous !== undefined && x - place(previous.ratingAmps) < 26 && !mark.taken;
          return (
            <g key={`${mark.family} ${mark.ratingAmps}`}>
              <line x1={x} x2={x} y1={axis} y2={axis + (mark.inside ? 12 : 7)} stroke="var(--ink)" />
              {mark.taken && (
                <path
                  d={`M${x - 7} ${axis + 38} L${x} ${axis + 28} L${x + 7} ${axis + 38} Z`}
                  fill="var(--ink)"
                />
              )}
              {!crowded && (
                <text
                  x={x}
                  y={axis + 25}
                  textAnchor="middle"
                  fontSize={mark.taken ? 14 : 12}
                  fontWeight={mark.taken ? 700 : 400}
                  fill={mark.inside || mark.taken ? "var(--ink)" : "var(--dust)"}
                  className="font-figure"
                >
                  {mark.ratingAmps}
                </text>
              )}
            </g>
          );
        })}
      </svg>
      <p className={window.empty ? "font-semibold text-oxide" : "text-dust"}>{window.sentence}</p>
      {onTake && (
        <div className="flex flex-wrap items-center gap-2">
          <Button
            aria-label={t("lines.oneFuseLower")}
            disabled={!lower}
            onClick={() => lower && onTake(lower)}
          >
            <Minus size={18} aria-hidden />
          </Button>
          <label className="inline-flex items-center gap-2">
            <span className="text-sm text-dust">{t("lines.fuse")}</span>
            <select
              className={choiceLook}
              value={taken ? fuseName(taken) : ""}
              onChange={(event) => {
                const mark = window.ratings.find((candidate) => fuseName(candidate) === event.target.value);
                if (mark) onTake({ ratingAmps: mark.ratingAmps, family: mark.family });
              }}
            >
              {!taken && <option value="">{t("lines.none")}</option>}
              {window.ratings.map((mark) => (
                <option key={fuseName(mark)} value={fuseName(mark)}>
                  {fuseName(mark)}
                </option>
              ))}
            </select>
          </label>
          <Button
            aria-label={t("lines.oneFuseHigher")}
            disabled={!higher}
            onClick={() => higher && onTake(higher)}
          >
            <Plus size={18} aria-hidden />
          </Button>
        </div>
      )}
    </div>
  );
});

/** A word over its place on the scale, kept within the drawing. */
function Label({
  x,
  y,
  width,
  text,
  line,
}: {
  x: number;
  y: number;
  width: number;
  text: string;
  line: number;
}) {
  const anchor = x > width * 0.6 ? "end" : "start";
  return (
    <g>
      <line x1={x} x2={x} y1={y - 9} y2={line} stroke="var(--ink)" strokeWidth={1.5} />
      <text x={x + (anchor === "start" ? 4 : -4)} y={y} fontSize={13} textAnchor={anchor} fill="var(--ink)">
        {text}
      </text>
    </g>
  );
}
