import { useEffect, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { Frame } from "../frame/Frame";
import { SearchField } from "../ui/SearchField";
import { t } from "../words";
import { terms } from "./glossary";

/** Every term with what it means here. */
export function GlossaryPage() {
  const [asked] = useSearchParams();
  const [text, setText] = useState("");
  const wanted = text.trim().toLowerCase();
  const shown = terms.filter(({ name, says }) => `${name} ${says}`.toLowerCase().includes(wanted));
  const term = asked.get("term");
  useEffect(() => {
    document.title = t("help.glossaryBurlyRidge");
    if (term) document.getElementById(`term-${term}`)?.scrollIntoView({ block: "center" });
    return () => {
      document.title = t("help.burlyRidge");
    };
  }, [term]);
  return (
    <Frame>
      <div className="mx-auto max-w-3xl px-4 py-5">
        <div className="mb-3 flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-2xl font-bold">{t("help.glossary")}</h1>
          <Link to="/" className="inline-flex min-h-11 items-center underline">
            {t("help.backToTheYard")}
          </Link>
        </div>
        <SearchField name={t("help.searchTheGlossary")} text={text} onChange={setText} />
        {shown.length === 0 && <p className="mt-3">{t("help.noTermMatches")}</p>}
        <dl className="mt-3 grid gap-px border border-seam bg-seam">
          {shown.map(({ id, name, says }) => (
            <div
              key={id}
              id={`term-${id}`}
              className={`grid gap-x-4 px-3 py-2 sm:grid-cols-[12rem_1fr] ${id === term ? "bg-lichen-shade" : "bg-slab"}`}
            >
              <dt className="font-semibold">{name}</dt>
              <dd>{says}</dd>
            </div>
          ))}
        </dl>
      </div>
    </Frame>
  );
}
