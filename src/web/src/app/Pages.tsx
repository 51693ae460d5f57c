import { Link, Route, Routes } from "react-router";
import { Frame } from "../frame/Frame";
import { JobPage } from "../job/JobPage";
import { QuickSizePage } from "../quick-size/QuickSizePage";
import { Notice } from "../ui/Notice";
import { YardPage } from "../yard/YardPage";

export function Pages() {
  return (
    <Routes>
      <Route path="/" element={<YardPage />} />
      <Route path="/quick-size" element={<QuickSizePage />} />
      <Route path="/jobs/:jobId/:stage" element={<JobPage />} />
      <Route
        path="*"
        element={
          <Frame>
            <Notice title="There is no such page.">
              <Link to="/" className="underline">
                Back to the Yard
              </Link>
            </Notice>
          </Frame>
        }
      />
    </Routes>
  );
}
