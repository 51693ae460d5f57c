using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Kits;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Bench;

/// <summary>The same lights built another way: every way lights them, and each has its own figures.</summary>
public class BuildTests
{
    private static readonly Rig Pair = KitConversionTests.Pair();

    private static string Line => Pair.Lines[0].Id;

    public static TheoryData<string> Ways => ["kit", "box", "relay box", "loose", "beam", "light first"];

    private static Build Way(string name) => name switch
    {
        "kit" => new Build.WithKit(Line, "by-switch", new KitWish()),
        "box" => new Build.ByTemplate("power-box", []),
        "relay box" => new Build.ByTemplate("relay-box", [Line]),
        "loose" => new Build.ByTemplate("own-harness", [Line]),
        "beam" => new Build.ByTemplate("beam-pair", [Line]),
        _ => new Build.BySchool(SizingSchool.LightFirst),
    };

    [Theory]
    [MemberData(nameof(Ways))]
    public void It_lights_the_same_lamps_on_the_same_mounts(string way)
    {
        var done = Assert.IsType<EditOutcome.Done>(new TakeBuild(Way(way)).Run(new EditContext(Pair) { Kits = SampleKits.All }));
        Assert.Empty(RigValidation.Validate(done.Rig));
        Assert.Equal(Pair.Fixtures, done.Rig.Fixtures);
        Assert.Equal(Pair.Lines.Select(line => (line.Id, line.Name, string.Join(' ', line.Lights))), done.Rig.Lines.Select(line => (line.Id, line.Name, string.Join(' ', line.Lights))));
        foreach (var lamp in Pair.Fixtures) Assert.Equal(Pair.Places.Single(place => place.Part == lamp.Id), done.Rig.Places.Single(place => place.Part == lamp.Id));
        var figures = Figures(Way(way));
        Assert.Empty(figures.WhyNot);
        Assert.True(figures is { Price: > 0, Hours: > 0, Kilograms: > 0, Parts: > 0, WireMetres: > 0 });
        Assert.Equal(done.Rig.Runs.Count, figures.Wires);
    }

    [Fact]
    public void A_kit_takes_less_time_than_its_wires_made_one_by_one() => Assert.True(Figures(Way("kit")).Hours < Figures(Way("loose")).Hours);

    [Fact]
    public void Copper_for_light_is_more_copper() => Assert.True(Figures(Way("light first")).Kilograms >= Figures(new Build.AsPlanned()).Kilograms);

    [Theory]
    [InlineData("no such", "template")]
    [InlineData("beam-pair", "lineIds[0]")]
    public void What_cannot_be_asked_is_told_by_its_field(string template, string path) =>
        Assert.Equal(path, Assert.Single(new Build.ByTemplate(template, path == "template" ? [] : ["gone"]).Problems(Pair)).Path);

    [Fact]
    public void What_cannot_be_built_says_why()
    {
        var figures = Figures(new Build.WithKit(Line, "bare", new KitWish()));
        Assert.Contains("fuse slot", figures.WhyNot, StringComparison.Ordinal);
        Assert.Null(figures.Price);
        Assert.Contains("one light", Figures(new Build.ByTemplate("two-functions", [])).WhyNot, StringComparison.Ordinal);
    }

    private static BuildFigures Figures(Build build)
    {
        var made = build.Make(Pair, SampleKits.All, null, CancellationToken.None);
        if (made.Rig is not { } rig) return BuildFigures.Not(made);
        var assessed = AssessedRig.Of(rig);
        var view = BenchView.Of(assessed, new Dictionary<string, WireForSale>());
        return BuildFigures.Of(made, assessed, view, Quote.Of(view.Parts, view.Reels, view.Work, new Shop(), _ => 5, BenchRecord.Nothing, new Dictionary<string, double>()));
    }
}
