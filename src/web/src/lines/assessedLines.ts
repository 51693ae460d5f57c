import type { Assessment, Line, LineAssessment, Rig } from "../api/client";

/** The rig's lines, each with its assessment once there is one. */
export type AssessedLines = readonly { line: Line; assessment: LineAssessment | undefined }[];

export function assessedLines(rig: Rig, assessment: Assessment): AssessedLines {
  const byId = new Map(assessment.lines.map((entry) => [entry.id, entry.assessment]));
  return rig.lines.map((line) => ({ line, assessment: byId.get(line.id) ?? undefined }));
}
