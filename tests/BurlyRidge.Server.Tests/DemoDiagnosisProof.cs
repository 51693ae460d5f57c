using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Tests.Commissioning.Diagnosing;

namespace BurlyRidge.Server.Tests;

/// <summary>Every fault of every line of the largest demo job, looked for by the advice; run by ./bench diagnosis.</summary>
public class DemoDiagnosisProof(SharedServer shared, ITestOutputHelper output) : IClassFixture<SharedServer>
{
    [Fact(Explicit = true)]
    public async Task Every_fault_of_the_demo_rig_is_found_by_the_advice()
    {
        var (path, _) = await shared.Running.DemoAsync("Snow-road rescue wagon");
        var rig = RigDocument.Read(RunningServer.RigOf(await shared.Running.GetAsync(path)).ToJsonString()).Rig!;
        var plan = new CommissioningPlan(AssessedRig.Of(rig, cancellation: TestContext.Current.CancellationToken).Study);
        var (hunts, moving) = (new List<Hunt>(), new List<Hunt>());
        foreach (var line in rig.Lines)
        {
            if (DiagnosisTables.Of(plan, line.Id, cancellation: TestContext.Current.CancellationToken) is not { } tables) continue;
            var found = tables.FaultKeys.AsParallel().AsOrdered().Select((key, i) => (Hunt: Finder.Of(plan, tables, key, (ulong)(i + 1)), Moves: Finder.Moves(plan, tables, key, (ulong)(i + 1)))).ToList();
            hunts.AddRange(found.Select(one => one.Hunt));
            moving.AddRange(found.Where(one => one.Moves).Select(one => one.Hunt));
            output.WriteLine($"{line.Name}: {Finder.Says([.. found.Select(one => one.Hunt)])}");
            foreach (var (hunt, moves) in found.Where(one => !one.Hunt.Kept || one.Hunt.Place is 0 or > 2)) output.WriteLine($"  {(moves ? "moves" : "hardly moves")} {hunt.Fault}: place {hunt.Place} after {hunt.Readings}, {hunt.View.Stage}");
        }
        output.WriteLine($"All: {Finder.Says(hunts)}");
        output.WriteLine($"Of those that move a reading by two half-widths: {Finder.Says(moving)}");
        Assert.True(hunts.Count(hunt => hunt.Kept) >= 0.99 * hunts.Count);
        Assert.True(hunts.Select(hunt => hunt.Readings).Order().ElementAt(hunts.Count / 2) <= 5 && hunts.Select(hunt => hunt.Readings).Order().ElementAt(hunts.Count * 9 / 10) <= 8);
        Assert.True(moving.Count(hunt => hunt.Place is 1 or 2) >= 0.98 * moving.Count);
    }
}
