const months = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

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
