using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Checks;

/// <summary>What the checks of a whole rig read.</summary>
/// <param name="Whole">The rig as it lies, and with every line in full wiring.</param>
/// <param name="Study">That, solved.</param>
public sealed record RigSubject(WholeRig Whole, RigStudy Study)
{
    private Dictionary<string, PowerBox>? onPost;

    /// <summary>Studies <paramref name="rig"/>.</summary>
    public static RigSubject Of(Rig rig)
    {
        var whole = WholeRig.Of(rig);
        return new RigSubject(whole, whole.Study());
    }

    /// <summary>The rig as it lies, quick plans as their templates.</summary>
    public Rig Saved => Whole.Saved;

    /// <summary>How its runs lie.</summary>
    public RoutedRig Routed => Whole.Routed;

    /// <summary>The rig with every line in full wiring.</summary>
    public Rig Rig => Study.Wired;

    /// <summary>House rules.</summary>
    public HouseRules Rules => Saved.HouseRules;

    /// <summary>The vehicle.</summary>
    public Vehicle Vehicle => Saved.Vehicle;

    /// <summary>The system's volts.</summary>
    public double Volts => Saved.Vehicle.SystemVolts;

    /// <summary>How many 12 V the system has.</summary>
    public double Cells => Volts / 12;

    /// <summary>The system that a contact works in, V: behind a converter it may be another than the vehicle's.</summary>
    internal int VoltsOn(Link contact) => Vehicle.SystemVolts == 24
        && Study.Whole.Max(whole => Math.Max(Math.Abs(whole.Solved.Volts(contact.A)), Math.Abs(whole.Solved.Volts(contact.B)))) < HalfWayVolts ? 12 : Vehicle.SystemVolts;

    /// <summary>What no 12 V system reaches and every 24 V system is above.</summary>
    private const double HalfWayVolts = 18;

    /// <summary>Fuses and breakers that were put in, in holders of their own or in the wire.</summary>
    internal IReadOnlyList<OwnDevice> Devices => devices ??=
    [
        .. Rig.Protection.Select(part => new OwnDevice(part.Id, part.Fuse, part.Place, part.Breaker, part.RatedVolts, part)),
        .. Rig.InlineBreakers.Select(part => new OwnDevice(part.Id, part.Stands with { RatingAmps = part.RatingAmps }, part.Place, true, part.RatedVolts, null)),
    ];

    private List<OwnDevice>? devices;

    /// <summary>The one line that uses an element; null where none or several do.</summary>
    public string? LineOf(string element) =>
        Whole.QuickLineOf(TerminalIndex.Split(element).Part) ?? (Study.LinesOf(element) is [var only] ? only : null);

    /// <summary>Ids of the lines that use a part that was fitted, or a wire of it.</summary>
    public IReadOnlyList<string> LinesOfPart(string about)
    {
        if (about.Length == 0) return [];
        fitted ??= Rig.Lists.Where(list => list.Fitted).SelectMany(list => list.Of(Rig)).Select(part => part!.Id).ToHashSet(StringComparer.Ordinal);
        elements ??= Study.Map.Links.ToLookup(link => TerminalIndex.Split(link.Id).Part, link => link.Id, StringComparer.Ordinal);
        var part = TerminalIndex.Split(about).Part;
        return fitted.Contains(part) ? [.. elements[part].SelectMany(Study.LinesOf).Distinct()] : Study.LinesOf(about);
    }

    private HashSet<string>? fitted;
    private ILookup<string, string>? elements;

    /// <summary>Whether a run stands in the document and its size is the fitter's to choose.</summary>
    internal bool IsSized(string run) => (sized ??= Saved.Runs.Where(known => !known.Given).Select(known => known.Id).ToHashSet(StringComparer.Ordinal)).Contains(run);

    private HashSet<string>? sized;

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

    /// <summary>What people call parts and wires.</summary>
    public PartNames Names => Study.Names;

    /// <summary>A run at the beginning of a sentence.</summary>
    public string Name(Run run) => $"{Names.Wire(run)}, {run.Wire},";
}

/// <summary>A fuse or breaker as it is judged.</summary>
/// <param name="Fuse">The fuse; of a breaker the one that it opens like.</param>
/// <param name="Place">Where it sits.</param>
/// <param name="Breaker">Whether it opens by its own heat and comes back.</param>
/// <param name="RatedVolts">What it is made to break, V.</param>
/// <param name="Holder">In its holder, where another one can be put in; null where it is all one.</param>
internal sealed record OwnDevice(string Id, Fuse Fuse, Zone Place, bool Breaker, double RatedVolts, ProtectiveDevice? Holder)
{
    /// <summary>As it is printed.</summary>
    public string Printed => Breaker ? CheckWords.FormatABreaker(Fuse.RatingAmps) : Fuse.ToString();
}
