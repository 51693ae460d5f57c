using System.Xml.Linq;
using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Tests.Support;
using static ArchUnitNET.Fluent.ArchRuleDefinition;
using Assembly = System.Reflection.Assembly;

namespace BurlyRidge.Server.Tests;

/// <summary>Imports run one way.</summary>
public class LayeringTests
{
    private static readonly Assembly Core = typeof(Assessor).Assembly;
    private static readonly Assembly Server = typeof(ServerApp).Assembly;
    private static readonly Architecture Architecture = new ArchLoader().LoadAssemblies(Core, Server).Build();

    /// <summary>Bottom first; a folder may use those before it.</summary>
    private static readonly string[] Layers = ["Wording", "Conductors", "Protection", "Network", "Parts", "Rigs", "Bodies", "Routing", "Fitting", "Beams", "Pictures", "Harness", "Sizing", "Templates", "Strips", "Altering", "Checks", "Assessing", "Kits", "Bench", "Proposing", "RunSheet", "Running", "Commissioning", "Edits", "Exchange", "HandOver", "Changes"];

    /// <summary>The same of the server; what puts it together stands above them all.</summary>
    private static readonly string[] Features = ["Wording", "Hosting", "Storage", "Catalogue", "Shops", "Records", "Assess", "Edits", "QuickSize", "Jobs", "Lines", "Panel", "Walkaround", "Bench", "RunSheets", "PowerUp", "Beams", "HandOver", "Archives", "Proposals", "Plans", "Demo", "Training"];

    [Fact]
    public void Core_refers_to_the_base_library_alone() => Assert.All(
        Core.GetReferencedAssemblies(),
        name => Assert.StartsWith("System.", name.Name, StringComparison.Ordinal));

    [Fact]
    public void Every_folder_has_its_place()
    {
        Assert.Equal(Layers.Order(StringComparer.Ordinal), Folders(Core, "BurlyRidge.Core."));
        Assert.Equal(Features.Order(StringComparer.Ordinal), Folders(Server, "BurlyRidge.Server."));
    }

    private static IEnumerable<string> Folders(Assembly assembly, string root) => assembly.GetTypes().Select(type => type.Namespace).OfType<string>()
        .Where(name => name.StartsWith(root, StringComparison.Ordinal)).Select(name => name.Split('.')[2]).Distinct().Order(StringComparer.Ordinal);

    public static TheoryData<string, string> Upward
    {
        get
        {
            var pairs = new TheoryData<string, string>();
            foreach (var (root, folders) in new[] { ("BurlyRidge.Core", Layers), ("BurlyRidge.Server", Features) })
                for (var low = 0; low < folders.Length; low++)
                    for (var high = low + 1; high < folders.Length; high++)
                        pairs.Add($"{root}.{folders[low]}", $"{root}.{folders[high]}");
            return pairs;
        }
    }

    [Theory]
    [MemberData(nameof(Upward))]
    public void No_folder_uses_one_above_it(string low, string high)
    {
        var above = Types().That().ResideInNamespaceMatching($@"^{high}(\..*)?$");
        var rule = Types().That().ResideInNamespaceMatching($@"^{low}(\..*)?$").Should().NotDependOnAny(above);
        Assert.True(rule.HasNoViolations(Architecture), string.Join('\n', rule.Evaluate(Architecture).Where(result => !result.Passed)));
    }

    /// <summary>What writes code while it is built is not there when it runs.</summary>
    [Fact]
    public void Core_names_no_package_that_it_runs_with()
    {
        var project = XDocument.Load(Path.Combine(Repository.Root, "src", "BurlyRidge.Core", "BurlyRidge.Core.csproj"));
        Assert.Empty(project.Descendants("ProjectReference"));
        Assert.DoesNotContain(project.Descendants("PackageReference"), package =>
            package.Attribute("PrivateAssets")?.Value != "all");
    }
}
