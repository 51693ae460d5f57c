import { ArrowUp } from "lucide-react";
import type { PackPhotos } from "../api/client";
import { Button } from "../ui/Button";
import { t } from "../words";
import type { HandOverDesk } from "./useHandOver";

const roles: readonly { of: PackPhotos; name: string }[] = [
  { of: "before", name: t("handOver.before") },
  { of: "after", name: t("handOver.after") },
  { of: "work", name: t("handOver.work") },
];

/** Which photos of the work go into the pack, where, and in which order. */
export function PhotosPane({ desk, job }: { desk: HandOverDesk; job: string }) {
  const { view } = desk;
  if (!view) return null;
  const chosenAs = (of: PackPhotos) => view.chosen.find((chosen) => chosen.of === of)?.photos ?? [];
  const put = (of: PackPhotos, photos: readonly string[]) =>
    void desk.add({ kind: "chosen", of, photos: [...photos] } as never);
  return (
    <div className="grid content-start gap-3" data-photos>
      {view.photos.length === 0 && <p>{t("handOver.noPhotos")}</p>}
      {view.photos.map(({ photo, caption }) => (
        <figure key={photo} className="border border-seam bg-slab p-2">
          <img
            src={`/api/jobs/${job}/photos/${photo}`}
            alt={caption || t("handOver.photo")}
            className="max-h-40 w-full object-contain"
          />
          <figcaption className="text-sm">{caption}</figcaption>
          <div className="mt-1 flex flex-wrap gap-1">
            {roles.map(({ of, name }) => {
              const photos = chosenAs(of);
              const at = photos.indexOf(photo);
              return (
                <span key={of} className="flex">
                  <Button
                    aria-pressed={at >= 0}
                    disabled={desk.busy}
                    onClick={() =>
                      put(of, at >= 0 ? photos.filter((one) => one !== photo) : [...photos, photo])
                    }
                  >
                    {at >= 0 ? t("handOver.placeInOrder", { name, place: at + 1 }) : name}
                  </Button>
                  {at > 0 && (
                    <Button
                      look="quiet"
                      aria-label={t("handOver.earlier", { name })}
                      disabled={desk.busy}
                      onClick={() => put(of, photos.with(at, photos[at - 1] ?? "").with(at - 1, photo))}
                    >
                      <ArrowUp size={16} aria-hidden />
                    </Button>
                  )}
                </span>
              );
            })}
          </div>
        </figure>
      ))}
    </div>
  );
}
