using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>What is set before a lid goes on or a switch is tied away.</summary>
internal static class Settings
{
    public static void Set(Draft draft)
    {
        var joined = draft.Of(Stage.Join, Stage.JoinInside);
        foreach (var box in draft.Rig.PowerBoxes.Where(box => !draft.IsExisting(box.Id)))
            draft.Add(new SheetStep($"set-{box.Id}", Stage.Settings, RunSheetWords.FormatSetBox(PartNames.Small(draft.Names[box.Id])), RunSheetWords.SetBoxWhy)
            {
                About = [box.Id],
                Task = WorkTask.Part,
                Share = 0.2,
                After = [$"fix-{box.Id}", .. joined.Where(id => id == $"join-{box.Id}")],
                How = [.. Slots(box), RunSheetWords.FormatBacklight(PanelWords(box.Panel.Backlight)), RunSheetWords.SetThenLid],
                Asks = [Ask.Yes("set", RunSheetWords.EverySettingIsSet), Ask.Yes("legends", RunSheetWords.LegendsAreIn)],
                Facts = [.. FactsOf(box)],
            });
        foreach (var own in draft.Rig.Switches.Where(own => own.Positions[0].Joins.Count > 0 && !draft.IsExisting(own.Id)))
            draft.Add(new SheetStep($"set-{own.Id}", Stage.Settings, RunSheetWords.FormatSwitchLeftOn(PartNames.Small(draft.Names[own.Id])), RunSheetWords.SwitchLeftOnWhy)
            {
                About = [own.Id],
                After = [$"fix-{own.Id}"],
                Asks = [Ask.Yes("on", RunSheetWords.SwitchIsOn)],
            });
    }

    /// <summary>Slot by slot: legend, how it answers, what it follows.</summary>
    public static IEnumerable<string> Slots(PowerBox box) => box.Outputs.OrderBy(output => output.Slot ?? int.MaxValue).Select(output => RunSheetWords.FormatSlotIs(
        Format.Capital(box.OutputName(output)), output.Legend.Length > 0 ? output.Legend : RunSheetWords.NoLegend, ModeWords(output.Mode), string.Join(", ", Follows(output))));

    public static IEnumerable<Fact> FactsOf(PowerBox box) => box.Outputs.Select(output => new Fact(
        $"{box.Id}.{output.Id}", Format.Capital(box.OutputName(output)),
        string.Join(", ", new[] { output.Legend, ModeWords(output.Mode) }.Concat(Follows(output)).Where(word => word.Length > 0))));

    private static IEnumerable<string> Follows(BoxOutput output)
    {
        yield return output.Follows == Feed.Ignition ? RunSheetWords.FollowsKey : RunSheetWords.FollowsBattery;
        if (output.TimeOutMinutes is { } minutes) yield return RunSheetWords.FormatOffAfter(minutes);
    }

    private static string ModeWords(OutputMode mode) => mode switch
    {
        OutputMode.Latching => RunSheetWords.Latching,
        OutputMode.Momentary => RunSheetWords.Momentary,
        OutputMode.FlashSlow => RunSheetWords.FlashSlow,
        OutputMode.FlashFast => RunSheetWords.FlashFast,
        OutputMode.Strobe => RunSheetWords.Strobe,
        _ => RunSheetWords.CutOff,
    };

    private static string PanelWords(Backlight light) => light switch
    {
        Backlight.Off => RunSheetWords.BacklightOff,
        Backlight.White => RunSheetWords.BacklightWhite,
        Backlight.Amber => RunSheetWords.BacklightAmber,
        Backlight.Red => RunSheetWords.BacklightRed,
        Backlight.Green => RunSheetWords.BacklightGreen,
        _ => RunSheetWords.BacklightBlue,
    };
}
