using System.Text.Json;
using System.Text.RegularExpressions;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Server.Tests;

/// <summary>Every package says a licence that may be, and the page of licences names it.</summary>
public partial class LicenceTests
{
    private static readonly string[] May =
        ["MIT", "Apache-2.0", "ISC", "0BSD", "BSD-2-Clause", "BSD-3-Clause", "OFL-1.1", "MPL-2.0", "BlueOak-1.0.0", "Python-2.0", "CC0-1.0", "MS-PL"];

    private static readonly string[] Projects = ["src/BurlyRidge.Server", "tests/BurlyRidge.Server.Tests", "tests/BurlyRidge.Browser.Tests", "tests/BurlyRidge.Core.Tests"];

    private static readonly string Page = File.ReadAllText(Path.Combine(Repository.Root, "docs", "licences.md"));

    [Fact]
    public void Packages_of_the_web_client()
    {
        var locked = JsonDocument.Parse(File.ReadAllText(Path.Combine(Repository.Root, "src", "web", "package-lock.json"))).RootElement.GetProperty("packages");
        var packages = locked.EnumerateObject().Where(package => package.Name.Length > 0).ToList();
        Assert.NotEmpty(packages);
        Assert.All(packages, package => Judge(package.Name, package.Value.GetProperty("license").GetString()!));
        Assert.DoesNotContain(packages, package => package.Value.TryGetProperty("resolved", out var from) && from.GetString()!.Contains("://", StringComparison.Ordinal));
    }

    [Fact]
    public void Packages_of_the_server_and_the_tests()
    {
        var restored = Projects.SelectMany(project => Restored(Path.Combine(Repository.Root, project, "obj", "project.assets.json"))).DistinctBy(package => package.Name).ToList();
        Assert.NotEmpty(restored);
        Assert.All(restored, package => Judge(package.Name, Expression().Match(File.ReadAllText(package.Manifest)).Groups[1].Value));
    }

    /// <summary>Packages with their manifests.</summary>
    private static IEnumerable<(string Name, string Manifest)> Restored(string assets)
    {
        var root = JsonDocument.Parse(File.ReadAllText(assets)).RootElement;
        var folders = root.GetProperty("packageFolders").EnumerateObject().Select(folder => folder.Name).ToList();
        foreach (var library in root.GetProperty("libraries").EnumerateObject().Where(library => library.Value.GetProperty("type").GetString() == "package"))
        {
            var path = library.Value.GetProperty("path").GetString()!;
            yield return (library.Name, folders.SelectMany(folder => Directory.Exists(Path.Combine(folder, path)) ? Directory.GetFiles(Path.Combine(folder, path), "*.nuspec") : []).First());
        }
    }

    private static void Judge(string package, string licence)
    {
        var choices = licence.Trim('(', ')').Split(" OR ");
        Assert.True(choices.All(May.Contains), $"{package}: {licence}");
        Assert.True(Page.Contains(licence, StringComparison.Ordinal), $"The page of licences does not name {licence} ({package}).");
    }

    [GeneratedRegex("<license type=\"expression\">([^<]+)</license>")]
    private static partial Regex Expression();
}
