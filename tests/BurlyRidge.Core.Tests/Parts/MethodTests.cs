using System.Globalization;
using System.Reflection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Parts;

/// <summary>What the method tells of constants is what is computed with.</summary>
public class MethodTests
{
    private static readonly string Table = File.ReadAllText(Path.Combine(Repository.Root, "docs", "method.md")).Split("| constant | value |")[1].Split("\n\n")[0];

    private static readonly Dictionary<string, string> Rows = new()
    {
        ["Crimp"] = "crimp",
        ["Stud"] = "ring on a stud",
        ["Plug"] = "plug, one pole",
        ["Holder"] = "holder of a fuse",
        ["Breaker"] = "breaker",
        ["RelayContact"] = "contact of a relay, of an output",
        ["SwitchContact"] = "contact of a switch, of the key",
        ["NearBody"] = "body near the battery; feed of a fuse slot; return of a signal's lamps",
        ["FarBody"] = "body further off",
        ["BatteryCable"] = "cable of a battery, link between two",
        ["FactoryWiring"] = "the vehicle's wiring to a signal's lamps, its fuse within it",
    };

    [Fact]
    public void Every_typical_resistance_stands_in_its_table()
    {
        var ohms = typeof(TypicalOhms).GetFields(BindingFlags.Public | BindingFlags.Static).Where(field => field.IsLiteral && field.Name != nameof(TypicalOhms.AgedBodyFactor)).ToList();
        Assert.Equal(Rows.Keys.Order(StringComparer.Ordinal), ohms.Select(field => field.Name).Order(StringComparer.Ordinal));
        Assert.All(ohms, field => Assert.Contains(string.Create(CultureInfo.InvariantCulture, $"| {Rows[field.Name]} | {(double)field.GetRawConstantValue()! * 1000:0.###} mΩ |"), Table, StringComparison.Ordinal));
        Assert.Contains($"| a body path after years | {TypicalOhms.AgedBodyFactor:0} times as much |", Table, StringComparison.Ordinal);
        Assert.Contains(string.Create(CultureInfo.InvariantCulture, $"| solder joint | {TypicalOhms.Of(JointKind.Solder) * 1000:0.#} mΩ |"), Table, StringComparison.Ordinal);
        Assert.Contains(string.Create(CultureInfo.InvariantCulture, $"| tap | {TypicalOhms.Of(JointKind.Tap) * 1000:0.#} mΩ |"), Table, StringComparison.Ordinal);
    }
}
