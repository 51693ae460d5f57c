using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Strips;

namespace BurlyRidge.Core.Assessing;

/// <summary>One line looked at closely.</summary>
/// <param name="Strip">From source to earth.</param>
/// <param name="On">The least that lights it, engine off; null where its wires lead nowhere.</param>
/// <param name="Offers">What can be added, removed and swapped along it.</param>
/// <param name="States">What flows in the state asked for, first, and in others to compare it with.</param>
public sealed record LineView(string LineId, Strip Strip, RigState? On, IReadOnlyList<Offer> Offers, IReadOnlyList<LineInState> States)
{
    /// <summary>Looks at a line of a valid rig; null where there is none of that id.</summary>
    /// <param name="asked">The state to show; null: the least that lights it, engine off, 12.0 or 24.0 V at the post.</param>
    public static LineView? Of(Rig rig, string lineId, RigState? asked = null, QuickSizes? sizes = null, CancellationToken cancellation = default) =>
        Of(WholeRig.Of(rig, sizes, cancellation), lineId, asked, cancellation);

    /// <summary>The same of a rig that was laid and expanded before.</summary>
    public static LineView? Of(WholeRig rig, string lineId, RigState? asked = null, CancellationToken cancellation = default)
    {
        if (rig.Saved.Lines.All(line => line.Id != lineId)) return null;
        var read = Read(rig, lineId);
        if (read is not var (saved, wired, map, study, strip)) return new LineView(lineId, new Strip([], [], []), null, [], []);
        var whole = HarnessCompiler.Compile(wired);
        var everything = RigStates.EverythingOn(wired);

        var names = PartNames.Of(wired);
        var lights = wired.Fixtures.SelectMany(lamp => lamp.Functions.Select(light => (Id: $"{lamp.Id}.{light.Id}", light))).ToDictionary(pair => pair.Id, pair => pair.light, StringComparer.Ordinal);

        LineInState State(string id, string name, RigState state, SolvedHarness solved)
        {
            cancellation.ThrowIfCancellationRequested();
            return new LineInState(id, name, state, Settled.Of(solved.Solution, names), StripFigures.Of(map, strip, solved, study.DropLimit, lights));
        }

        var states = new List<LineInState>();
        if (asked is not null) states.Add(State("asked", LineWords.AsSet, asked, whole.Solve(asked)));
        var on = study.Trigger.On ?? everything;
        states.Add(State("alone", LineWords.AloneEngineOff, on with { Engine = Engine.Off }, study.Off));
        states.Add(State("running", LineWords.AloneEngineOn, on with { Key = true, Engine = Engine.Cruise }, study.Running));
        states.Add(State("everything", LineWords.AllOnEngineOn, everything, whole.Solve(everything)));
        var left = everything with { Key = false, Engine = Engine.Off };
        states.Add(State("standing", LineWords.AllOnEngineOff, left, whole.Solve(left)));
        return new LineView(lineId, strip, study.Trigger.On, Alterations.Of(saved, saved.Lines.First(line => line.Id == lineId), strip), states);
    }

    /// <summary>The rig with one of the offers taken; null where it is not offered there.</summary>
    public static Rig? Alter(Rig rig, string lineId, string station, string offer, QuickSizes? sizes = null) => Read(WholeRig.Of(rig, sizes), lineId) is var (saved, _, _, _, strip)
        ? Alterations.Take(saved, saved.Lines.First(line => line.Id == lineId), strip, station, offer)
        : null;

    /// <summary>Stations that a quick plan stands for, marked.</summary>
    private static Strip Marked(WholeRig whole, Strip strip)
    {
        if (whole.Quick.Count == 0) return strip;
        IReadOnlyList<StripStation> Of(IReadOnlyList<StripStation> stations) => [.. stations.Select(station => station with { Quick = whole.QuickLineOf(station.Part) is not null })];
        return strip with { Strands = [.. strip.Strands.Select(strand => strand with { Stations = Of(strand.Stations) })], Loose = Of(strip.Loose) };
    }

    /// <summary>The line as it lies, in full wiring, and read; null where it is not there or has no lamps.</summary>
    private static (Rig Saved, Rig Wired, WiringMap Map, LineStudy Study, Strip Strip)? Read(WholeRig whole, string lineId)
    {
        var wired = whole.Wired;
        if (wired.Lines.FirstOrDefault(line => line.Id == lineId) is not { Lights.Count: > 0 } line) return null;
        var map = WiringMap.Of(wired);
        var study = new LineStudies(wired, map).Of(line);
        return (whole.Expanded(lineId), wired, map, study, Marked(whole, StripReader.Of(wired, map, study)));
    }
}

/// <summary>A line in one state.</summary>
/// <param name="Settled">How the solution of the whole state came out.</param>
public sealed record LineInState(string Id, string Name, RigState State, Settled Settled, StripFigures Figures);

/// <summary>How a solution came out, and whose fault it is where it did not.</summary>
/// <param name="Sure">Whether every lamp and contact is sure of itself.</param>
/// <param name="Words">What it is otherwise.</param>
public sealed record Settled(bool Sure, string Words)
{
    private static string Named(PartNames names, IEnumerable<string> ids) => string.Join(", ", ids.Select(id => names[id]).Distinct());

    /// <summary>Reads a solution.</summary>
    public static Settled Of(Solution solution, PartNames names) => solution switch
    {
        Solution.BrownOut brownOut => new(false, LineWords.FormatBrownOutCannotBeHeld(Named(names, brownOut.Lamps))),
        Solution.Unstable unstable => new(false, LineWords.FormatUnstableCannotShareTheVolts(Named(names, unstable.Lamps))),
        Solution.Chatter chatter => new(false, LineWords.FormatChatterChatters(Named(names, chatter.Controllers))),
        Solution.Ambiguous ambiguous => new(false, LineWords.FormatNotCertainSitsBetweenPull(Named(names, ambiguous.Controllers))),
        _ => new(true, LineWords.EveryRelayAndLampIs),
    };
}
