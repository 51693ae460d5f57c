using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running;

/// <summary>Why a box let an output go by itself.</summary>
public enum LetGoFor
{
    /// <summary>Its time was over.</summary>
    TimeOut,

    /// <summary>The battery was low.</summary>
    LowVolts,
}

/// <summary>An output that its box let go.</summary>
/// <param name="Slot">As "box.output".</param>
/// <param name="Volts">Of a low battery: at the box, V.</param>
public sealed record LetGo(string Slot, LetGoFor Why, double Volts);

/// <summary>The slots of boxes while a rig runs: what is on of those that are pressed.</summary>
internal sealed class Slots
{
    /// <summary>An output that drops with a low battery does below this, V of 12 (typical, no source).</summary>
    private const double CutOffVolts = 11.5;

    /// <summary>After so long below it, s (typical, no source).</summary>
    private const double CutOffSeconds = 10;

    private readonly double cells;
    private readonly Dictionary<string, (PowerBox Box, BoxOutput Output, Flashing? Flashing)> outputs;
    private readonly Dictionary<string, double> pressedAt;
    private readonly Dictionary<string, double> lowSince;
    private readonly HashSet<string> gone;
    private readonly List<LetGo> justLetGo = [];

    public Slots(Rig rig, RunState from)
    {
        cells = rig.Vehicle.SystemVolts / 12.0;
        outputs = rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => (Key: $"{box.Id}.{output.Id}", box, output)))
            .ToDictionary(slot => slot.Key, slot => (slot.box, slot.output, Flashing.Of(slot.output.Mode)), StringComparer.Ordinal);
        pressedAt = new(from.PressedAt, StringComparer.Ordinal);
        lowSince = new(from.LowSince, StringComparer.Ordinal);
        gone = new(from.LetGo, StringComparer.Ordinal);
    }

    public IReadOnlyDictionary<string, double> PressedAt => new Dictionary<string, double>(pressedAt);

    public IReadOnlyDictionary<string, double> LowSince => new Dictionary<string, double>(lowSince);

    public IReadOnlyList<string> Gone => [.. gone.Order(StringComparer.Ordinal)];

    /// <summary>Those that were let go in the last step.</summary>
    public IReadOnlyList<LetGo> JustLetGo => justLetGo;

    /// <summary>Somebody worked the dash: what is pressed anew begins anew.</summary>
    public void Turn(RigState dash, double now)
    {
        var pressed = dash.Pressed.ToHashSet(StringComparer.Ordinal);
        foreach (var slot in pressedAt.Keys.Except(pressed, StringComparer.Ordinal).ToList())
        {
            pressedAt.Remove(slot);
            lowSince.Remove(slot);
            gone.Remove(slot);
        }
        foreach (var slot in pressed) pressedAt.TryAdd(slot, now);
    }

    /// <summary>The state that is worked at a moment: what was let go, and what is dark within its flash, left out.</summary>
    public RigState At(RigState dash, double now) => With(dash, flashing => flashing.IsOn(now));

    /// <summary>The states within a flash, with their shares of the time; all outputs that flash begin together.</summary>
    public IReadOnlyList<(double Share, RigState State)> Parts(RigState dash)
    {
        var shares = Flashes(dash).Select(flashing => flashing.OnShare).Distinct().Order().ToList();
        if (shares.Count == 0) return [(1, With(dash, _ => true))];
        shares.Add(1);
        return [.. shares.Select((share, i) => (share - (i == 0 ? 0 : shares[i - 1]), With(dash, flashing => flashing.OnShare >= share)))];
    }

    /// <summary>When something of it goes on by itself next, s.</summary>
    public double Until(RigState dash, double now, bool steady)
    {
        var next = steady ? double.PositiveInfinity : Flashes(dash).Select(flashing => flashing.NextEdge(now)).DefaultIfEmpty(double.PositiveInfinity).Min();
        foreach (var (slot, since) in pressedAt)
            if (!gone.Contains(slot) && outputs.TryGetValue(slot, out var own) && own.Output.TimeOutMinutes is { } minutes) next = Math.Min(next, since + 60 * minutes);
        foreach (var (slot, since) in lowSince)
            if (!gone.Contains(slot)) next = Math.Min(next, since + CutOffSeconds);
        return next;
    }

    /// <summary>Lets go what is over; <paramref name="volts"/> are those at a box.</summary>
    public void Go(RigState dash, double now, Func<string, double> volts)
    {
        justLetGo.Clear();
        foreach (var slot in dash.Pressed)
        {
            if (gone.Contains(slot) || !outputs.TryGetValue(slot, out var own)) continue;
            if (own.Output.TimeOutMinutes is { } minutes && pressedAt.TryGetValue(slot, out var since) && now >= since + 60 * minutes) Drop(slot, LetGoFor.TimeOut, 0);
            if (own.Output.Mode != OutputMode.LowVoltageCutOff) continue;
            var there = volts(own.Box.Id);
            if (there >= CutOffVolts * cells) lowSince.Remove(slot);
            else if (!lowSince.TryAdd(slot, now) && now >= lowSince[slot] + CutOffSeconds) Drop(slot, LetGoFor.LowVolts, there);
        }
    }

    private void Drop(string slot, LetGoFor why, double volts)
    {
        if (gone.Add(slot)) justLetGo.Add(new LetGo(slot, why, volts));
        lowSince.Remove(slot);
    }

    /// <summary>Whether one that flashes is on.</summary>
    public bool Flash(RigState dash) => Flashes(dash).Any();

    private IEnumerable<Flashing> Flashes(RigState dash) => dash.Pressed.Where(slot => !gone.Contains(slot)).Select(slot => outputs.GetValueOrDefault(slot).Flashing).OfType<Flashing>();

    private RigState With(RigState dash, Func<Flashing, bool> on)
    {
        bool Stays(string slot) => !gone.Contains(slot) && (outputs.GetValueOrDefault(slot).Flashing is not { } flashing || on(flashing));
        return dash.Pressed.All(Stays) ? dash : dash with { Pressed = [.. dash.Pressed.Where(Stays)] };
    }
}
