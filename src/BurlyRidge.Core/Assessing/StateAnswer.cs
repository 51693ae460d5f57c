using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Assessing;

/// <summary>How the solution of a state came out.</summary>
public enum Outcome
{
    /// <summary>Every fed lamp at its drop-out voltage or above, every contact sure of itself.</summary>
    Converged,

    /// <summary>No state with every fed lamp at its drop-out voltage or above.</summary>
    BrownOut,

    /// <summary>Lamps that cannot share the volts: what is disturbed runs away.</summary>
    Unstable,

    /// <summary>Contacts that go to and fro.</summary>
    Chatter,

    /// <summary>A coil left between its limits.</summary>
    Ambiguous,
}

/// <summary>A rig in one state.</summary>
/// <param name="State">The state asked for.</param>
/// <param name="Outcome">How the solution came out.</param>
/// <param name="Concerns">Lamps that fall out, or controllers that go to and fro or stay between.</param>
/// <param name="Contacts">By controller, whether it has gone over.</param>
/// <param name="Lamps">Every lamp of the rig's own.</param>
/// <param name="Elements">Volts and amps of every element.</param>
/// <param name="Terminals">Volts of every terminal against the body.</param>
/// <param name="Profiles">One a line that carries current.</param>
public sealed record StateAnswer(
    RigState State,
    Outcome Outcome,
    IReadOnlyList<string> Concerns,
    IReadOnlyDictionary<string, bool> Contacts,
    IReadOnlyList<LampAnswer> Lamps,
    IReadOnlyList<ElementAnswer> Elements,
    IReadOnlyDictionary<string, double> Terminals,
    IReadOnlyList<LineProfile> Profiles)
{
    /// <summary>Reads a solution.</summary>
    public static StateAnswer Of(Rig rig, RigState state, SolvedHarness solved)
    {
        IReadOnlyList<string> concerns = solved.Solution switch
        {
            Solution.BrownOut brownOut => brownOut.Lamps,
            Solution.Unstable unstable => unstable.Lamps,
            Solution.Chatter chatter => chatter.Controllers,
            Solution.Ambiguous ambiguous => ambiguous.Controllers,
            _ => [],
        };
        var point = solved.Solution.State;
        return new StateAnswer(
            state,
            OutcomeOf(solved.Solution),
            concerns,
            solved.Contacts,
            [.. rig.Fixtures.SelectMany(fixture => fixture.Functions.Select(function => $"{fixture.Id}.{function.Id}")).Select(id => Lamp(solved, id))],
            [.. solved.Harness.Circuit.Elements.Select((element, i) => new ElementAnswer(element.Id, point.Across(element), point.Amps[i]))],
            solved.Harness.Nodes.ToDictionary(pair => pair.Key, pair => point.Volts[pair.Value]),
            [.. rig.Lines.Select(line => new LineProfile(line.Id, Profile.Of(solved, line.Lights))).Where(profile => profile.Points.Count > 0)]);
    }

    /// <summary>How a solution came out.</summary>
    public static Outcome OutcomeOf(Solution solution) => solution switch
    {
        Solution.BrownOut => Outcome.BrownOut,
        Solution.Unstable => Outcome.Unstable,
        Solution.Chatter => Outcome.Chatter,
        Solution.Ambiguous => Outcome.Ambiguous,
        _ => Outcome.Converged,
    };

    private static LampAnswer Lamp(SolvedHarness solved, string id)
    {
        var (volts, amps) = (solved.Across(id), solved.Amps(id));
        var full = solved.Harness.Elements[id] is not RegulatedLamp lamp || volts >= lamp.DropOutVolts;
        return new LampAnswer(id, volts, amps, Math.Abs(amps) < LampAnswer.DarkAmps ? Light.Dark : full ? Light.Lit : Light.Dim);
    }
}

/// <summary>What a lamp shows.</summary>
public enum Light
{
    /// <summary>Nothing.</summary>
    Dark,

    /// <summary>Below its drop-out voltage.</summary>
    Dim,

    /// <summary>As it should, at the voltage that it gets.</summary>
    Lit,
}

/// <summary>One lamp in a state.</summary>
public sealed record LampAnswer(string Id, double Volts, double Amps, Light Light)
{
    /// <summary>Less than this lights nothing, A.</summary>
    public const double DarkAmps = 1e-3;
}

/// <summary>One element in a state.</summary>
public sealed record ElementAnswer(string Id, double Volts, double Amps);

/// <summary>A line's voltage along its way.</summary>
public sealed record LineProfile(string LineId, IReadOnlyList<ProfilePoint> Points);
