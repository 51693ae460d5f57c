using System.Diagnostics;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Commissioning.Diagnosing;

/// <summary>Whole proofs of what a diagnosis finds: every fault of every part of every shape, and a thousand sound rigs.</summary>
public class DiagnosisProofs(ITestOutputHelper output)
{
    private const int SoundRigs = 1_000;

    [Fact(Explicit = true)]
    public void Every_fault_of_every_shape_is_found_by_the_advice()
    {
        var moving = new List<Hunt>();
        var (hunts, forwards) = (new List<Hunt>(), new List<(int Places, int Advice, int Forwards)>());
        foreach (var shape in AllShapes.Competent)
        {
            var plan = new CommissioningPlan(RigStudy.Of(shape.Rig));
            var clock = Stopwatch.StartNew();
            var tables = DiagnosisTables.Of(plan, "line")!;
            var made = clock.ElapsedMilliseconds;
            var found = tables.FaultKeys.AsParallel().AsOrdered().Select((key, i) => Finder.Of(plan, tables, key, (ulong)(i + 1))).ToList();
            hunts.AddRange(found);
            var moved = found.AsParallel().AsOrdered().Select((hunt, i) => Finder.Moves(plan, tables, hunt.Fault, (ulong)(i + 1))).ToList();
            moving.AddRange(found.Where((_, i) => moved[i]));
            foreach (var (hunt, i) in found.Select((hunt, i) => (hunt, i)).Where(pair => pair.hunt.Readings > 0))
            {
                var steps = Finder.Forwards(plan, tables, hunt.Fault, (ulong)(i + 1), out var places);
                forwards.Add((places, hunt.Readings, steps));
            }
            output.WriteLine($"{shape.Name}: {tables.Counts.Faults} faults, {tables.Counts.Solved} solved, {tables.Counts.InFull} of them in full, {made} ms; {Finder.Says(found)}");
            foreach (var (hunt, i) in found.Select((hunt, i) => (hunt, i)).Where(pair => !pair.hunt.Kept || pair.hunt.Place is 0 or > 2)) output.WriteLine($"  {(moved[i] ? "moves" : "hardly moves")} {hunt.Fault}: place {hunt.Place} after {hunt.Readings}, {hunt.View.Stage}, {string.Join(' ', hunt.View.Left.Take(3).Select(cause => cause.Key))}");
        }
        output.WriteLine($"All: {Finder.Says(hunts)}");
        output.WriteLine($"Of those that move a reading by two half-widths: {Finder.Says(moving)}");
        foreach (var (from, to, most) in new[] { (8, 15, 0.7), (16, 1000, 0.5) })
        {
            var some = forwards.Where(one => one.Places >= from && one.Places <= to).ToList();
            output.WriteLine($"{from} to {to} places, {some.Count} faults: {some.Average(one => one.Advice):0.00} readings by the advice, {some.Average(one => one.Forwards):0.00} from the battery forwards: {some.Average(one => one.Advice) / some.Average(one => one.Forwards):0.00}");
            output.WriteLine($"  by the advice {Spread(some.Select(one => one.Advice))}; forwards {Spread(some.Select(one => one.Forwards))}");
            Assert.True(some.Average(one => one.Advice) <= most * some.Average(one => one.Forwards));
        }
        Assert.True(hunts.Select(hunt => hunt.Readings).Order().ElementAt(hunts.Count / 2) <= 5 && hunts.Select(hunt => hunt.Readings).Order().ElementAt(hunts.Count * 9 / 10) <= 8);
        Assert.True(hunts.Count(hunt => hunt.Kept) >= 0.99 * hunts.Count);
        Assert.True(moving.Count(hunt => hunt.Place is 1 or 2) >= 0.98 * moving.Count);
    }

    [Fact(Explicit = true)]
    public void Hardly_a_sound_rig_has_a_fault_named()
    {
        var named = 0;
        foreach (var shape in AllShapes.Competent)
        {
            var plan = new CommissioningPlan(RigStudy.Of(shape.Rig));
            var tables = DiagnosisTables.Of(plan, "line")!;
            var hunts = Enumerable.Range(0, SoundRigs / AllShapes.Competent.Count + 1).AsParallel().Select(i => Finder.Of(plan, tables, "", (ulong)(1000 + i))).Where(hunt => hunt.View.Left[0] is { Key.Length: > 0, Share: > 0.5 }).ToList();
            named += hunts.Count;
            foreach (var hunt in hunts) output.WriteLine($"{shape.Name}: {hunt.View.Left[0].Key} {hunt.View.Left[0].Share:0.00} after {hunt.Readings}");
        }
        output.WriteLine($"{named} of {SoundRigs} sound rigs have a fault named");
        Assert.InRange(named, 0, 5);
    }

    private static string Spread(IEnumerable<int> counts) => string.Join(' ', counts.GroupBy(count => count).OrderBy(group => group.Key).Select(group => $"{group.Key}:{group.Count()}"));
}
