using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>Lines on a relay box without a panel, whose inputs a switch, a signal or a factory output works; lines share the box.</summary>
internal static class RelayBoxTemplates
{
    private static readonly double[] Ratings = [30, 20, 15, 10];
    private const double MainAmps = 60;
    private const double BoxMetres = 0.5;

    public static IReadOnlyList<Template> All { get; } =
    [
        new("relay-box", TemplateWords.OnARelayBoxBy, TemplateWords.AFreeOutputOfA, 1, [TemplateQuestion.Return]) { Build = builder => On(builder, Switched) },
        new("relay-box-beam", TemplateWords.OnARelayBoxWith, TemplateWords.AFreeOutputOfABox, 2, [TemplateQuestion.Return])
        {
            WhyNot = (rig, _) => rig.Vehicle.HighBeam.ToEarth ? TemplateWords.TheHighBeamIsSwitched : null,
            Build = builder =>
            {
                builder.Use = LineUse.Forward;
                On(builder, OnBeam);
            },
        },
        new("relay-box-output", TemplateWords.OnARelayBoxByA, TemplateWords.ASmallFactoryOutputWorks, 1, [TemplateQuestion.Return]) { Build = builder => On(builder, ByOutput) },
    ];

    private static void On(LineBuilder builder, Action<LineBuilder, string, string> works)
    {
        if (FreeOutput(builder.Rig, builder.DesignAmps) is not { } output)
        {
            NewBox(builder);
            output = FreeOutput(builder.Rig, builder.DesignAmps) ?? FreeOutput(builder.Rig, 0)!;
        }
        var (box, way) = TerminalIndex.Split(output);
        works(builder, box, $"{box}.in-{way}");
        builder.ToLamps(output, builder.Metres);
        builder.Notes.Add(TemplateWords.FormatTheSmallestThatIsFree(builder.Called(output), Format.Amps(builder.DesignAmps)));
    }

    /// <summary>The smallest output whose input is free too and that carries so much; null where there is none.</summary>
    private static string? FreeOutput(Rig rig, double amps)
    {
        var taken = rig.Runs.SelectMany(run => run.Ends()).ToHashSet(StringComparer.Ordinal);
        return rig.PowerBoxes
            .SelectMany(box => box.Outputs.Where(output => output.WorkedBy == WorkedBy.Input && !taken.Contains($"{box.Id}.{output.Id}") && !taken.Contains($"{box.Id}.in-{output.Id}")
                && Sizing.Limits.AtLeast(rig.HouseRules.FuseLoadFraction * output.RatingAmps, amps)).Select(output => (Id: $"{box.Id}.{output.Id}", output.RatingAmps)))
            .OrderBy(output => output.RatingAmps).Select(output => output.Id).FirstOrDefault();
    }

    private static void NewBox(LineBuilder builder)
    {
        var id = builder.Name("relay-box");
        builder.Rig = builder.Rig with
        {
            PowerBoxes = [.. builder.Rig.PowerBoxes, new PowerBox(id, MainAmps, [.. Ratings.Select((rating, i) => new BoxOutput($"o{i + 1}", rating, WorkedBy: WorkedBy.Input))])],
        };
        var main = builder.Fuse("main-fuse", MainAmps);
        builder.Rig = builder.Rig with { Protection = [.. builder.Rig.Protection.Select(device => device.Id == main ? device with { Fixed = true } : device)] };
        if (builder.Rig.Places.FirstOrDefault(place => place.Part == main) is { } beside) builder.Rig = builder.Rig with { Places = [.. builder.Rig.Places, beside with { Part = id }] };
        builder.Power(builder.Plus, $"{main}.in", LineBuilder.BesideMetres);
        builder.Power($"{main}.out", $"{id}.plus", BoxMetres);
        builder.Power($"{id}.minus", builder.Post(), BoxMetres);
        builder.Notes.Add(TemplateWords.ARelayBoxOfFour);
    }

    /// <summary>What feeds switches of a box: the small fuse that is there for them, or a new one behind the box's main fuse.</summary>
    private static string Live(LineBuilder builder, string box)
    {
        var rig = builder.Rig;
        var feed = rig.Runs.First(run => run.To == $"{box}.plus").From;
        var control = rig.Runs.Where(run => run.From == feed).Select(run => TerminalIndex.Split(run.To).Part).FirstOrDefault(part => rig.Protection.Any(device => device.Id == part));
        return control is null ? builder.ControlFuse(feed) : $"{control}.out";
    }

    private static void Switched(LineBuilder builder, string box, string input)
    {
        var live = Live(builder, box);
        var part = builder.Switch();
        builder.ToDash(live, $"{part}.in");
        builder.ToDash($"{part}.out", input);
        builder.Notes.Add(TemplateWords.TheSwitchCarriesTheInput);
    }

    private static void OnBeam(LineBuilder builder, string box, string input)
    {
        var part = builder.Switch();
        builder.ToDash(builder.PickUp("highBeam.plus", Zone.EngineBay), $"{part}.in");
        builder.ToDash($"{part}.out", input);
        builder.Notes.Add(TemplateWords.TheBeamSWireGivesThe);
    }

    private static void ByOutput(LineBuilder builder, string box, string input)
    {
        var output = OutputTemplates.Smallest(builder);
        builder.Thin($"{output}.out", input, 1);
        builder.Notes.Add(TemplateWords.FormatWorksTheInputTheBox(builder.Called(output)));
    }
}
