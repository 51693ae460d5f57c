import { stored } from "../frame/stored";

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
    title: "The Yard",
    words:
      "Each card is a job: the vehicle with its lamps, whose it is, and how many checks say Stop or Watch. We take the first one.",
    marks: "article",
  },
  {
    title: "Walkaround: where it goes",
    words:
      "Press a mount to see what fits there. Drag a lamp to another mount. Lengths of wire follow from the routes.",
    stage: "walkaround",
    marks: "[aria-label='The vehicle']",
  },
  {
    title: "Lines: one circuit from source to earth",
    words:
      "Choose a line on the left. The strip shows every part of it in order; press one to open it on the right.",
    stage: "lines",
    marks: "[aria-label='Strip and ridge']",
  },
  {
    title: "States",
    words:
      "Every figure is worked out in a state: engine on or off, this line alone or everything on. The ridge below the strip shows where volts are lost.",
    stage: "lines",
    marks: "section[aria-label='State']",
  },
  {
    title: "The part that is open",
    words:
      "Fuse window and wire ladder show what fits. One press takes another size, and all figures follow at once.",
    stage: "lines",
    marks: "[aria-label='Inspector']",
  },
  {
    title: "Checks, history and help",
    words:
      "Press the counts to read every check by its cause. Nothing is lost: undo, or go back in the history. The question mark has shortcuts and the glossary.",
    stage: "lines",
    marks: "header",
  },
];
