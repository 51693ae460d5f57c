using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Exchange;

/// <summary>Documents of before version 5 took any text as the id of a wire, a light or an output; kept as they were.</summary>
public class PlainIdsTests
{
    public static TheoryData<string> Files => ["slash", "guid", "line-break"];

    [Theory]
    [InlineData("slash", "post-main roof-main-2", "main-fuse", "main-far", "o-1-2")]
    [InlineData("guid", "6f9619ff-8b86-d011-b42d-00c04fc964ff 0d4f9c7e-5c9b-4c1e-9a55-2f7d1f0f6f11", "3f2504e0-4f89-11d3-9a0c-0305e82c3301", "0", "1")]
    [InlineData("line-break", "main roof", "fuse", "far", "o")]
    public void Ids_that_are_no_slugs_are_replaced_in_every_reference(string file, string wires, string fuse, string light, string output)
    {
        var rig = Read(file);
        Assert.Equal(wires, $"{rig.Runs[0].Id} {rig.Runs[2].Id}");
        Assert.Equal((fuse, light, output), (rig.Protection[0].Id, rig.Fixtures[0].Functions[0].Id, rig.PowerBoxes[0].Outputs[0].Id));
        Assert.Equal([$"bar.{light}"], rig.Lines[0].Lights);
        Assert.Equal(($"{fuse}.in", $"{fuse}.out", $"box.{output}", "box.in-o-1"), (rig.Runs[0].To, rig.Runs[1].From, rig.Runs[2].From, rig.Runs[4].To));
    }

    [Theory]
    [MemberData(nameof(Files))]
    public void The_same_file_is_read_the_same_way_each_time(string file) => Assert.Equal(RigDocument.Write(Read(file)), RigDocument.Write(Read(file)));

    /// <summary>18 AWG behind a 60 A fuse and 20 AWG behind a 30 A output: both wires have their Stop, whatever they were called.</summary>
    [Theory]
    [MemberData(nameof(Files))]
    public void What_is_wrong_with_a_wire_is_said_whatever_it_was_called(string file)
    {
        var rig = Read(file);
        var stops = Assessor.Assess(rig).Checks.Concat(Assessor.Assess(rig).Lines.SelectMany(line => line.Checks)).Where(check => check.Verdict == Verdict.Stop).Select(check => check.About).ToList();
        Assert.Contains("feed", stops);
        Assert.Contains(rig.Runs[2].Id, stops);
    }

    [Fact]
    public void Control_characters_of_older_documents_become_spaces() => Assert.Equal("Roof  bar", Read("line-break").Lines[0].Name);

    [Theory]
    [InlineData("a/b")]
    [InlineData("a.b")]
    [InlineData("a\n")]
    [InlineData("")]
    [InlineData(" ")]
    [InlineData("ä")]
    public void Today_an_id_that_is_no_slug_is_refused_by_its_field(string id)
    {
        var rig = Read("guid");
        Assert.Contains("runs[0].id", Paths(rig with { Runs = [rig.Runs[0] with { Id = id }, .. rig.Runs.Skip(1)] }));
        Assert.Contains("protection[0].id", Paths(rig with { Protection = [rig.Protection[0] with { Id = id }] }));
        Assert.Contains("lines[0].id", Paths(rig with { Lines = [rig.Lines[0] with { Id = id }] }));
        var lamp = rig.Fixtures[0];
        Assert.Contains("fixtures[0].functions[0].id", Paths(rig with { Fixtures = [lamp with { Functions = [lamp.Functions[0] with { Id = id }] }] }));
        var box = rig.PowerBoxes[0];
        Assert.Contains("powerBoxes[0].outputs[0].id", Paths(rig with { PowerBoxes = [box with { Outputs = [box.Outputs[0] with { Id = id }] }] }));
    }

    private static IEnumerable<string> Paths(Rig rig) => RigValidation.Validate(rig).Select(problem => problem.Path);

    private static Rig Read(string file)
    {
        var (read, problems) = JobFile.Read(File.ReadAllBytes(Path.Combine(Repository.Root, "tests", "BurlyRidge.Core.Tests", "Exchange", "Golden", $"job-v4-{file}.json")));
        Assert.Empty(problems);
        return read!.Rig;
    }
}
