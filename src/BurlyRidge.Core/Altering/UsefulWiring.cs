using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>
/// Which wires and parts of a rig lead from something to what uses current. A wire, a fuse or a contact that ends in nothing
/// is of no use, and so is what only leads to it, or only from one source to another; a coil is of use where its contact is,
/// an input where its output is.
/// </summary>
internal sealed class UsefulWiring
{
    /// <param name="part">Whose it is; empty where it stands for what another part needs.</param>
    /// <param name="counts">Whether it is there at all; null: always.</param>
    private sealed class Edge(string part, string a, string b, Func<bool>? counts = null)
    {
        public string Part { get; } = part;

        public string A { get; } = a;

        public string B { get; } = b;

        public Func<bool>? Counts { get; } = counts;
    }

    private readonly HashSet<string> anchors = new(StringComparer.Ordinal);
    private readonly HashSet<string> users = new(StringComparer.Ordinal);
    private readonly HashSet<string> charging = new(StringComparer.Ordinal);
    private readonly List<Edge> edges = [];
    private readonly HashSet<string> parts = new(StringComparer.Ordinal);
    private readonly HashSet<string> nodes = new(StringComparer.Ordinal);

    private UsefulWiring() { }

    /// <summary>Of a rig as if <paramref name="without"/>, as "fixture.function", did not light.</summary>
    public static UsefulWiring Of(Rig rig, IReadOnlySet<string> without)
    {
        var wiring = new UsefulWiring();
        wiring.Read(rig, without);
        // More is of use with each round, and only so much can be.
        var graph = new Graph(wiring);
        int before;
        do
        {
            before = wiring.parts.Count;
            wiring.Prune(graph);
        }
        while (wiring.parts.Count > before);
        return wiring;
    }

    /// <summary>Whether the wire or part is of use.</summary>
    public bool Has(string part) => parts.Contains(part);

    /// <summary>Whether something of use passes or ends at a terminal.</summary>
    public bool Reaches(string terminal) => nodes.Contains(terminal);

    private void Read(Rig rig, IReadOnlySet<string> without)
    {
        anchors.Add(Vehicle.Body);
        var around = rig.Around();
        foreach (var list in Rig.Lists)
        {
            foreach (var part in list.Of(rig).OfType<IPart>())
            {
                if (!list.Fitted && part is not PassThrough) OfVehicle(part);
                else Fitted(part, rig, around, without);
            }
        }
        var joints = rig.Joints.Select(joint => joint.Id).ToHashSet(StringComparer.Ordinal);
        string Node(string terminal) => TerminalIndex.Split(terminal).Part is var part && joints.Contains(part) ? part : terminal;
        // What several lines take from one pick-up is each line's own; the wire to it is of use while one of them is.
        var pickUps = rig.Joints.Where(joint => joint.PickUp is not null).Select(joint => joint.Id).ToHashSet(StringComparer.Ordinal);
        anchors.UnionWith(pickUps);
        foreach (var run in rig.Runs)
        {
            var (from, to) = (Node(run.From), Node(run.To));
            edges.Add(new Edge(run.Id, from, to, PickUpOf(run, from, to) is { } pickUp ? () => Others(pickUp, run.Id) : null));
        }

        string? PickUpOf(Run run, string from, string to) =>
            pickUps.Contains(to) && IsOfSignal(run.From) ? to : pickUps.Contains(from) && IsOfSignal(run.To) ? from : null;

        bool Others(string pickUp, string but) => rig.Runs.Any(run => run.Id != but && parts.Contains(run.Id) && (Node(run.From) == pickUp || Node(run.To) == pickUp));
    }

    private static bool IsOfSignal(string terminal) => VehicleSignal.Names.Contains(TerminalIndex.Split(terminal).Part);

    private void OfVehicle(IPart part)
    {
        Anchor(part.Id, part.Pins() ?? []);
        if (part is Battery) charging.Add($"{part.Id}.plus");
    }

    private void Fitted(IPart part, Rig rig, Surroundings around, IReadOnlySet<string> without)
    {
        switch (part)
        {
            case Joint:
                return;
            case Earth:
                anchors.Add(part.Id);
                return;
            case Load or SolarPanel:
                User(part.Id, part.Pins() ?? []);
                return;
            case Fixture lamp:
                foreach (var function in lamp.Functions.Where(function => !without.Contains($"{lamp.Id}.{function.Id}")))
                    User(lamp.Id, function.DimPin is null ? [function.Plus, function.Minus] : [function.Plus, function.Minus, function.DimPin]);
                return;
            case PowerBox box:
                Read(box, rig);
                return;
            case Converter:
                Anchor(part.Id, "out-plus");
                charging.Add($"{part.Id}.out-plus");
                foreach (var pin in new[] { "out-minus", "in-plus", "in-minus" }) edges.Add(new Edge(part.Id, $"{part.Id}.{pin}", Vehicle.Body, () => nodes.Contains($"{part.Id}.out-plus")));
                return;
        }
        // What passes current is of use where what is behind it is; what works in it, where the part itself is.
        foreach (var element in part.Elements(around))
        {
            if (element.Law is Law.Wire or Law.Joint or Law.Contact or Law.Fuse) edges.Add(new Edge(part.Id, element.From, element.To));
            else if (element.Law is not Law.Diode) edges.Add(new Edge("", element.From, element.To, () => parts.Contains(part.Id)));
        }
    }

