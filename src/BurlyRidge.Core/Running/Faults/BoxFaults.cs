using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Power boxes and their settings.</summary>
internal static class BoxFaults
{
    public static IReadOnlyList<FaultKind> Kinds { get; } =
    [
        new("sense-missing", part => FaultWords.FormatSenseMissing(part), rig => rig.PowerBoxes.Where(box => Rewiring.Wired(rig, $"{box.Id}.sense")).Select(box => new FaultSite(box.Id, [.. rig.Runs.Where(run => run.Ends().Contains($"{box.Id}.sense")).Select(run => new Fault.Open(run.Id))]))),
        new("box-minus-on-body", part => FaultWords.FormatBoxMinusOnBody(part), rig => rig.PowerBoxes.Where(box => Rewiring.Wired(rig, $"{box.Id}.minus")).Select(box => new FaultSite(box.Id) { Alter = before => before with { Runs = [.. before.Runs.Select(run => run.From == $"{box.Id}.minus" ? run with { To = Vehicle.Body } : run.To == $"{box.Id}.minus" ? run with { From = Vehicle.Body } : run)] } })),
        new("output-dead", part => FaultWords.FormatOutputDead(part), rig => Outputs(rig).Select(one => new FaultSite(one.Id, new Fault.Stuck($"{one.Box.Id}.{one.Output.Id}-contact", Closed: false)))),
        new("output-follows-wrong", part => FaultWords.FormatOutputFollowsWrong(part), rig => Outputs(rig).Select(one => new FaultSite(one.Id) { Alter = With(one.Box, one.Output with { Follows = one.Output.Follows == Feed.Ignition ? Feed.Battery : Feed.Ignition }) })),
        new("output-mode-wrong", part => FaultWords.FormatOutputModeWrong(part), rig => Outputs(rig).Where(one => one.Output.WorkedBy == WorkedBy.Slot).Select(one => new FaultSite(one.Id) { Alter = With(one.Box, one.Output with { Mode = one.Output.Mode == OutputMode.Latching ? OutputMode.FlashSlow : OutputMode.Latching }) })),
    ];

    private static IEnumerable<(string Id, PowerBox Box, BoxOutput Output)> Outputs(Rig rig) => rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => ($"{box.Id}.{output.Id}", box, output)));

    private static Func<Rig, Rig> With(PowerBox box, BoxOutput output) => rig => rig with
    {
        PowerBoxes = [.. rig.PowerBoxes.Select(other => other.Id != box.Id ? other : other with { Outputs = [.. other.Outputs.Select(own => own.Id == output.Id ? output : own)] })],
    };
}
