using System.Collections.Concurrent;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running.Faults;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Commissioning;

/// <summary>What a line hangs on: without any of it, its first light is dark.</summary>
/// <param name="On">The least that lights it.</param>
/// <param name="Piece">As little of the rig as decides it.</param>
/// <param name="Fuses">In holders, the smallest first.</param>
/// <param name="Relays">Those that pull in for it.</param>
/// <param name="Switches">Those that stand right for it, by id, with a position in which it is dark.</param>
internal sealed record LineWay(RigState On, Rig Piece, IReadOnlyList<ProtectiveDevice> Fuses, IReadOnlyList<Relay> Relays, IReadOnlyDictionary<string, string> Switches)
{
    /// <summary>Tries all that there is in a piece of a rig; null where nothing lights it.</summary>
    /// <param name="piece">The line's own piece of the rig in that state.</param>
    public static LineWay? Of(LineStudy line, RigState on, Rig piece)
    {
        if (line.Line.Lights.Count == 0 || line.Lamps.FirstOrDefault(lamp => lamp.Id == line.Line.Lights[0]) is not { } light) return null;
        bool Lit(RigState state, params string[] faults)
        {
            var (rig, put) = FaultLibrary.Put(piece, faults);
            return HarnessCompiler.Solve(rig, state, null, put).IsLit(light.Id, light.Function);
        }
        if (!Lit(on)) return null;
        var switches = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var own in piece.Switches)
        {
            var now = on.Switches.GetValueOrDefault(own.Id) ?? own.Positions[0].Name;
            if (own.Positions.FirstOrDefault(position => position.Name != now && !Lit(on.With(own.Id, position.Name))) is { } dark) switches[own.Id] = dark.Name;
        }
        return new LineWay(
            on, piece,
            [.. piece.Protection.Where(device => !device.Breaker && !Lit(on, RigFault.KeyOf("fuse-out", device.Id))).OrderBy(device => device.Fuse.RatingAmps)],
            [.. piece.Relays.Where(relay => !Lit(on, RigFault.KeyOf("relay-stuck-open", relay.Id)))],
            switches);
    }

    /// <summary>On, but for one thing: what is short, with how it stands then.</summary>
    public IReadOnlyList<(string Id, RigState State)> Nearly()
    {
        var nearly = new List<(string, RigState)>();
        foreach (var signal in Enum.GetValues<Signal>().Where(On.Has)) nearly.Add(($"{signal}", On.WithSignals(other => other != signal && On.Has(other))));
        foreach (var (own, dark) in Switches) nearly.Add((own, On.With(own, dark)));
        foreach (var slot in On.Pressed) nearly.Add((slot, On with { Pressed = [.. On.Pressed.Where(other => other != slot)] }));
        if (On.Key) nearly.Add(("key", On with { Key = false, Engine = Engine.Off }));
        return nearly;
    }
}

/// <summary>The ways of all lines, each tried once on its own piece of the rig.</summary>
internal sealed class LineWays
{
    private readonly RigStudy study;
    private readonly RigSlices slices;
    private readonly ConcurrentDictionary<(string Line, RigState On), LineWay?> known = [];

    // Of what gives and takes whatever is turned.
    private readonly IReadOnlyList<string> always;

    public LineWays(RigStudy study)
    {
        (this.study, slices) = (study, new RigSlices(study.Wired, study.Map));
        var parts = study.Wired.Converters.Select(part => part.Id).Concat(study.Wired.SolarPanels.Select(part => part.Id)).Concat(study.Wired.Loads.Select(part => part.Id)).ToHashSet(StringComparer.Ordinal);
        always = parts.Count == 0 ? [] : [.. study.Map.Terminals.Where(terminal => parts.Contains(TerminalIndex.Split(terminal).Part))];
    }

    /// <summary>What a line hangs on in that state; null where it is dark.</summary>
    public LineWay? Of(LineStudy line, RigState on) => known.GetOrAdd((line.Line.Id, on), _ => LineWay.Of(line, on, Piece(on, line.Line.Lights.Select(study.Map.Find).OfType<Link>().SelectMany(light => new[] { light.A, light.B }))));

    /// <summary>As little of the rig as decides what is read at some terminals in a state.</summary>
    public Rig Piece(RigState state, IEnumerable<string> terminals)
    {
        var pieces = slices.In(state);
        return pieces.Of(pieces.PiecesAt(terminals.Concat(always)));
    }
}
