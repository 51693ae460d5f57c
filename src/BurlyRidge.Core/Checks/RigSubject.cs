using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks;

/// <summary>What the checks of a whole rig read.</summary>
/// <param name="Saved">The rig with lines planned in short, laid.</param>
/// <param name="Study">The same with every line wired, solved.</param>
/// <param name="Laid">How its runs lie.</param>
public sealed record RigSubject(Rig Saved, RigStudy Study, LaidRig Laid)
{
    private readonly HashSet<string> withPlan = [.. Saved.Lines.Where(line => line.Plan is not null).Select(line => line.Id)];
    private List<RunFigures>? wiredRuns;
    private Dictionary<string, PowerBox>? onPost;

    /// <summary>Studies <paramref name="rig"/>.</summary>
    public static RigSubject Of(Rig rig)
    {
        var laid = LaidRig.Of(rig);
        return new RigSubject(laid.Rig, RigStudy.Of(laid.Rig), laid);
    }

    /// <summary>The rig with every line wired.</summary>
    public Rig Rig => Study.Wired;

    /// <summary>House rules.</summary>
    public HouseRules Rules => Saved.HouseRules;

    /// <summary>The vehicle.</summary>
    public Vehicle Vehicle => Saved.Vehicle;

    /// <summary>The system's volts.</summary>
    public double Volts => Saved.Vehicle.SystemVolts;

    /// <summary>How many 12 V the system has.</summary>
    public double Cells => Volts / 12;

    /// <summary>Whether a part belongs to a line planned in short, whose sizes its own checks judge.</summary>
    public static bool Planned(string part) => RigStates.IsPlanned(part);

    /// <summary>Whether a line is planned in short.</summary>
    public bool Planned(Line line) => withPlan.Contains(line.Id);

    /// <summary>The one line that uses an element; null where none or several do.</summary>
    public string? LineOf(string element)
    {
        if (Planned(element)) return RigStates.LineOfPlanned(element);
        return Study.LinesOf(element) is [var only] ? only : null;
    }

    /// <summary>The wired lines, which are judged by the network.</summary>
    public IEnumerable<LineStudy> WiredLines => Study.Lines.Where(line => !Planned(line.Line));

    /// <summary>Runs that belong to no line planned in short.</summary>
    public IReadOnlyList<RunFigures> WiredRuns => wiredRuns ??= [.. Study.Runs.Where(figures => !Planned(figures.Run.Id))];

    /// <summary>The box that is to have its minus at the battery post and has it at <paramref name="earth"/>; null where none does.</summary>
    public PowerBox? MinusAt(string earth)
    {
        if (onPost is null)
        {
            onPost = new Dictionary<string, PowerBox>(StringComparer.Ordinal);
            foreach (var box in Rig.PowerBoxes.Where(box => box.MinusOnPost))
                foreach (var link in Study.Map.WiresAt($"{box.Id}.minus")) onPost.TryAdd(WiringMap.Other(link, $"{box.Id}.minus"), box);
        }
        return onPost.GetValueOrDefault(earth);
    }

    /// <summary>What a run is called in a sentence.</summary>
    public static string Name(Run run) => $"The {run.Wire} from {run.From} to {run.To}";
}
