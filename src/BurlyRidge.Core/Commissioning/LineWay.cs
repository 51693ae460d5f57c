using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running.Faults;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Commissioning;

/// <summary>What a line hangs on: without any of it, its first light is dark.</summary>
/// <param name="On">The least that lights it.</param>
/// <param name="Light">Its first light, by id.</param>
/// <param name="Fuses">In holders, the smallest first.</param>
/// <param name="Relays">Those that pull in for it.</param>
/// <param name="Switches">Those that stand right for it, by id, with a position in which it is dark.</param>
internal sealed record LineWay(RigState On, string Light, IReadOnlyList<ProtectiveDevice> Fuses, IReadOnlyList<Relay> Relays, IReadOnlyDictionary<string, string> Switches)
{
    private const double Glows = 0.01;

    /// <summary>Tries all that there is in a piece of a rig; null where nothing lights it.</summary>
    /// <param name="piece">The line's own piece of the rig in that state.</param>
    public static LineWay? Of(LineStudy line, RigState on, Rig piece)
    {
        if (line.Line.Lights.Count == 0) return null;
        var light = line.Line.Lights[0];
        var function = line.Lamps.FirstOrDefault(lamp => lamp.Id == light)?.Function;
        bool Lit(RigState state, params string[] faults)
        {
            var (rig, put) = FaultLibrary.Put(piece, faults);
            var solved = HarnessCompiler.Solve(rig, state, null, put);
            return function is not null && solved.Harness.Has(light) && function.LightFraction(solved.Across(light), solved.Amps(light)) > Glows;
        }
        if (!Lit(on)) return null;
        var switches = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var own in piece.Switches)
        {
            var now = on.Switches.GetValueOrDefault(own.Id) ?? own.Positions[0].Name;
            if (own.Positions.FirstOrDefault(position => position.Name != now && !Lit(on.With(own.Id, position.Name))) is { } dark) switches[own.Id] = dark.Name;
        }
        return new LineWay(
            on, light,
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
