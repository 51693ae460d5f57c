using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>Panels, factory outputs and spare leads of a rig, with what hangs on them.</summary>
/// <param name="Banks">Power boxes in the rig's order, then the vehicle's own outputs.</param>
/// <param name="Register">Which spare lead goes where, by its colour.</param>
public sealed record PanelView(IReadOnlyList<PanelBank> Banks, IReadOnlyList<RegisterEntry> Register)
{
    private const double MinAmps = 0.02;

    /// <summary>Looks at the panels of a rig.</summary>
    public static PanelView Of(AssessedRig assessed)
    {
        var (rig, study) = (assessed.Whole.Saved, assessed.Study);
        var (left, called) = (study.State("left").Solved, study.Names);
        var lines = rig.Lines.ToDictionary(line => line.Id, line => line.Name, StringComparer.Ordinal);
        PanelSlot Slot(string output, string terminal, string fuse, double rating, string keyOff) => new(
            output, called[output], rating, study.Design(fuse).Amps, study.Design(fuse).Amps / rating,
            [.. study.LinesOf(fuse).Where(lines.ContainsKey).Select(id => new PanelLine(id, lines[id]))],
            study.Map.RunsAt(terminal).Any(), left.Harness.Has(fuse) && Math.Abs(left.Amps(fuse)) > MinAmps, keyOff);

        var banks = rig.PowerBoxes.Select(box =>
        {
            var sensed = study.Map.RunsAt($"{box.Id}.sense").Any();
            return new PanelBank(box.Id, called[box.Id], sensed, SenseWords(box, sensed), rig.HouseRules.FuseLoadFraction, box.TotalAmps, box.Outputs.Sum(output => study.Design($"{box.Id}.{output.Id}-fuse").Amps),
            [
                .. box.Outputs.OrderBy(output => output.Slot ?? int.MaxValue).Select(output => Slot(
                    $"{box.Id}.{output.Id}", $"{box.Id}.{output.Id}", $"{box.Id}.{output.Id}-fuse", output.RatingAmps, KeyOff(output, sensed, rig, study.Design($"{box.Id}.{output.Id}-fuse").Amps))),
            ]);
        }).ToList();
        var own = rig.Vehicle.AuxOutputs;
        if (own.Count > 0)
            banks.Add(new PanelBank("", LineWords.TheVehicleSOwnOutputs, true, "", rig.HouseRules.FuseLoadFraction, null, own.Sum(output => study.Design($"{output.Id}.fuse").Amps),
                [.. own.Select(output => Slot(output.Id, $"{output.Id}.out", $"{output.Id}.fuse", output.RatingAmps, KeyOff(output)))]));
        return new PanelView(banks, [.. rig.Vehicle.PassThroughs.Select(lead => RegisterEntry.Of(study, lead))]);
    }

    private static string SenseWords(PowerBox box, bool sensed) => box.Outputs.All(output => output.WorkedBy == WorkedBy.Input)
        ? LineWords.ABoxWithoutAPanel
        : sensed ? LineWords.ItsIgnitionSenseLeadIs
        : box.Outputs.Any(output => output.Follows == Feed.Ignition) ? LineWords.ItsIgnitionSenseLeadIsWired
        : LineWords.ItsIgnitionSenseLeadIsWiredTo;

    private static string KeyOff(BoxOutput output, bool sensed, Rig rig, double amps)
    {
        if (output.WorkedBy == WorkedBy.Input) return LineWords.GoesAsItsInputGoes;
        if (output.Follows == Feed.Ignition) return !sensed ? LineWords.NeverComesOnTheSense : output.Mode == OutputMode.Momentary
            ? LineWords.DropsWithTheKeyHas
            : LineWords.DropsWithTheKeyAnd;
        if (output.Mode == OutputMode.Momentary) return LineWords.WorksWithTheKeyOff;
        if (output.TimeOutMinutes is { } minutes) return LineWords.FormatGoesOffAfterMinutes(minutes);
        var stays = amps <= MinAmps ? LineWords.StaysAsItWas : LineWords.FormatStaysOnHalfTheBattery(Format.Amps(amps), Format.Hours(HoursToHalf(rig, amps)));
        return output.Mode == OutputMode.LowVoltageCutOff ? LineWords.FormatGoesOffByItselfWhen(stays) : stays;
    }

    private static string KeyOff(AuxOutput output) => (output.Feed, output.Latching) switch
    {
        (Feed.Ignition, true) => LineWords.DeadWithTheKeyOff,
        (Feed.Ignition, false) => LineWords.DeadWithTheKeyOffHas,
        (_, true) => LineWords.FedByTheBatteryStays,
        _ => LineWords.FedByTheBatteryWorks,
    };

    private static double HoursToHalf(Rig rig, double amps) => Peukert.HoursToHalf(rig.Vehicle.Batteries[0], amps);
}

/// <summary>Outputs that belong together.</summary>
/// <param name="Id">Of the box; empty for the vehicle's own.</param>
/// <param name="Name">What they are called.</param>
/// <param name="Sensed">Whether it knows when the key goes off.</param>
/// <param name="Sense">What that means, a sentence; empty for the vehicle's own.</param>
/// <param name="LoadFraction">How far an output may be loaded.</param>
/// <param name="TotalAmps">The most in all, A; null where nobody said.</param>
/// <param name="SumAmps">What all outputs together may be asked for, A.</param>
/// <param name="Slots">In the order of the panel.</param>
public sealed record PanelBank(string Id, string Name, bool Sensed, string Sense, double LoadFraction, double? TotalAmps, double SumAmps, IReadOnlyList<PanelSlot> Slots);

/// <summary>One output with what hangs on it; legend, mode and place on the panel stand in the rig.</summary>
/// <param name="Output">"box.output", or the id of a factory output.</param>
/// <param name="Name">What it is called.</param>
/// <param name="DesignAmps">The most that it gives, A.</param>
/// <param name="Loading">The same of its rating.</param>
/// <param name="Wired">Whether anything is wired to it.</param>
/// <param name="StaysOn">Whether it gives current with the key off and everything left on.</param>
/// <param name="KeyOff">What happens when the key goes off.</param>
public sealed record PanelSlot(
    string Output, string Name, double RatingAmps, double DesignAmps, double Loading, IReadOnlyList<PanelLine> Lines, bool Wired, bool StaysOn, string KeyOff);

/// <summary>A line that an output works.</summary>
public sealed record PanelLine(string Id, string Name);

/// <summary>A spare lead of the vehicle in the wire register.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Near">What it is joined to at its first end; empty where nothing is.</param>
/// <param name="Far">At its other end.</param>
/// <param name="Lines">Names of the lines that use it.</param>
public sealed record RegisterEntry(string Id, string Name, string Near, string Far, IReadOnlyList<string> Lines)
{
    /// <summary>Reads a lead.</summary>
    public static RegisterEntry Of(RigStudy study, PassThrough lead)
    {
        var called = study.Names;
        string At(string terminal) => string.Join(", ", study.Map.RunsAt(terminal).Select(run => called.Terminal(run.From == terminal ? run.To : run.From)));
        return new RegisterEntry(lead.Id, called[lead.Id], At($"{lead.Id}.a"), At($"{lead.Id}.b"), [.. study.LinesOf(lead.Id).Select(called.Line)]);
    }
}
