using BurlyRidge.Core.Network;

namespace BurlyRidge.Core.Harness;

/// <summary>Which way a point of a profile lies.</summary>
public enum Leg
{
    /// <summary>From a source to the lamps.</summary>
    Out,

    /// <summary>From the lamps back.</summary>
    Back,
}

/// <summary>One point along a line.</summary>
/// <param name="Terminal">Where it is.</param>
/// <param name="Part">The element that the current came through from the point before; empty at a source.</param>
/// <param name="From">Index of the point before; −1 at a source.</param>
/// <param name="Metres">Length of wire from the source.</param>
/// <param name="Volts">Against the body.</param>
/// <param name="Amps">Current through the part, A.</param>
public sealed record ProfilePoint(string Terminal, string Part, int From, Leg Leg, double Metres, double Volts, double Amps);

/// <summary>Voltage against distance along a line, out and back, with its branches.</summary>
public static class Profile
{
    /// <summary>
    /// Follows the largest current from each of <paramref name="lamps"/> (element ids) up to a source and on to where it
    /// returns. Ways that meet are joined, the terminal where a way back meets an earlier one standing once for each; a lamp
    /// that carries nothing has none.
    /// </summary>
    public static IReadOnlyList<ProfilePoint> Of(SolvedHarness solved, IEnumerable<string> lamps)
    {
        var tracer = new Tracer(solved);
        foreach (var lamp in lamps) tracer.Add(lamp);
        return tracer.Points;
    }

    /// <summary>
    /// The same with every way beside those, a second feed or two wires side by side, and with the ways of
    /// <paramref name="coils"/> behind them. Each ends where it meets a point that is there already, and that point stands
    /// once more for it.
    /// </summary>
    /// <param name="coilsFrom">Where the points of the coils begin.</param>
    public static IReadOnlyList<ProfilePoint> Whole(SolvedHarness solved, IEnumerable<string> lamps, IEnumerable<string> coils, out int coilsFrom)
    {
        var tracer = new Tracer(solved);
        foreach (var lamp in lamps) tracer.Add(lamp);
        tracer.AddSideWays();
        coilsFrom = tracer.Points.Count;
        foreach (var coil in coils) tracer.Add(coil);
        return tracer.Points;
    }

    private sealed class Tracer(SolvedHarness solved)
    {
        private readonly (Element? Element, double Amps)[] into = solved.Flow.Into;
        private readonly (Element? Element, double Amps)[] outOf = solved.Flow.OutOf;
        private readonly Dictionary<(Leg, int), int> known = [];
        private readonly List<ProfilePoint> points = [];

        public List<ProfilePoint> Points => points;

        public void Add(string lampId)
        {
            var lamp = solved.Harness.Circuit.Elements[solved.Harness.PlaceOf(lampId)];
            var amps = solved.Amps(lampId);
            if (amps <= Flow.MinAmps) return;
            var at = Upstream(lamp.From);
            if (known.ContainsKey((Leg.Back, lamp.To))) points.Add(Point(lamp, lamp.To, at, Leg.Back, amps));
            else Downstream(lamp.To, Append(lamp, lamp.To, at, Leg.Back, amps));
        }

        /// <summary>Everything else that brings current to a point on the way out, or takes it from one on the way back.</summary>
        public void AddSideWays()
        {
            var elements = solved.Harness.Circuit.Elements;
            var through = points.Select(point => point.Part).ToHashSet(StringComparer.Ordinal);
            for (var i = 0; i < elements.Count; i++)
            {
                var (element, amps) = (elements[i], Math.Abs(solved.Solution.State.Amps[i]));
                if (amps <= Flow.MinAmps || IsSource(element) || element is RegulatedLamp || through.Contains(element.Id)) continue;
                var (from, to) = solved.Solution.State.Amps[i] > 0 ? (element.From, element.To) : (element.To, element.From);
                var before = points.Count;
                if (known.ContainsKey((Leg.Out, to)) && Feeds(from)) points.Add(Point(element, to, Upstream(from), Leg.Out, amps));
                else if (known.TryGetValue((Leg.Back, from), out var left))
                {
                    if (known.ContainsKey((Leg.Back, to))) points.Add(Point(element, to, left, Leg.Back, amps));
                    else Downstream(to, Append(element, to, left, Leg.Back, amps));
                }
                for (; before < points.Count; before++) through.Add(points[before].Part);
            }
        }

        /// <summary>Whether a source stands before a node.</summary>
        private bool Feeds(int node)
        {
            var met = new HashSet<int>();
            while (!known.ContainsKey((Leg.Out, node)))
            {
                if (!met.Add(node) || into[node].Element is not { } element) return false;
                if (IsSource(element)) return true;
                node = element.From == node ? element.To : element.From;
            }
            return true;
        }

        /// <summary>The point of a node on the way out, all before it added first.</summary>
        private int Upstream(int node)
        {
            var way = new Stack<(Element Element, double Amps, int Node)>();
            var met = new HashSet<int>();
            var at = node;
            while (!known.ContainsKey((Leg.Out, at)) && met.Add(at))
            {
                var (element, amps) = into[at];
                if (element is null || IsSource(element)) break;
                way.Push((element, amps, at));
                at = element.From == at ? element.To : element.From;
            }
            if (!known.TryGetValue((Leg.Out, at), out var point))
            {
                point = points.Count;
                known[(Leg.Out, at)] = point;
                points.Add(new ProfilePoint(Name(at), "", -1, Leg.Out, 0, Volts(at), 0));
            }
            foreach (var (element, amps, next) in way) point = Append(element, next, point, Leg.Out, amps);
            return point;
        }

        private void Downstream(int node, int point)
        {
            var met = new HashSet<int>();
            while (met.Add(node))
            {
                var (element, amps) = outOf[node];
                if (element is null || IsSource(element)) return;
                node = element.From == node ? element.To : element.From;
                if (known.ContainsKey((Leg.Back, node)))
                {
                    points.Add(Point(element, node, point, Leg.Back, amps));
                    return;
                }
                point = Append(element, node, point, Leg.Back, amps);
            }
        }

        private int Append(Element element, int node, int from, Leg leg, double amps)
        {
            if (known.TryGetValue((leg, node), out var there)) return there;
            points.Add(Point(element, node, from, leg, amps));
            return known[(leg, node)] = points.Count - 1;
        }

        private ProfilePoint Point(Element element, int node, int from, Leg leg, double amps) =>
            new(Name(node), element.Id, from, leg, points[from].Metres + ((element as WireElement)?.Metres ?? 0), Volts(node), amps);

        private static bool IsSource(Element element) => element is BatteryElement or RegulatedSource;

        private string Name(int node) => solved.Harness.NodeNames[node] ?? LineWords.FormatNode(node);

        private double Volts(int node) => solved.Solution.State.Volts[node];
    }
}
