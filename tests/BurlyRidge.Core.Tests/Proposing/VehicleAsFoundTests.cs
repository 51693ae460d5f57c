using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Proposing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Proposing;

/// <summary>A vehicle as it comes in.</summary>
public class VehicleAsFoundTests
{
    private static readonly VehicleAsFound Pickup = new(BodyKind.DualCab)
    {
        DriverSide = Side.Right,
        BatteryAmpHours = 95,
        AlternatorAmps = 140,
        Outputs = [30, 15, 10],
        Leads = [new SpareLead("2.5 mm²", 5, "blue", "engine bay", "tray")],
        Taps = [new TappedSlot(15, 4, "Socket")],
        Lamps = [new LampThere("Old bar", "grille-slot", 60, MayMove: true), new LampThere("Rear pods", "rear-left", 18, 2)],
        Switches = [new SwitchThere("Fog switch", "dash-blank")],
        ReversingPin = true,
    };

    [Fact]
    public void All_of_it_is_in_the_rig()
    {
        var rig = Pickup.On(Rig.Empty(12, UnitSystem.Metric));
        Assert.Empty(Pickup.Problems());
        Assert.Empty(RigValidation.Validate(rig));
        Assert.Equal((Side.Right, 95, 140), (rig.Body!.DriverSide, rig.Vehicle.Batteries[0].CapacityAmpHours, rig.Vehicle.Alternator!.CruiseAmps));
        Assert.Equal([30, 15, 10], rig.Vehicle.AuxOutputs.Select(output => output.RatingAmps));
        Assert.Equal(["grille-slot", "rear-left", "rear-right", "dash-blank"], rig.Places.Select(place => place.At));
        Assert.Contains(Assert.Single(rig.Switches).Id, rig.OnVehicle);
        Assert.All(rig.Lines, line => Assert.True(line.Existing));
        Assert.Equal(["old-bar"], rig.Wishes.MayMove);
        Assert.Equal(0, AssessedRig.Of(rig).Assessment.Tally.Stop);
    }

    /// <summary>What is there is planned round, and used.</summary>
    [Fact]
    public void A_plan_goes_by_it()
    {
        var rig = Pickup.On(Rig.Empty(12, UnitSystem.Metric));
        rig = rig with { Wishes = rig.Wishes with { Lights = [new Wish(LightWanted.BackingUp), new Wish(LightWanted.Verge)] } };
        var plan = ProposalSet.Of(rig, Proposed.Trade).All[0];
        Assert.Contains("already", Assert.Single(plan.NotMet).Why, StringComparison.Ordinal);
        Assert.Equal("factory-output", Assert.Single(plan.Lines).Planned.Start);
        Assert.Equal(2, plan.Rig.Lines.Count(line => line.Existing));
    }

    [Theory]
    [InlineData("outputs[0]")]
    [InlineData("lamps[0].mount")]
    [InlineData("switches[0].at")]
    [InlineData("leads[0].wire")]
    [InlineData("taps[0].ratingAmps")]
    [InlineData("batteryAmpHours")]
    [InlineData("alternatorAmps")]
    public void What_cannot_be_is_named(string field)
    {
        var wrong = new VehicleAsFound(BodyKind.Van) { Outputs = [0], Switches = [new SwitchThere("Switch", "nowhere")], Lamps = [new LampThere("Pod", "tray-rail", 10)], Leads = [new SpareLead("thick", 1, "", "", "")], Taps = [new TappedSlot(0, 0, "Socket")], BatteryAmpHours = 1, AlternatorAmps = 1 };
        Assert.Contains(field, wrong.Problems().Select(problem => problem.Path));
    }
}
