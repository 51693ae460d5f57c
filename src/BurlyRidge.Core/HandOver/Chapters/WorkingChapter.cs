using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.HandOver.Chapters;

/// <summary>How to work it: what turns each light on, which need the key, which stay on, and how long on the battery.</summary>
internal static class WorkingChapter
{
    private const double MostHours = 48;

    public static Chapter Of(PackSource source)
    {
        var panel = PanelView.Of(source.Assessed);
        var blocks = new List<Block>();
        foreach (var bank in panel.Banks)
        {
            blocks.Add(new Block.Heading(bank.Name));
            if (bank.Sense.Length > 0) blocks.Add(new Block.Paragraph(bank.Sense));
            blocks.Add(new Block.Table([PackWords.Slot, PackWords.Lights, PackWords.KeyGoesOff],
                [.. bank.Slots.Select(slot => (IReadOnlyList<string>)[Slot(source, slot), slot.Lines.Count == 0 ? PackWords.NothingOnIt : Format.And(slot.Lines.Select(line => line.Name)), slot.KeyOff])]));
        }
        blocks.Add(new Block.Heading(PackWords.LightByLight));
        blocks.Add(new Block.Table([PackWords.Line, PackWords.TurnedOn, PackWords.KeyOff, PackWords.OnBattery], [.. source.Assessed.Study.Lines.Select(line => Row(source, line))]));
        foreach (var line in source.Saved.Lines)
            if (source.Own.Said(OwnWords.Line(line.Id)) is { Count: > 0 } said)
            {
                blocks.Add(new Block.Heading(line.Name));
                blocks.AddRange(said.Select(sentence => new Block.Paragraph(sentence)));
            }
        return new Chapter("working", PackWords.HowToWorkIt, blocks);
    }

    private static string Slot(PackSource source, PanelSlot slot)
    {
        var (box, output) = TerminalIndex.Split(slot.Output);
        var legend = source.Rig.PowerBoxes.FirstOrDefault(one => one.Id == box)?.Outputs.FirstOrDefault(one => one.Id == output)?.Legend ?? source.Rig.Vehicle.AuxOutputs.FirstOrDefault(one => one.Id == slot.Output)?.Legend ?? "";
        return legend.Length > 0 ? $"{slot.Name}: {legend}" : slot.Name;
    }

    private static IReadOnlyList<string> Row(PackSource source, LineStudy line)
    {
        if (line.Trigger.On is not { } on) return [line.Line.Name, PackWords.NothingTurnsItOn, "", ""];
        var words = Said(source, on);
        var ways = line.Trigger.BySignal.Select(pair => Said(source, pair.Value)).Where(other => other != words).Distinct().Select(PackWords.FormatOrBy);
        // What a signal of the vehicle works goes as that goes.
        var signal = Enum.GetValues<Signal>().Where(on.Has).Select(one => one.Word()).ToList();
        var stays = signal.Count == 0 && StaysOn(line, on);
        return
        [
            line.Line.Name, string.Join(" ", ways.Prepend($"{words}.")),
            signal.Count > 0 ? PackWords.FormatGoesWith(Format.And(signal)) : !on.Key ? PackWords.WorksWithKeyOff : stays ? PackWords.StaysOn : PackWords.GoesOff,
            stays ? Hours(source, line) : "",
        ];
    }

    private static string Said(PackSource source, RigState state) => StandWords.Together(StandWords.Of(source.Rig, source.Names, state, []));

    /// <summary>Left as it is and the key turned off: whether it still burns.</summary>
    private static bool StaysOn(LineStudy line, RigState on)
    {
        if (!on.Key) return true;
        var off = HarnessCompiler.Solve(line.Slice, on with { Key = false, Engine = Engine.Off }, HarnessCompiler.Solve(line.Slice, on).Contacts);
        return line.Lamps.Any(lamp => off.IsLit(lamp.Id, lamp.Function));
    }

    private static string Hours(PackSource source, LineStudy line)
    {
        var amps = line.Lamps.Sum(lamp => Math.Abs(line.Off.Amps(lamp.Id)));
        var hours = amps > 0 ? Peukert.HoursToHalf(source.Rig.Vehicle.Batteries[0], amps) : double.PositiveInfinity;
        return hours > MostHours ? PackWords.MoreThanTwoDays : PackWords.FormatHoursToHalf(Format.Hours(hours));
    }
}
