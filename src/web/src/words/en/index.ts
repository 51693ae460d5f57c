import api from "./api.json";
import app from "./app.json";
import beam from "./beam.json";
import bench from "./bench.json";
import fields from "./fields.json";
import frame from "./frame.json";
import glossary from "./glossary.json";
import handOver from "./handOver.json";
import help from "./help.json";
import job from "./job.json";
import lines from "./lines.json";
import panel from "./panel.json";
import powerUp from "./powerUp.json";
import quickSize from "./quickSize.json";
import runSheet from "./runSheet.json";
import training from "./training.json";
import ui from "./ui.json";
import walkaround from "./walkaround.json";
import wishes from "./wishes.json";
import yard from "./yard.json";

/** Every sentence of the pages, by the folder that says it. */
export const en = {
  api,
  app,
  beam,
  bench,
  fields,
  frame,
  glossary,
  handOver,
  help,
  job,
  lines,
  panel,
  powerUp,
  quickSize,
  runSheet,
  training,
  ui,
  walkaround,
  wishes,
  yard,
};
