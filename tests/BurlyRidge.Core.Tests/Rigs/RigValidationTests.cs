using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Rigs;

public class RigValidationTests
{
    private static readonly LinePlan Good = Make.Line(60, 3);

    private static Rig With(params LinePlan[] plans) => Rig.Empty(12, UnitSystem.Metric) with
    {
        Lines = [.. plans.Select((plan, i) => new Line($"line-{i}", $"Line {i}", plan))],
    };

    private static string[] Paths(Rig rig) => [.. RigValidation.Validate(rig).Select(problem => problem.Path)];

    [Fact]
    public void A_usual_rig_has_no_problem() => Assert.Empty(Paths(With(Good)));

    public static TheoryData<string, LinePlan> Bad => new()
    {
        { "lines[0].plan.oneWayMetres", Good with { OneWayMetres = 0 } },
        { "lines[0].plan.oneWayMetres", Good with { OneWayMetres = -1 } },
        { "lines[0].plan.oneWayMetres", Good with { OneWayMetres = double.NaN } },
        { "lines[0].plan.oneWayMetres", Good with { OneWayMetres = double.PositiveInfinity } },
        { "lines[0].plan.oneWayMetres", Good with { OneWayMetres = 100.1 } },
        { "lines[0].plan.zones", Good with { Zones = [] } },
        { "lines[0].plan.bundled", Good with { Bundled = 0 } },
        { "lines[0].plan.bundled", Good with { Bundled = 101 } },
        { "lines[0].plan.insulationCelsius", Good with { InsulationCelsius = 90 } },
        { "lines[0].plan.chosenWire", Good with { ChosenWire = "13 AWG" } },
        { "lines[0].plan.chosenFuse", Good with { ChosenFuse = new Fuse(12, FuseFamily.Blade) } },
        { "lines[0].plan.lamps", Good with { Lamps = [] } },
        { "lines[0].plan.lamps[0]", Good with { Lamps = [null!] } },
        { "lines[0].plan.lamps[0].count", Good with { Lamps = [new(LampKind.Filament, 0, 55)] } },
        { "lines[0].plan.lamps[0].watts", Good with { Lamps = [new(LampKind.Filament, 1)] } },
        { "lines[0].plan.lamps[0].watts", Good with { Lamps = [new(LampKind.Filament, 1, 55, 4)] } },
        { "lines[0].plan.lamps[0].watts", Good with { Lamps = [new(LampKind.Filament, 1, 0)] } },
        { "lines[0].plan.lamps[0].watts", Good with { Lamps = [new(LampKind.Filament, 1, double.NaN)] } },
        { "lines[0].plan.lamps[0].watts", Good with { Lamps = [new(LampKind.Filament, 1, 5001)] } },
        { "lines[0].plan.lamps[0].amps", Good with { Lamps = [new(LampKind.Filament, 1, Amps: -2)] } },
        { "lines[0].plan.lamps[0].amps", Good with { Lamps = [new(LampKind.Filament, 1, Amps: 1e300)] } },
        { "lines[0].plan.lamps[0].atVolts", Good with { Lamps = [new(LampKind.RegulatedLed, 1, 55, AtVolts: 0)] } },
    };

    [Theory]
    [MemberData(nameof(Bad))]
    public void Nonsense_is_refused_by_its_field(string path, LinePlan plan) => Assert.Equal([path], Paths(With(plan)));

    [Fact]
    public void Every_problem_is_named_at_once() => Assert.Equal(
        ["vehicle.systemVolts", "houseRules.marginFraction", "lines[0].plan.oneWayMetres", "lines[1].id", "lines[1].name"],
        Paths(With(Good) with
        {
            Vehicle = Vehicle.Usual(12) with { SystemVolts = 36, Alternator = null },
            HouseRules = new HouseRules { MarginFraction = -1 },
            Lines = [new Line("a", "A line", Good with { OneWayMetres = -3 }), new Line("a", "", Good)],
        }));

    [Fact]
    public void A_document_of_another_shape_is_refused() =>
        Assert.Contains("schemaVersion", Paths(With(Good) with { SchemaVersion = 99 }));
}
