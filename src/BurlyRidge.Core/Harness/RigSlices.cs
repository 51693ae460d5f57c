using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>
/// Takes of a rig what can carry anything, or work anything that does, when certain lamps are lit and the rest is off: parts
/// that share no more than battery posts, earths and the body with them, or stand behind a contact that is open, are left out.
/// </summary>
public sealed class RigSlices
{
    private readonly Rig rig;
    private readonly WiringMap map;
    private readonly bool[] stiff;

    // By terminal: others that it works or is worked by, though nothing joins them.
    private readonly Dictionary<int, List<int>> worked = [];
    private readonly List<Run> betweenStiff;
    private readonly Dictionary<string, int> runs;
    private readonly PartsById parts;

    /// <summary>Of <paramref name="rig"/>, wired and read as <paramref name="map"/>.</summary>
    public RigSlices(Rig rig, WiringMap map)
    {
        (this.rig, this.map, parts) = (rig, map, new PartsById(rig));
        HashSet<string> stiffParts = [Vehicle.Body, .. rig.Vehicle.Batteries.Select(battery => battery.Id), .. rig.Earths.Select(earth => earth.Id)];
        stiff = [.. map.Terminals.Select(terminal => stiffParts.Contains(TerminalIndex.Split(terminal).Part))];
        runs = rig.Runs.Select((run, place) => (run.Id, place)).ToDictionary(pair => pair.Id, pair => pair.place, StringComparer.Ordinal);
        betweenStiff = [.. map.Links.Where(link => link.Run is not null && stiff[link.NumberA] && stiff[link.NumberB]).Select(link => link.Run!)];
        foreach (var link in map.Links)
            foreach (var need in link.Needs)
                foreach (var terminal in need switch { Need.Coil(var coil) => [coil.Plus, coil.Minus], Need.Live(var lead) => [lead.Plus], _ => Array.Empty<string>() })
                    Work(terminal, link.A);
        foreach (var converter in rig.Converters) Work($"{converter.Id}.in-plus", $"{converter.Id}.out-plus");
    }

    /// <summary>Runs between posts, earths and the body: they are in every piece.</summary>
    public IReadOnlyList<Run> BetweenStiff => betweenStiff;

    /// <summary>
    /// What belongs together while the rig is in <paramref name="state"/>, or in any in which no contact is asked for that is
    /// not asked for there; in whatever state where it is null.
    /// </summary>
    public InState In(RigState? state) => new(this, state);

    private void Work(string a, string b)
    {
        var (first, second) = (map.NumberOf(a), map.NumberOf(b));
        if (first < 0 || second < 0) return;
        Beside(first).Add(second);
        Beside(second).Add(first);
    }

    private List<int> Beside(int number) => worked.TryGetValue(number, out var list) ? list : worked[number] = [];

    /// <summary>Whether a contact is open whatever flows.</summary>
    private static bool IsOpen(Link link, RigState state)
    {
        foreach (var need in link.Needs)
            if (!need.IsMet(state)) return true;
        return false;
    }

    /// <summary>The parts and runs at these terminals.</summary>
    private Rig Cut(IEnumerable<int> terminals)
    {
        var (names, places) = (new HashSet<string>(StringComparer.Ordinal), new SortedSet<int>());
        foreach (var number in terminals)
        {
            names.Add(TerminalIndex.Split(map.Terminals[number]).Part);
            foreach (var link in map.At(number))
                if (link.Run is { } run) places.Add(runs[run.Id]);
        }
        List<Run> own = [.. betweenStiff, .. places.Select(place => rig.Runs[place])];
        foreach (var run in own) names.UnionWith(run.Ends());
        return parts.Of(names) with { Runs = own, Lines = [] };
    }

    /// <summary>A rig in one state, parted where nothing can flow.</summary>
    public sealed class InState
    {
        private readonly RigSlices slices;
        private readonly RigState? state;
        private readonly Dictionary<int, int> pieceOf = [];
        private readonly List<List<int>> pieces = [];

        internal InState(RigSlices slices, RigState? state) => (this.slices, this.state) = (slices, state);

        /// <summary>The pieces that <paramref name="lamps"/> ("fixture.function") lie in, by number; they stay the same from call to call.</summary>
        public IReadOnlyList<int> PiecesOf(IEnumerable<string> lamps)
        {
            var found = new SortedSet<int>();
            foreach (var lamp in lamps)
            {
                if (slices.map.Find(lamp) is not { } link) continue;
                foreach (var terminal in new[] { link.NumberA, link.NumberB })
                    if (!slices.stiff[terminal]) found.Add(PieceOf(terminal));
            }
            return [.. found];
        }

        /// <summary>The pieces that some terminals lie in; posts, earths and the body are in every piece and in none.</summary>
        public IReadOnlyList<int> PiecesAt(IEnumerable<string> terminals)
        {
            var found = new SortedSet<int>();
            foreach (var terminal in terminals)
                if (slices.map.NumberOf(terminal) is >= 0 and var number && !slices.stiff[number]) found.Add(PieceOf(number));
            return [.. found];
        }

        /// <summary>How many terminals some pieces have.</summary>
        public int Size(IEnumerable<int> numbers) => numbers.Sum(number => pieces[number].Count);

        /// <summary>Some pieces as a rig without lines.</summary>
        public Rig Of(IEnumerable<int> numbers) => slices.Cut(numbers.SelectMany(number => pieces[number]));

        private int PieceOf(int start)
        {
            if (pieceOf.TryGetValue(start, out var known)) return known;
            var piece = new List<int>();
            var open = new Stack<int>();
            Visit(start);
            while (open.TryPop(out var at))
            {
                piece.Add(at);
                if (slices.worked.TryGetValue(at, out var others)) others.ForEach(Visit);
                foreach (var link in slices.map.At(at))
                    if (state is null || !IsOpen(link, state)) Visit(link.Beyond(at));
            }
            pieces.Add(piece);
            return pieces.Count - 1;

            void Visit(int number)
            {
                if (!slices.stiff[number] && pieceOf.TryAdd(number, pieces.Count)) open.Push(number);
            }
        }
    }

    /// <summary>Parts of a rig by their ids.</summary>
    private sealed class PartsById
    {
        private readonly Rig rig;
        private readonly Dictionary<string, (int List, int Place)> places = new(StringComparer.Ordinal);

        public PartsById(Rig rig)
        {
            this.rig = rig;
            for (var list = 0; list < Rig.Lists.Count; list++)
            {
                if (!Rig.Lists[list].Fitted) continue;
                var parts = Rig.Lists[list].Of(rig);
                for (var place = 0; place < parts.Count; place++) places.Add(parts[place]!.Id, (list, place));
            }
        }

        /// <summary>The rig with those parts alone, in its order.</summary>
        public Rig Of(IReadOnlyCollection<string> ids)
        {
            var found = new List<int>?[Rig.Lists.Count];
            foreach (var id in ids)
                if (places.TryGetValue(id, out var at)) (found[at.List] ??= []).Add(at.Place);
            var some = rig;
            for (var list = 0; list < found.Length; list++)
            {
                if (!Rig.Lists[list].Fitted) continue;
                found[list]?.Sort();
                some = Rig.Lists[list].Pick(some, found[list] ?? []);
            }
            return some;
        }
    }
}
