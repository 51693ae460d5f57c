import type { Dashboard, TesterReading, TesterSetting } from "../api/client";
import { TesterDisplay } from "../power-up/TesterDisplay";
import { type Tester, TesterPlaces, testerSettings } from "../power-up/TesterPlaces";
import { Button } from "../ui/Button";
import { t } from "../words";

const inTheBox: readonly TesterSetting[] = ["volts", "ohms", "clamp", "testLamp"];

const settings = testerSettings.filter(({ value }) => inTheBox.includes(value));

/** A meter and a test lamp: held anywhere, and read once for each time that is paid for. */
export function MeterPane({
  board,
  tester,
  reading,
  onHold,
  onRead,
}: {
  board: Dashboard;
  tester: Tester;
  reading: TesterReading | null | undefined;
  onHold: (change: Partial<Tester>) => void;
  onRead: () => void;
}) {
  return (
    <div className="grid gap-2">
      <TesterPlaces board={board} tester={tester} settings={settings} onHold={onHold} />
      <Button data-tester-read onClick={onRead}>
        {t("training.read")}
      </Button>
      <TesterDisplay reading={reading} />
    </div>
  );
}
