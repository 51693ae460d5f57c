using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>Covers off, each once for the whole job, and back in the reverse order.</summary>
internal static class StrippingDown
{
    public static void Off(Draft draft)
    {
        string? before = null;
        foreach (var cover in draft.Covers)
        {
            var (off, on) = (Draft.IdOf("off", cover), Draft.IdOf("on", cover));
            draft.Add(new SheetStep(off, Stage.StripDown, cover.LoosenOnly ? RunSheetWords.FormatLoosen(PartNames.Small(cover.What)) : RunSheetWords.FormatTakeOff(PartNames.Small(cover.What)), RunSheetWords.FormatComesOffFor(Format.And(For(draft, cover))))
            {
                About = Places(draft, cover),
                Task = cover.LoosenOnly ? WorkTask.LooseCover : WorkTask.Cover,
                After = before is null ? [] : [before],
                How = [RunSheetWords.CountAndBag, .. cover.LoosenOnly ? [RunSheetWords.LoosenHow] : new[] { RunSheetWords.MarkBeforeLoosening }],
                Tools = cover.FastenerKind.Length > 0 ? [RunSheetWords.FormatToolFor(cover.FastenerKind)] : [],
                Cautions = [.. Cautions(draft, cover)],
                Asks =
                [
                    Ask.Count(Ask.Fasteners, cover.FastenerKind.Length > 0 ? RunSheetWords.FormatFastenersOutOf(cover.FastenerKind) : RunSheetWords.FastenersOut, null),
                    .. cover.Unplugged.Count > 0 ? [Ask.Count("plugs", RunSheetWords.FormatUnplugged(Format.And(cover.Unplugged)), cover.Unplugged.Count)] : Array.Empty<Ask>(),
                ],
                Leaves =
                [
                    new Standing(StandingKind.CoverOff, off, cover.LoosenOnly ? RunSheetWords.FormatIsLoose(cover.What) : RunSheetWords.FormatIsOff(cover.What), [on]),
                    .. cover.Unplugged.Select(plug => new Standing(StandingKind.Unplugged, off, RunSheetWords.FormatIsUnplugged(plug), [on])),
                ],
                EndedBy = on,
                Facts = [new Fact(off, cover.What, cover.LoosenOnly ? RunSheetWords.LoosenedOnly : RunSheetWords.TakenOff)],
            });
            before = off;
        }
    }

    public static void Back(Draft draft)
    {
        string? before = null;
        foreach (var cover in draft.Covers.Reverse())
        {
            var (off, on) = (Draft.IdOf("off", cover), Draft.IdOf("on", cover));
            var behind = draft.BehindOf(cover);
            draft.Add(new SheetStep(on, Stage.Refit, cover.LoosenOnly ? RunSheetWords.FormatTighten(PartNames.Small(cover.What)) : RunSheetWords.FormatPutBack(PartNames.Small(cover.What)), RunSheetWords.PutBackWhy)
            {
                About = Places(draft, cover),
                Task = cover.LoosenOnly ? WorkTask.LooseCover : WorkTask.Cover,
                After =
                [
                    off, "tidy", .. before is null ? [] : new[] { before }, .. draft.Of(Stage.Water, Stage.Aim, Stage.Test),
                    .. draft.Steps.Where(step => step.Stage is > Stage.StripDown and < Stage.Refit && (step.About.Any(behind.Contains) || step.After.Contains(off))).Select(step => step.Id),
                ],
                Hold = Hold.AllBack,
                How = [RunSheetWords.ReverseOrder, RunSheetWords.EvenGap],
                Tools = cover.FastenerKind.Length > 0 ? [RunSheetWords.FormatToolFor(cover.FastenerKind)] : [],
                Cautions = [.. Cautions(draft, cover)],
                Asks =
                [
                    Ask.Count(Ask.Fasteners, RunSheetWords.FastenersBack, cover.Fasteners, new AskOf(off, Ask.Fasteners)),
                    .. cover.Unplugged.Count > 0 ? [Ask.Count("plugs", RunSheetWords.FormatJoinedAgain(Format.And(cover.Unplugged)), cover.Unplugged.Count, new AskOf(off, "plugs"))] : Array.Empty<Ask>(),
                ],
                Facts = [new Fact(off, cover.What, cover.LoosenOnly ? RunSheetWords.LoosenedOnly : RunSheetWords.TakenOff)],
                LapsesWith = [off],
                Meanwhile = [new Standing(StandingKind.OneBolt, on, RunSheetWords.FormatHangsOnSomeFasteners(cover.What), [on])],
            });
            before = on;
        }
    }

    /// <summary>What it is off for, and of which kind that is.</summary>
    private static IEnumerable<string> For(Draft draft, ComesOff cover) => cover.ForIds.Zip(cover.For).Select(pair =>
        draft.Rig.Body?.Mounts.Any(mount => mount.Id == pair.First) == true ? RunSheetWords.FormatForLamp(PartNames.Small(pair.Second))
        : draft.Rig.Body?.Spaces.Any(space => space.Id == pair.First) == true ? RunSheetWords.FormatForPart(PartNames.Small(pair.Second))
        : draft.Rig.Joints.Any(joint => joint.Id == pair.First) ? RunSheetWords.FormatForPickUp(PartNames.Small(pair.Second))
        : RunSheetWords.FormatForWire(PartNames.Small(pair.Second)));

    private static IReadOnlyList<string> Places(Draft draft, ComesOff cover) => [.. cover.ForIds.Where(id => draft.Rig.Body is { } body && (body.Mounts.Any(mount => mount.Id == id) || body.Spaces.Any(space => space.Id == id))).DefaultIfEmpty(cover.ForIds[0])];

    private static IEnumerable<string> Cautions(Draft draft, ComesOff cover)
    {
        if (!cover.LoosenOnly) yield return RunSheetWords.PaintCaution;
        if (cover.FastenerKind.Contains(RunSheetWords.ClipWord, StringComparison.OrdinalIgnoreCase)) yield return RunSheetWords.ClipCaution;
        if (cover.What.Contains(RunSheetWords.BumperWord, StringComparison.OrdinalIgnoreCase)) yield return RunSheetWords.SecondPerson;
        if (cover.Unplugged.Any(plug => plug.Contains(RunSheetWords.HoseWord, StringComparison.OrdinalIgnoreCase))) yield return RunSheetWords.HoseCaution;
        var lanes = draft.Runs.Where(run => cover.ForIds.Contains(run.Id)).SelectMany(run => draft.RouteOf(run)?.Route?.Lanes ?? []);
        if (lanes.Any(lane => lane.Hazards.Contains(Hazard.Airbag) && lane.Covers.Any(own => own.What.Trim().Equals(cover.What, StringComparison.OrdinalIgnoreCase)))) yield return RunSheetWords.AirbagCaution;
    }
}
