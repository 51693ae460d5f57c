using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using CsCheck;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>Random lines on random vehicles, all of them valid.</summary>
internal static class AnyLine
{
    public static readonly Gen<LampSet> Lamps = Gen.Select(
        Gen.Enum<LampKind>(), Gen.Int[1, 6], Gen.Double[0.5, 300],
        (kind, count, watts) => new LampSet(kind, count, watts));

    private static readonly Gen<Zone[]> Zones = Gen.Enum<Zone>().Array[1, 3];

    public static readonly Gen<LinePlan> Line = Gen.Select(
        Lamps.Array[1, 3], Gen.Double[0.1, 20], Gen.Enum<ReturnPath>(), Zones, Gen.OneOf(75, 105), Gen.Enum<Trigger>(), Gen.Int[1, 30],
        (lamps, metres, path, zones, insulation, trigger, bundled) =>
            new LinePlan(lamps, metres, path, zones, insulation, trigger, bundled));

    public static readonly Gen<HouseRules> Rules = Gen.Select(
        Gen.Enum<GaugeSystem>(), Gen.Double[0, 1], Gen.Double[0.6, 1], Gen.Double[0.02, 0.2],
        (gauges, margin, fuseLoad, drop) => new HouseRules
        {
            Gauges = gauges,
            MarginFraction = margin,
            FuseLoadFraction = fuseLoad,
            DropLimitRegulatedLed = drop,
            DropLimitOther = drop,
        });

    public static readonly Gen<(LinePlan Line, HouseRules Rules, int Volts)> OnVehicle =
        Gen.Select(Line, Rules, Gen.OneOf(12, 24));
}
