import type { AssessedLine, Assessment, Line, Rig } from "../api/client";

/** The rig's lines, each with its assessment once there is one. */
export type AssessedLines = readonly { line: Line; found: AssessedLine | undefined }[];

export function assessedLines(rig: Rig, assessment: Assessment): AssessedLines {
  const byId = new Map(assessment.lines.map((entry) => [entry.id, entry]));
  return rig.lines.map((line) => ({ line, found: byId.get(line.id) }));
}
