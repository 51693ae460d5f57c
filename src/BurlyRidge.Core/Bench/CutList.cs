using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Bench;

/// <summary>One conductor to be cut.</summary>
/// <param name="Id">The wire of the rig.</param>
/// <param name="Name">By its two ends.</param>
/// <param name="RigMetres">Its length in the rig, slack and loops included, m.</param>
/// <param name="StripMillimetres">What comes off at both ends, mm.</param>
/// <param name="SpareMetres">Cut longer by so much where it is cut to length after laying, m; 0 where it was measured.</param>
/// <param name="CutMetres">All of it, m, to the millimetre.</param>
/// <param name="Harness">The line that it belongs to, or what several share.</param>
public sealed record CutPiece(
    string Id, string Name, string Colour, string Wire, double CopperSquareMillimetres, int InsulationCelsius, bool Sheathed,
    double RigMetres, double StripMillimetres, double SpareMetres, double CutMetres, CutEnd From, CutEnd To, string Harness, IReadOnlyList<string> Lines)
{
    /// <summary>Whether its length was not measured: it is laid first and cut to length then.</summary>
    public bool AfterLaying => SpareMetres > 0;
}

/// <summary>One end of it.</summary>
/// <param name="At">The terminal of the rig.</param>
/// <param name="Place">What that is called.</param>
/// <param name="Station">The station that it is at; empty where nobody said.</param>
/// <param name="Fitting">What it is made off with.</param>
/// <param name="Copper">What that takes, as it is said.</param>
/// <param name="Tool">What it is put on with; null: not specified.</param>
/// <param name="PullNewtons">What its crimp has to hold for a minute, N; null: no crimp, or no row for its copper.</param>
/// <param name="SlidesOn">What goes on the wire before it, first to last.</param>
/// <param name="With">Other wires in the same barrel.</param>
public sealed record CutEnd(string At, string Place, string Station, string Fitting, string Copper, Crimper? Tool, double StripMillimetres, double? PullNewtons, IReadOnlyList<string> SlidesOn, IReadOnlyList<string> With, string NotSpecified);

/// <summary>Every conductor of a rig that is cut from a reel, and what its ends are made off with.</summary>
/// <param name="Pieces">In the order of the rig; wires that came with a lamp are not among them.</param>
/// <param name="Endings">Terminals, contacts and joints.</param>
public sealed record CutList(IReadOnlyList<CutPiece> Pieces, IReadOnlyList<MakingOff> Endings)
{
    /// <summary>A wire that was not measured is cut longer by a tenth, and by no less than this, m (common practice, no source).</summary>
    private const double LeastSpareMetres = 0.15;

    private const double SpareFraction = 0.1;

    /// <summary>So many wires that share a barrel are named; nobody reads on.</summary>
    private const int MostNamed = 12;

    /// <summary>Cuts an assessed rig; pure and total.</summary>
    public static CutList Of(AssessedRig assessed)
    {
        var (whole, study) = (assessed.Whole, assessed.Study);
        var (wired, names) = (study.Wired, study.Names);
        var endings = MakingOff.Of(wired, names);
        var byWire = endings.SelectMany(end => end.Wires.Select(wire => (wire, end))).ToLookup(pair => pair.wire, pair => pair.end, StringComparer.Ordinal);
        var atEnd = wired.Runs.SelectMany(run => run.Ends().Select(end => (end, run))).ToLookup(pair => pair.end, pair => pair.run, StringComparer.Ordinal);
        var routes = whole.Routed.Routes.Where(route => !route.IsLine).ToDictionary(route => route.Id, StringComparer.Ordinal);
        var where = PartLocations.Of(wired);
        return new CutList([.. wired.Runs.Where(run => !run.Given).Select(Piece)], endings);

        CutPiece Piece(Run run)
        {
            var wire = WireTable.Find(run.Wire)!;
            var back = study.Feeds.Of(run.From).Grounded;
            var (from, to) = (End(run, run.From, back), End(run, run.To, back));
            var strip = from.StripMillimetres + to.StripMillimetres;
            var spare = Measured(run) ? 0 : Math.Max(LeastSpareMetres, SpareFraction * run.LengthMetres);
            var lines = whole.QuickLineOf(run.Id) is { } quick ? [quick] : study.LinesOf(run.Id);
            return new CutPiece(
                run.Id, names.Wire(run), run.Colour, run.Wire, wire.CopperSquareMillimetres, run.InsulationCelsius, run.Sheathed,
                run.LengthMetres, strip, spare, Millimetres(run.LengthMetres + spare, strip) / 1000.0, from, to,
                lines.Count == 1 ? names.Line(lines[0]) : lines.Count == 0 ? BenchWords.OfNoLine : BenchWords.SharedByLines, lines);
        }

        bool Measured(Run run) => run.Lay is null ? whole.QuickLineOf(run.Id) is null || whole.Saved.Body is null : routes.GetValueOrDefault(run.Id)?.MeasuredMetres is not null;

        CutEnd End(Run run, string at, bool back)
        {
            var end = byWire[run.Id].FirstOrDefault(end => end.At == at) ?? byWire[run.Id].FirstOrDefault(end => end.At == TerminalIndex.Split(at).Part);
            var station = where.OfTerminal(at) is { } there ? names.Place(there) : "";
            if (end is null) return new CutEnd(at, names.Terminal(at), station, BenchWords.OfTheVehicle, "", null, 0, null, [], [], "");
            return new CutEnd(
                at, names.Terminal(at), station, EndWords.Of(end),
                end.Terminal is { } terminal ? BenchWords.FormatTakes(Format.Copper(terminal.Takes.FromSquareMillimetres), Format.Copper(terminal.Takes.ToSquareMillimetres)) : "",
                end.Terminal?.Tool, end.Terminal?.StripMillimetres ?? 0,
                end.Terminal is { Tool: Crimper.Insulated or Crimper.OpenBarrel or Crimper.Hexagon } ? TerminalTable.PullNewtons(WireTable.Find(run.Wire)!.CopperSquareMillimetres) : null, SlidesOn(run, end, back),
                [.. atEnd[at].Where(other => other.Id != run.Id).Take(MostNamed).Select(other => names[other.Id])], end.NotSpecified);
        }
    }

    /// <summary>What goes on a wire before its terminal does, in that order: sleeve, then shrink or seal (common practice, no source).</summary>
    private static string[] SlidesOn(Run run, MakingOff end, bool back)
    {
        var first = run.Zones.Any(zone => zone != Zone.Cabin) && !run.Sheathed ? new[] { BenchWords.Sleeve } : [];
        var shrink = back ? BenchWords.ShrinkBlack : BenchWords.ShrinkRed;
        return end.Kind switch
        {
            EndKind.Ring or EndKind.Solder => [.. first, shrink],
            EndKind.PlugContact => [.. first, BenchWords.WireSeal],
            EndKind.Receptacle => [.. first, BenchWords.ReceptacleCover],
            _ => first,
        };
    }

    /// <summary>To the next whole millimetre; what is a hair above one, from adding up, is that one.</summary>
    private static int Millimetres(double metres, double strip) => (int)Math.Ceiling(Math.Round(metres * 1000 + strip, 6));
}
