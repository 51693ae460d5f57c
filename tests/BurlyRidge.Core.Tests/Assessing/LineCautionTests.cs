using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Assessing;

public class LineCautionTests
{
    private static IReadOnlyList<string> Said(Rig rig, LineUse use) =>
        Assessor.Assess(rig with { Lines = [rig.Lines[0] with { Use = use }, .. rig.Lines.Skip(1)] }).Lines[0].Cautions;

    [Fact]
    public void A_line_of_no_stated_use_has_none() => Assert.Empty(Said(GoodRigs.Bar, LineUse.Unsaid));

    [Fact]
    public void Driving_light_defers_to_local_law_and_a_cover_is_fitted_for_the_road()
    {
        Assert.Contains("Local law", Assert.Single(Said(GoodRigs.Bar, LineUse.Forward)), StringComparison.Ordinal);
        var covered = GoodRigs.Bar with { Fixtures = [GoodRigs.Bar.Fixtures[0] with { Covered = true }] };
        Assert.Contains(Said(covered, LineUse.Forward), said => said.StartsWith("Fit the covers", StringComparison.Ordinal));
    }

    [Fact]
    public void White_light_to_the_rear_on_its_own_switch_is_told_and_red_or_with_reverse_is_not()
    {
        Assert.Single(Said(GoodRigs.Bar, LineUse.Rear));
        var red = GoodRigs.Bar with { Fixtures = [GoodRigs.Bar.Fixtures[0] with { Functions = [GoodRigs.Bar.Fixtures[0].Functions[0] with { Colour = LightColour.Red }] }] };
        Assert.Empty(Said(red, LineUse.Rear));
        var reverse = GoodRigs.Beam with { Runs = [.. GoodRigs.Beam.Runs.Select(run => run.From == "highBeam.plus" ? run with { From = "reverse.plus" } : run)] };
        Assert.Empty(Said(reverse, LineUse.Rear));
    }

    [Fact]
    public void A_flashing_output_is_told()
    {
        var flashing = GoodRigs.Box with { PowerBoxes = [GoodRigs.Box.PowerBoxes[0] with { Outputs = [.. GoodRigs.Box.PowerBoxes[0].Outputs.Select(output => output with { Mode = OutputMode.Strobe })] }] };
        Assert.Contains(Said(flashing, LineUse.Unsaid), said => said.StartsWith("Flashing", StringComparison.Ordinal));
        Assert.Empty(Said(GoodRigs.Box, LineUse.Unsaid));
    }
}
