using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Earths.</summary>
internal static class EarthFaults
{
    /// <summary>A ring on paint, Ω (assumed, no source).</summary>
    private const double PaintOhms = 1;

    public static IReadOnlyList<FaultKind> Kinds { get; } =
    [
        new("earth-on-paint", part => FaultWords.FormatEarthOnPaint(part), rig => rig.Earths.Where(earth => earth.Kind == EarthKind.Stud).Select(earth => new FaultSite(earth.Id, new Fault.AddedResistance(earth.Id, PaintOhms)))),
        new("earth-off", part => FaultWords.FormatEarthOff(part), rig => rig.Earths.Select(earth => new FaultSite(earth.Id, new Fault.Open(earth.Id)))),
        new("factory-earth-off", part => FaultWords.FormatFactoryEarthOff(part), rig => VehicleSignal.All(rig.Vehicle).Where(signal => !signal.Lamp.ToEarth).Select(signal => new FaultSite(signal.Name, new Fault.Open($"{signal.Name}.return")))),
    ];
}
