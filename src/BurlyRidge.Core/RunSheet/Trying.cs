using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>Lines tried before a lead goes through the bulkhead, and all of them once they are wired.</summary>
internal static class Trying
{
    private const string Window = "try";

    public static void BeforeTheBulkhead(Draft draft)
    {
        var crossing = draft.Runs.Where(run => draft.Holes(run).Count > 0).ToList();
        var joints = draft.Of(Stage.Join);
        if (crossing.Count == 0 || joints.Count == 0) return;
        draft.Add(new SheetStep("window-try-open", Stage.Try, draft.BatteryOff ? RunSheetWords.GoLiveToTry : RunSheetWords.FuseInToTry, RunSheetWords.GoLiveToTryWhy)
        {
            After = [.. joints, .. draft.Of(Stage.Lay, Stage.Fix, Stage.Earth)],
            Hold = Hold.WindowOpens,
            Window = Window,
            EndedBy = "window-try-close",
            How = [RunSheetWords.TryFeedHow],
            Tools = [RunSheetWords.FusedTestLead],
            Asks = [Ask.Yes("tails", RunSheetWords.TailsAreCapped), Ask.Yes("ends", RunSheetWords.NoEndCanTouch)],
            Leaves =
            [
                new Standing(StandingKind.Live, "", RunSheetWords.LiveForTrying, ["window-try-close"]),
                new Standing(StandingKind.LiveEnd, crossing[0].Id, RunSheetWords.FormatTailsBeforeBulkhead(Format.Count(crossing.Count, RunSheetWords.WireWord, RunSheetWords.WiresWord)), ["window-try-close"]),
            ],
        });
        draft.Add(new SheetStep("window-try-lines", Stage.Try, RunSheetWords.TryLinesBefore, RunSheetWords.TryLinesBeforeWhy)
        {
            About = [.. draft.Lines.SelectMany(line => line.Lamps()).Distinct()],
            After = ["window-try-open"],
            Window = Window,
            How = [RunSheetWords.TryLinesHow, .. draft.Lines.Select(line => line.Name)],
            Asks = [Ask.Yes("lit", RunSheetWords.EveryLightIsLit)],
        });
        Isolating.Close(draft, "window-try-close", Stage.Try, Window, ["window-try-open", "window-try-lines"]);
    }

    /// <summary>Steps that put in the lamps, wires and parts of a line.</summary>
    private static IEnumerable<string> Work(Draft draft, Line line)
    {
        var runs = draft.RunsOf(line).ToList();
        var ids = runs.SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).Concat(runs.Select(run => run.Id)).Concat(line.Lamps()).ToHashSet(StringComparer.Ordinal);
        ids.ExceptWith(draft.Rig.Vehicle.Batteries.Select(battery => battery.Id));
        return draft.About(ids).Where(step => step.Stage is Stage.Mount or Stage.Fix or Stage.Earth or Stage.Lay or Stage.Join or Stage.Feed or Stage.JoinInside).Select(step => step.Id);
    }

    public static void Lines(Draft draft)
    {
        var live = draft.Of(Stage.Live);
        var triggers = draft.Assessed.Study.Lines.ToDictionary(study => study.Line.Id, study => study.Trigger, StringComparer.Ordinal);
        foreach (var line in draft.Lines)
        {
            var on = triggers.GetValueOrDefault(line.Id)?.On;
            Signal? signal = on?.HasSignal() == true ? Enum.GetValues<Signal>().First(on.Has) : null;
            draft.Add(new SheetStep($"test-{line.Id}", Stage.Test, RunSheetWords.FormatTestLine(line.Name), RunSheetWords.TestWhy)
            {
                About = [.. line.Lamps()],
                Task = WorkTask.Line,
                Share = 3,
                After = live,
                Hold = Hold.DarkWithoutTrigger,
                How = [RunSheetWords.TestFuseFirst],
                Asks =
                [
                    Ask.Yes("lit", RunSheetWords.EveryLightIsLit),
                    Ask.Yes("dark", signal is { } pulls ? RunSheetWords.FormatDarkWithoutSignal(pulls.Word()) : RunSheetWords.DarkWithSwitchOff),
                ],
                Facts = [.. draft.RunsOf(line).Select(run => new Fact(run.Id, draft.Names.Wire(run), run.Wire))],
                LapsesWith = [.. Work(draft, line)],
            });
        }
        foreach (var box in draft.Rig.PowerBoxes.Where(box => box.Outputs.Any(output => output.WorkedBy == WorkedBy.Slot) && !draft.IsExisting(box.Id)))
            draft.Add(new SheetStep($"press-{box.Id}", Stage.Test, RunSheetWords.FormatPressSlots(PartNames.Small(draft.Names[box.Id])), RunSheetWords.PressSlotsWhy)
            {
                About = [box.Id],
                After = live,
                Hold = Hold.SlotsPressed,
                How = [.. Settings.Slots(box)],
                Asks = [Ask.Yes("legend", RunSheetWords.EachSlotDoesAsItSays), Ask.Yes("key-on", RunSheetWords.RightWithKeyOn), Ask.Yes("key-off", RunSheetWords.RightWithKeyOff)],
                Facts = [.. Settings.FactsOf(box)],
                LapsesWith = [.. new[] { $"set-{box.Id}", $"join-{box.Id}", $"fix-{box.Id}" }.Where(draft.Has)],
            });
    }
}
