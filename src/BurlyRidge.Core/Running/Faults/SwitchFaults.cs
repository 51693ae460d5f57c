using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Switches in the cab.</summary>
internal static class SwitchFaults
{
    public static IReadOnlyList<FaultKind> Kinds { get; } =
    [
        new("switch-dead", part => FaultWords.FormatSwitchDead(part), rig => rig.Switches.Where(own => Pairs(own).Any()).Select(own => new FaultSite(own.Id, [.. Pairs(own).Select(pair => pair.Ordered()).Distinct().Select(pair => new Fault.Stuck($"{own.Id}.{pair.A}-{pair.B}", Closed: false))]))),
        new("switch-pins-swapped", part => FaultWords.FormatSwitchPinsSwapped(part), rig =>
            from own in rig.Switches
            let pins = own.Pins().Distinct().Where(pin => Rewiring.Wired(rig, $"{own.Id}.{pin}")).ToList()
            where pins.Count > 1
            select new FaultSite(own.Id) { Alter = before => Rewiring.Swap(before, $"{own.Id}.{pins[0]}", $"{own.Id}.{pins[^1]}") }),
        new("switch-lamp-earthed", part => FaultWords.FormatSwitchLampEarthed(part), rig =>
            from own in rig.Switches
            from lamp in own.Lamps.Take(1)
            let minus = $"{own.Id}.{lamp.Minus}"
            where !Rewiring.Wired(rig, minus)
            select new FaultSite(own.Id, new Fault.ShortToEarth(minus))),
    ];

    private static IEnumerable<PinPair> Pairs(Switch own) => own.Positions.SelectMany(position => position.Joins);
}
