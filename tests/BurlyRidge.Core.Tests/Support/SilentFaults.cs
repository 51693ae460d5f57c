using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>Faults that change no voltage of a terminal and no current of a wire by as much as a meter shows.</summary>
internal static class SilentFaults
{
    /// <summary>Less is not told from what the meter's last digits do, V and A.</summary>
    private const double Least = 0.03;

    /// <summary>Keys of those of a rig in full wiring that none of these states shows, and neither everything on nor everything off.</summary>
    public static IReadOnlyList<string> Of(Rig rig, IReadOnlyList<RigState> some)
    {
        IReadOnlyList<RigState> states = [new RigState(), .. some, RigStates.EverythingOn(rig), RigStates.EverythingOn(rig) with { Engine = Engine.Off }];
        var terminals = rig.Runs.SelectMany(run => run.Ends()).Distinct().ToList();
        var sound = Figures(rig, []).Select(state => state.ToList()).ToList();
        return [.. FaultLibrary.Of(rig, PartNames.Of(rig)).AsParallel().AsOrdered().Where(fault => !Shows(fault.Key)).Select(fault => fault.Key)];

        bool Shows(string key)
        {
            var (broken, put) = FaultLibrary.Put(rig, [key]);
            return Figures(broken, put).Zip(sound).Any(state => state.First.Zip(state.Second).Any(pair => Math.Abs(pair.First - pair.Second) > Least));
        }

        IEnumerable<IEnumerable<double>> Figures(Rig broken, IReadOnlyList<Fault> put)
        {
            var harness = HarnessCompiler.Compile(broken, put);
            IReadOnlyDictionary<string, bool>? contacts = null;
            foreach (var state in states)
            {
                var solved = harness.Solve(state, contacts);
                contacts = solved.Contacts;
                yield return terminals.Select(terminal => harness.Nodes.ContainsKey(terminal) ? solved.Volts(terminal) : 0).Concat(rig.Runs.Select(run => solved.Amps(run.Id)));
            }
        }
    }
}
