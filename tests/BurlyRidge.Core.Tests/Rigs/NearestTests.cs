using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Rigs;

/// <summary>A field that refuses says what would do.</summary>
public class NearestTests
{
    private static string Said(Rig rig, string path) => RigValidation.Validate(rig).Single(problem => problem.Path == path).Message;

    private static Rig Wire(string wire) => GoodRigs.Bar with { Runs = [GoodRigs.Bar.Runs[0] with { Wire = wire }, .. GoodRigs.Bar.Runs.Skip(1)] };

    [Theory]
    [InlineData("13 AWG", "12 AWG")]
    [InlineData("2.4mm2", "2.5 mm²")]
    [InlineData("7 mm²", "6 mm²")]
    [InlineData("sae 11", "SAE 10")]
    public void The_nearest_wire_of_its_kind(string written, string nearest) =>
        Assert.EndsWith($"The nearest is {nearest}.", Said(Wire(written), "runs[0].wire"), StringComparison.Ordinal);

    [Fact]
    public void A_wire_of_no_kind_has_no_nearest() => Assert.Equal("There is no wire called thick.", Said(Wire("thick"), "runs[0].wire"));

    [Fact]
    public void The_nearest_end_of_a_range_and_the_nearest_fuse()
    {
        var rig = GoodRigs.Bar with { Relays = [GoodRigs.Bar.Relays[0] with { ContactAmps = 2000 }] };
        Assert.EndsWith("The nearest is 1000 A.", Said(rig, "relays[0].contactAmps"), StringComparison.Ordinal);
        rig = GoodRigs.Bar with { Protection = [GoodRigs.Bar.Protection[0] with { Fuse = new Fuse(17, FuseFamily.Blade) }, .. GoodRigs.Bar.Protection.Skip(1)] };
        Assert.EndsWith("The nearest is 15 A blade.", Said(rig, "protection[0].fuse"), StringComparison.Ordinal);
    }
}
