import { stored } from "../frame/stored";
import { t } from "../words";

/** Whether the tour was offered on this browser. */
export const tourOffered = stored("tour", ["no", "yes"], "no");

/** Which step of the tour is on; "off" where none is. */
export const tourStep = stored("tour-step", ["off", "0", "1", "2", "3", "4", "5"], "off");

export type TourStep = {
  title: string;
  words: string;
  /** Where it is shown, of a job; undefined: the Yard. */
  stage?: string;
  /** What is ringed. */
  marks: string;
};

export const tour: readonly TourStep[] = [
  {
    title: t("help.theYard"),
    words: t("help.eachCardIsAJob"),
    marks: "article",
  },
  {
    title: t("help.walkaroundWhereItGoes"),
    words: t("help.pressAMountToSee"),
    stage: "walkaround",
    marks: "[data-tour=vehicle]",
  },
  {
    title: t("help.linesOneCircuitFromSource"),
    words: t("help.chooseALineOnThe"),
    stage: "lines",
    marks: "[data-tour=strip]",
  },
  {
    title: t("help.states"),
    words: t("help.everyFigureIsWorkedOut"),
    stage: "lines",
    marks: "[data-tour=state]",
  },
  {
    title: t("help.thePartThatIsOpen"),
    words: t("help.fuseWindowAndWireLadder"),
    stage: "lines",
    marks: "[data-tour=inspector]",
  },
  {
    title: t("help.checksHistoryAndHelp"),
    words: t("help.pressTheCountsToRead"),
    stage: "lines",
    marks: "header",
  },
];
