using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Checks;

public class UnspecifiedTests
{
    private static Check Judged(Rig rig, string id) => RigChecks.Judge(RigSubject.Of(rig)).First(check => check.Id == id);

    private static Rig With(Func<Vehicle, Vehicle> change) => GoodRigs.Beam with { Vehicle = change(GoodRigs.Beam.Vehicle) };

    [Fact]
    public void A_check_says_which_figure_nobody_entered_and_what_it_took()
    {
        var rig = With(vehicle => vehicle with { Alternator = new Alternator(CruiseAmps: 90), HouseLoadAmps = 10 });
        var check = Judged(rig, "alternator-idle");
        Assert.Equal(45, check.Limit);
        var only = Assert.Single(check.RestsOn);
        Assert.Equal("vehicle.alternator.idleAmps", only.Field);
        Assert.Contains("45 A", only.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void What_was_entered_is_not_told()
    {
        var rig = With(vehicle => vehicle with { Alternator = new Alternator(14.2, 50, 90), HouseLoadAmps = 10 });
        Assert.Empty(Judged(rig, "alternator-idle").RestsOn);
        Assert.Empty(Judged(rig, "alternator-cruise").RestsOn);
    }

    [Fact]
    public void Of_a_signal_that_is_not_taken_nothing_is_told()
    {
        var told = Judged(With(vehicle => vehicle with { HighBeam = new SignalLamp { Watts = 110 } }), "signal-load").RestsOn;
        Assert.Equal(["vehicle.highBeam.moduleDriven", "vehicle.highBeam.fuseAmps"], told.Select(figure => figure.Field));
        Assert.DoesNotContain(Judged(GoodRigs.Beam, "harness-style").RestsOn, figure => figure.Field.Contains("reverse", StringComparison.Ordinal));
    }

    /// <summary>AGM 1.1, flooded 1.3 (common practice, no source).</summary>
    [Fact]
    public void The_kind_of_a_battery_gives_its_exponent_unless_somebody_did()
    {
        Assert.Equal(1.1, new Battery("b") { Kind = BatteryKind.Agm }.Exponent);
        Assert.Equal(1.3, new Battery("b") { Kind = BatteryKind.Flooded }.Exponent);
        Assert.Equal(1.25, new Battery("b") { Kind = BatteryKind.Agm, PeukertExponent = 1.25 }.Exponent);
    }
}