    private void Read(PowerBox box, Rig rig)
    {
        foreach (var output in box.Outputs)
        {
            Anchor(box.Id, output.Id);
            if (output.WorkedBy == WorkedBy.Input)
                edges.Add(new Edge("", $"{box.Id}.in-{output.Id}", Vehicle.Body, () => nodes.Contains($"{box.Id}.{output.Id}")));
        }
        // Slots that are labelled and empty are there for what comes later.
        bool Needed() => box.Outputs.Any(output => nodes.Contains($"{box.Id}.{output.Id}") || (output.Legend.Length > 0 && !rig.Runs.Any(run => run.From == $"{box.Id}.{output.Id}" || run.To == $"{box.Id}.{output.Id}")));
        foreach (var pin in new[] { "plus", "minus", "sense" }) edges.Add(new Edge(box.Id, $"{box.Id}.{pin}", Vehicle.Body, Needed));
    }

    private void User(string part, params IEnumerable<string> pins)
    {
        foreach (var pin in pins)
        {
            Anchor(part, pin);
            users.Add($"{part}.{pin}");
        }
    }

    private void Anchor(string part, params IEnumerable<string> pins) => anchors.UnionWith(pins.Select(pin => $"{part}.{pin}"));

    /// <summary>Takes away, again and again, what ends in nothing, then what nothing uses; what is left is of use.</summary>
    private void Prune(Graph graph)
    {
        var alive = edges.ConvertAll(edge => edge.Counts?.Invoke() ?? true);
        var degree = new int[graph.Count];
        for (var i = 0; i < edges.Count; i++)
        {
            if (!alive[i]) continue;
            degree[graph.A[i]]++;
            degree[graph.B[i]]++;
        }
        var ends = new Stack<int>(Enumerable.Range(0, graph.Count).Where(node => degree[node] == 1 && !graph.IsAnchor[node]));
        while (ends.TryPop(out var end))
        {
            foreach (var i in graph.At[end])
            {
                if (!alive[i]) continue;
                alive[i] = false;
                foreach (var node in new[] { graph.A[i], graph.B[i] })
                    if (--degree[node] == 1 && !graph.IsAnchor[node]) ends.Push(node);
            }
        }
        DropUnused(graph, alive);
        for (var i = 0; i < edges.Count; i++)
        {
            if (!alive[i]) continue;
            if (edges[i].Part.Length > 0) parts.Add(edges[i].Part);
            nodes.Add(edges[i].A);
            nodes.Add(edges[i].B);
        }
    }

    /// <summary>Drops the pieces between sources and returns that nothing uses; anchors part the pieces.</summary>
    private void DropUnused(Graph graph, List<bool> alive)
    {
        var piece = Enumerable.Range(0, graph.Count).ToArray();
        int Of(int node)
        {
            while (piece[node] != node) node = piece[node] = piece[piece[node]];
            return node;
        }
        for (var i = 0; i < edges.Count; i++)
            if (alive[i] && !graph.IsAnchor[graph.A[i]] && !graph.IsAnchor[graph.B[i]]) piece[Of(graph.A[i])] = Of(graph.B[i]);
        // A wire from one anchor to another is a piece of its own.
        int PieceOf(int i) => graph.IsAnchor[graph.A[i]] && graph.IsAnchor[graph.B[i]] ? graph.Count + i : Of(graph.IsAnchor[graph.A[i]] ? graph.B[i] : graph.A[i]);
        foreach (var members in Enumerable.Range(0, edges.Count).Where(i => alive[i]).GroupBy(PieceOf))
        {
            var ends = members.SelectMany(i => new[] { graph.A[i], graph.B[i] }).Where(node => graph.IsAnchor[node]).ToHashSet();
            var used = members.Any(i => edges[i].Counts is not null) || ends.Any(node => graph.IsUser[node]) || ends.Count(node => graph.IsCharging[node]) > 1;
            if (used && ends.Count > 1) continue;
            foreach (var i in members) alive[i] = false;
        }
    }

    /// <summary>The same by numbers: what every round looks at.</summary>
    private sealed class Graph
    {
        public Graph(UsefulWiring wiring)
        {
            var numbers = new Dictionary<string, int>(StringComparer.Ordinal);
            int Number(string node) => numbers.TryGetValue(node, out var number) ? number : numbers[node] = numbers.Count;
            A = [.. wiring.edges.Select(edge => Number(edge.A))];
            B = [.. wiring.edges.Select(edge => Number(edge.B))];
            Count = numbers.Count;
            At = [.. Enumerable.Range(0, Count).Select(_ => new List<int>())];
            for (var i = 0; i < A.Length; i++)
            {
                At[A[i]].Add(i);
                At[B[i]].Add(i);
            }
            bool[] In(HashSet<string> set) => [.. numbers.OrderBy(pair => pair.Value).Select(pair => set.Contains(pair.Key))];
            (IsAnchor, IsUser, IsCharging) = (In(wiring.anchors), In(wiring.users), In(wiring.charging));
        }

        public int Count { get; }

        public int[] A { get; }

        public int[] B { get; }

        public List<int>[] At { get; }

        public bool[] IsAnchor { get; }

        public bool[] IsUser { get; }

        public bool[] IsCharging { get; }
    }
}
