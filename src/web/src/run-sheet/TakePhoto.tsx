import { Camera } from "lucide-react";

/** Takes a photograph, or one from a file. */
export function TakePhoto({ label, onTake }: { label: string; onTake: (picture: File) => void }) {
  return (
    <label className="inline-flex min-h-11 cursor-pointer items-center gap-2 rounded-sm border border-edge bg-slab px-3 font-medium focus-within:outline-3 focus-within:outline-lichen hover:bg-lichen-shade">
      <Camera size={18} aria-hidden /> {label}
      <input
        type="file"
        accept="image/jpeg,image/png,image/webp"
        capture="environment"
        className="sr-only"
        onChange={(event) => {
          const picture = event.target.files?.[0];
          if (picture) onTake(picture);
          event.target.value = "";
        }}
      />
    </label>
  );
}
