using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Templates;

/// <summary>A rig as it lies, with every line in full wiring.</summary>
/// <param name="Routed">The rig as it lies, quick plans as their templates.</param>
/// <param name="Wired">The same with every quick plan expanded and sized.</param>
/// <param name="Quick">Sizes of the quick plans, by line id.</param>
public sealed record WholeRig(RoutedRig Routed, Rig Wired, IReadOnlyDictionary<string, QuickSizing> Quick)
{
    private Dictionary<string, QuickParts> parts = new(StringComparer.Ordinal);
    private Dictionary<string, string>? lines;

    /// <summary>The rig as it lies, quick plans as their templates.</summary>
    public Rig Saved => Routed.Rig;

    /// <summary>Lays and expands a valid rig.</summary>
    /// <param name="rig">The rig.</param>
    /// <param name="sizes">What is remembered of quick plans; null: nothing.</param>
    /// <param name="cancellation">Ends the work early, with an <see cref="OperationCanceledException"/>.</param>
    public static WholeRig Of(Rig rig, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        var laid = RoutedRig.Of(rig);
        var quick = laid.Rig.Lines.Where(line => line.Plan is not null).ToList();
        if (quick.Count == 0) return new WholeRig(laid, laid.Rig, new Dictionary<string, QuickSizing>());
        sizes ??= new QuickSizes();
        var around = QuickSizes.Key(laid.Rig.Vehicle, laid.Rig.HouseRules);
        var sizings = new Dictionary<string, QuickSizing>(StringComparer.Ordinal);
        var asks = quick.Select(line => (line.Id, Ask: QuickSizes.Asked(QuickAsk.Of(laid.Rig, line.Plan!), around))).ToList();
        // What is remembered is not worth a second thread: waiting for one takes longer than looking it up.
        var unknown = asks.Where(ask => !sizes.Has(ask.Ask)).ToList();
        if (unknown.Count > 1) unknown.AsParallel().WithCancellation(cancellation).ForAll(ask => sizes.Of(ask.Ask));
        foreach (var (id, ask) in asks) sizings.Add(id, sizes.Of(ask));
        var taken = FreeName.Taken(laid.Rig);
        var parts = quick.ToDictionary(line => line.Id, line => Sized(QuickTemplate.Build(laid.Rig, line, taken), sizings[line.Id]), StringComparer.Ordinal);
        return new WholeRig(laid, With(laid.Rig, parts, placed: false), sizings) { parts = parts };
    }

    /// <summary>Studies it.</summary>
    public RigStudy Study(CancellationToken cancellation = default) => RigStudy.Of(Wired, cancellation);

    /// <summary>Studies the lines in full wiring alone: quick plans share nothing with them but the battery.</summary>
    public static RigStudy StudyOfFull(Rig rig, CancellationToken cancellation = default)
    {
        rig = RoutedRig.Of(rig).Rig;
        return RigStudy.Of(rig with { Lines = [.. rig.Lines.Where(line => line.Plan is null)] }, cancellation);
    }

    /// <summary>Proposes sizes for all lines in full wiring, or for one of them.</summary>
    /// <param name="lineId">The line to size; null: all.</param>
    /// <param name="mostGauges">The most sizes of wire; null: as the house rules say.</param>
    /// <param name="cancellation">Ends the work early, with an <see cref="OperationCanceledException"/>.</param>
    public SizingProposal Resize(string? lineId = null, int? mostGauges = null, CancellationToken cancellation = default) =>
        AutoSizer.Propose(Saved, Wired, lineId, mostGauges, cancellation);

    /// <summary>Gives everything that an output works the best output.</summary>
    public SlotProposal AssignOutputs(CancellationToken cancellation = default) => SlotProposal.Of(Saved, Study(cancellation));

    /// <summary>The quick plan that a part or wire comes from; null where it is the rig's own.</summary>
    public string? QuickLineOf(string part)
    {
        if (parts.Count == 0) return null;
        lines ??= parts.SelectMany(pair => Own(pair.Value).Select(id => (id, pair.Key))).ToDictionary(pair => pair.id, pair => pair.Key, StringComparer.Ordinal);
        return lines.GetValueOrDefault(part);
    }

    /// <summary>The rig with a quick plan in full wiring as its own, where it lies and sits; as it is where the line is none.</summary>
    public Rig Expanded(string lineId)
    {
        if (!parts.TryGetValue(lineId, out var line)) return Saved;
        var lay = Saved.Lines.First(other => other.Id == lineId).Plan!.Lay;
        return With(Saved, new Dictionary<string, QuickParts>(StringComparer.Ordinal) { [lineId] = Led(line, lay) }, placed: true);
    }

    /// <summary>The long wires follow the lanes that the plan does.</summary>
    private static QuickParts Led(QuickParts line, PlanLay? lay)
    {
        if (lay is null) return line;
        var where = PartLocations.Of(line.Rig);
        return line with
        {
            Rig = line.Rig with
            {
                Runs = [.. line.Rig.Runs.Select(run => where.OfTerminal(run.From) is { } from && where.OfTerminal(run.To) is { } to && from != to
                    ? run with { Lay = lay.Lay with { MeasuredMetres = lay.Lay.MeasuredMetres is null ? null : run.LengthMetres } }
                    : run)],
            },
        };
    }

    private static IEnumerable<string> Own(QuickParts line) =>
        line.Rig.Runs.Select(run => run.Id).Concat(Rig.Lists.Where(list => list.Fitted).SelectMany(list => list.Of(line.Rig)).Select(part => part!.Id));

    private static QuickParts Sized(QuickParts line, QuickSizing sizing) =>
        line with { Rig = sizing.On(line.Rig) };

    private static Rig With(Rig rig, IReadOnlyDictionary<string, QuickParts> quick, bool placed)
    {
        var own = rig.Fixtures.Select(fixture => fixture.Id).ToHashSet(StringComparer.Ordinal);
        var lines = quick.Values.Select(line => line.Rig).ToList();
        return rig with
        {
            Lines = [.. rig.Lines.Select(line => quick.TryGetValue(line.Id, out var parts) ? parts.Line : line)],
            Fixtures = [.. rig.Fixtures, .. lines.SelectMany(line => line.Fixtures).Where(fixture => !own.Contains(fixture.Id))],
            Protection = [.. rig.Protection, .. lines.SelectMany(line => line.Protection)],
            Relays = [.. rig.Relays, .. lines.SelectMany(line => line.Relays)],
            Switches = [.. rig.Switches, .. lines.SelectMany(line => line.Switches)],
            Joints = [.. rig.Joints, .. lines.SelectMany(line => line.Joints)],
            Earths = [.. rig.Earths, .. lines.SelectMany(line => line.Earths)],
            Runs = [.. rig.Runs, .. lines.SelectMany(line => line.Runs)],
            Places = placed ? [.. rig.Places, .. lines.SelectMany(line => line.Places).Where(place => !rig.Places.Contains(place))] : rig.Places,
        };
    }
}
