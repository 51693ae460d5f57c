import { stored } from "./stored";

const theme = stored("burly-ridge-theme", ["day", "night"], "day");
document.documentElement.dataset.theme = theme.get();

export function toggleTheme() {
  theme.set(theme.get() === "day" ? "night" : "day");
  document.documentElement.dataset.theme = theme.get();
}

export const useTheme = theme.use;
