import { t } from "../../words";

const months = [
  t("ui.jan"),
  t("ui.feb"),
  t("ui.mar"),
  t("ui.apr"),
  t("ui.may"),
  t("ui.jun"),
  t("ui.jul"),
  t("ui.aug"),
  t("ui.sep"),
  t("ui.oct"),
  t("ui.nov"),
  t("ui.dec"),
];

/** "2027-01-15" as 15 Jan 2027: no reader takes the month for the day. */
export const day = (text: string) => {
  const [year, month, date] = text.split("-").map(Number);
  return `${date} ${months[(month ?? 1) - 1]} ${year}`;
};

/** A moment as a person of this machine says it. */
export const moment = (text: string) => {
  const at = new Date(text);
  const two = (number: number) => String(number).padStart(2, "0");
  return `${at.getDate()} ${months[at.getMonth()]} ${at.getFullYear()}, ${two(at.getHours())}:${two(at.getMinutes())}`;
};
