using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Checks;

/// <summary>A dark lamp is said by the first thing that is off on its way.</summary>
public class DarkLampTests
{
    private static string Why(Rig rig) => Assert.Single(RigChecks.Judge(RigSubject.Of(rig)), check => check is { Id: "line-lights", Verdict: Verdict.Stop }).Reason;

    private static Rig Without(string id) => GoodRigs.Bar with { Runs = [.. GoodRigs.Bar.Runs.Where(run => run.Id != id)] };

    [Theory]
    [InlineData("bar-minus--e", "earth side")]
    [InlineData("k-87--plug-a", "no wire joins its plus to a source")]
    [InlineData("s-out--k-86", "K is not pulled in: nothing live reaches K 86")]
    [InlineData("cf-out--s-in", "K is not pulled in: nothing live reaches K 86")]
    [InlineData("k-85--ec", "K is not pulled in: K 85 does not reach earth")]
    [InlineData("battery-plus--f-in", "no wire joins its plus to a source")]
    public void One_wire_left_off(string run, string said) => Assert.Contains(said, Why(Without(run)), StringComparison.OrdinalIgnoreCase);

    [Fact]
    public void A_coil_for_other_volts() => Assert.Contains(
        "is not pulled in: it gets",
        Why(GoodRigs.Bar with { Relays = [GoodRigs.Bar.Relays[0] with { CoilVolts = 24 }] }), StringComparison.Ordinal);
}
