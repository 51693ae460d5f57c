using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running;

/// <summary>Tells what happens in a run: what was done, and what went on or off with it.</summary>
internal sealed class RunLog(Rig rig, PartNames names)
{
    private readonly List<RunNote> notes = [];
    private readonly HashSet<string> hot = new(StringComparer.Ordinal);
    private readonly HashSet<string> unsteady = new(StringComparer.Ordinal);
    private Seen? before;

    public IReadOnlyList<RunNote> Notes => notes;

    /// <summary>What is lit and pulled in.</summary>
    private sealed record Seen(IReadOnlyDictionary<string, bool> Over, IReadOnlyDictionary<string, double> Lit);

    /// <summary>Takes note of how it stands, and says nothing.</summary>
    public void Look(SolvedHarness solved) => before = See(solved);

    /// <summary>Says what went on and off since, after what was done, where something was.</summary>
    /// <param name="causes">What was done, in words, with what it is about.</param>
    public void Tell(double seconds, SolvedHarness solved, IReadOnlyList<(string Words, string Part)> causes)
    {
        var now = See(solved);
        var effects = before is null ? [] : Effects(before, now).ToList();
        before = now;
        if (causes.Count > 0)
            notes.Add(new RunNote(seconds, RunNoteKind.Turned, RunWords.Happened(causes.Select(cause => cause.Words), effects.Select(effect => effect.Words)), [.. causes.Select(cause => cause.Part).Concat(effects.Select(effect => effect.Part)).Where(part => part.Length > 0).Distinct()]));
        else if (effects.Count > 0)
            notes.Add(new RunNote(seconds, RunNoteKind.Changed, Format.Capital(Format.And(effects.Select(effect => effect.Words))), [.. effects.Select(effect => effect.Part).Distinct()]));
    }

    /// <summary>What was turned, pressed or switched between two states of the dash.</summary>
    public IEnumerable<(string Words, string Part)> Turned(RigState was, RigState now) => RunWords.Turned(rig, names, was, now);

    public void Opened(double seconds, FuseHeat fuse, double amps)
    {
        var part = TerminalIndex.Split(fuse.Element.Id).Part;
        notes.Add(new RunNote(seconds, RunNoteKind.FuseOpened, RunningWords.FormatFuseOpened(RunWords.Fuse(names, fuse.Element.Id, fuse.Fuse), Format.Amps(Math.Abs(amps))), [part]));
    }

    public void LetGo(double seconds, LetGo slot) => notes.Add(new RunNote(seconds, RunNoteKind.LetGo, slot.Why == LetGoFor.TimeOut
        ? RunningWords.FormatTimeOver(RunWords.Slot(rig, names, slot.Slot)) : RunningWords.FormatBatteryLow(RunWords.Slot(rig, names, slot.Slot), Format.Volts(slot.Volts)), [TerminalIndex.Split(slot.Slot).Part]));

    /// <summary>Wires that have become too hot, and what cannot make up its mind; each once until it is over.</summary>
    public void Watch(double seconds, IReadOnlyList<WireHeat> wires, SolvedHarness solved) => notes.AddRange(Wrong(seconds, wires, solved));

    /// <summary>Takes what is wrong already as told: a run that goes on does not tell it again.</summary>
    public void Told(IReadOnlyList<WireHeat> wires, SolvedHarness solved) => _ = Wrong(0, wires, solved).Count();

    private IEnumerable<RunNote> Wrong(double seconds, IReadOnlyList<WireHeat> wires, SolvedHarness solved)
    {
        foreach (var wire in wires)
        {
            var (id, over) = (wire.Wire.Id, wire.Celsius > wire.Wire.InsulationCelsius + TooHotKelvin);
            if (!over) hot.Remove(id);
            else if (hot.Add(id)) yield return new RunNote(seconds, RunNoteKind.WireHot, RunningWords.FormatWireTooHot(names[id], Format.Celsius(wire.Celsius)), [id]);
        }
        var (ids, words) = solved.Solution switch
        {
            Solution.Chatter chatter => (chatter.Controllers, RunningWords.FormatGoesToAndFro(Named(chatter.Controllers))),
            Solution.BrownOut brown => (brown.Lamps, RunningWords.FormatFallsBelow(Named(brown.Lamps))),
            Solution.Unstable unstable => (unstable.Lamps, RunningWords.FormatFallsBelow(Named(unstable.Lamps))),
            _ => ([], ""),
        };
        if (ids.Count == 0) unsteady.Clear();
        else if (unsteady.Add(words)) yield return new RunNote(seconds, RunNoteKind.Unsteady, words, [.. ids.Select(id => TerminalIndex.Split(id).Part).Distinct()]);
    }

    /// <summary>Room above the insulation's class before it is told, K.</summary>
    public const double TooHotKelvin = 1;

    private string Named(IEnumerable<string> ids) => Format.And(ids.Select(id => names[id]).Distinct());

    private Seen See(SolvedHarness solved) => new(
        solved.Contacts,
        rig.Fixtures.SelectMany(lamp => lamp.Functions.Select(light => (Id: $"{lamp.Id}.{light.Id}", light)))
            .Where(one => solved.IsLit(one.Id, one.light)).ToDictionary(one => one.Id, one => solved.Across(one.Id), StringComparer.Ordinal));

    private IEnumerable<(string Words, string Part)> Effects(Seen was, Seen now)
    {
        foreach (var (id, over) in now.Over.Where(pair => was.Over.GetValueOrDefault(pair.Key) != pair.Value))
        {
            if (rig.Relays.Any(relay => relay.Id == id)) yield return (over ? RunningWords.FormatPulledIn(PartNames.Small(names[id])) : RunningWords.FormatDroppedOut(PartNames.Small(names[id])), id);
            if (rig.Converters.Any(converter => converter.Id == id)) yield return (over ? RunningWords.FormatStarts(PartNames.Small(names[id])) : RunningWords.FormatStops(PartNames.Small(names[id])), id);
        }
        foreach (var group in LightsOf(now.Lit.Keys.Except(was.Lit.Keys))) yield return (RunningWords.FormatLitAt(group.Name, Format.Volts(group.Lamps.Min(lamp => now.Lit[lamp]))), group.Part);
        foreach (var group in LightsOf(was.Lit.Keys.Except(now.Lit.Keys))) yield return (RunningWords.FormatWentDark(group.Name), group.Part);
    }

    /// <summary>Lights by line, where a line's went together; the others by name.</summary>
    private IEnumerable<(string Name, IReadOnlyList<string> Lamps, string Part)> LightsOf(IEnumerable<string> lamps)
    {
        var left = lamps.ToHashSet(StringComparer.Ordinal);
        foreach (var line in rig.Lines.Where(line => line.Lights.Count > 0 && line.Lights.All(left.Contains)))
        {
            left.ExceptWith(line.Lights);
            yield return (PartNames.Small(names.Line(line.Id)), line.Lights, TerminalIndex.Split(line.Lights[0]).Part);
        }
        foreach (var lamp in left.Order(StringComparer.Ordinal)) yield return (PartNames.Small(names[lamp]), [lamp], TerminalIndex.Split(lamp).Part);
    }
}
