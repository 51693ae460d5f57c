using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>Studies the lines of one rig, each in no more of it than it takes; lines that come on together are solved once.</summary>
public sealed class LineStudies
{
    private const int SmallPiece = 250;

    private readonly int small;
    private readonly Rig wired;
    private readonly StateFinder finder;
    private readonly RigSlices slices;
    private readonly RigSlices.InState whatever;
    private readonly Dictionary<string, string> asFound;
    private readonly Dictionary<string, RigSlices.InState> states = new(StringComparer.Ordinal);
    private readonly Dictionary<string, Piece> pieces = new(StringComparer.Ordinal);

    /// <summary>Of <paramref name="wired"/>, every line wired part by part, read as <paramref name="map"/>.</summary>
    /// <param name="small">A piece of no more terminals is solved whole: to cut it for each state would take longer.</param>
    public LineStudies(Rig wired, WiringMap map, int small = SmallPiece)
    {
        (this.wired, this.small, finder, slices) = (wired, small, new StateFinder(wired, map), new RigSlices(wired, map));
        whatever = slices.In(null);
        asFound = wired.Switches.ToDictionary(part => part.Id, part => part.Positions[0].Name, StringComparer.Ordinal);
    }

    /// <summary>Studies a line that has lamps.</summary>
    public LineStudy Of(Line line)
    {
        var trigger = JudgedStates.Trigger(wired, line, finder);
        var on = trigger.On ?? RigStates.EverythingOn(wired);
        var name = Name(on);
        var piece = PieceOf(line, on, name);
        if (!piece.Solved.TryGetValue(name, out var solved))
            piece.Solved.Add(name, solved = (LineStudy.SolveOff(piece.Harness, on), piece.Harness.Solve(Running(on))));
        return LineStudy.Of(piece.Slice, trigger, solved.Off, solved.Running);
    }

    private static RigState Running(RigState on) => on with { Key = true, Engine = Engine.Cruise };

    private Piece PieceOf(Line line, RigState on, string name)
    {
        var (state, numbers, key) = (whatever, whatever.PiecesOf(line.Lights), "");
        if (whatever.Size(numbers) > small)
        {
            if (!states.TryGetValue(name, out state)) states.Add(name, state = slices.In(Running(on)));
            (numbers, key) = (state.PiecesOf(line.Lights), name);
        }
        key = $"{string.Join(',', numbers)} {key}";
        if (!pieces.TryGetValue(key, out var piece))
        {
            var slice = state.Of(numbers);
            pieces.Add(key, piece = new Piece(slice, HarnessCompiler.Compile(slice), new(StringComparer.Ordinal)));
        }
        return piece;
    }

    /// <summary>The same for states in which everything stands the same, whether or not a switch that stands as it is found is named.</summary>
    private string Name(RigState state)
    {
        var moved = state.Switches.Where(pair => asFound.GetValueOrDefault(pair.Key) != pair.Value).Select(pair => $"{pair.Key}={pair.Value}");
        return $"{state.Key} {state.Engine} {state.HighBeam} {state.Reverse} {state.SideLight} {string.Join(',', state.Pressed.Order(StringComparer.Ordinal))} {string.Join(',', moved.Order(StringComparer.Ordinal))}";
    }

    /// <summary>Part of the rig, compiled, with what was solved of it by the names of states.</summary>
    private sealed record Piece(Rig Slice, CompiledHarness Harness, Dictionary<string, (SolvedHarness Off, SolvedHarness Running)> Solved);
}
