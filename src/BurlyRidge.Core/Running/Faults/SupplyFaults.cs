using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Batteries, alternator, chargers.</summary>
internal static class SupplyFaults
{
    /// <summary>A clamp that can be turned by hand, Ω (assumed, no source).</summary>
    private const double LooseOhms = 0.1;

    private const double FlatCharge = 0.01;

    public static IReadOnlyList<FaultKind> Kinds { get; } =
    [
        new("post-loose", part => FaultWords.FormatPostLoose(part), rig => rig.Vehicle.Batteries.Select(battery => new FaultSite(battery.Id, new Fault.AddedResistance($"{battery.Id}.strap", LooseOhms)))),
        new("battery-off", part => FaultWords.FormatBatteryOff(part), rig => rig.Vehicle.Batteries.Select(battery => new FaultSite(battery.Id, new Fault.Open($"{battery.Id}.strap")))),
        new("battery-flat", part => FaultWords.FormatBatteryFlat(part), rig => rig.Vehicle.Batteries.Select(battery => new FaultSite(battery.Id) { Alter = before => before with { Vehicle = before.Vehicle with { Batteries = [.. before.Vehicle.Batteries.Select(other => other.Id == battery.Id ? other with { StateOfCharge = FlatCharge } : other)] } } })),
        new("alternator-dead", _ => FaultWords.AlternatorDead, rig => rig.Vehicle.Alternator is null ? [] : [new FaultSite("alternator", new Fault.Open("alternator"))]),
        new("converter-dead", part => FaultWords.FormatConverterDead(part), rig => rig.Converters.Select(converter => new FaultSite(converter.Id, new Fault.Open(converter.Id), new Fault.Open($"{converter.Id}.input")))),
    ];
}
