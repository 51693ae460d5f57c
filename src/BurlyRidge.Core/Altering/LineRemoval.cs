using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>A rig without one of its lines.</summary>
/// <param name="Notes">What went with the line, what stays and why, in sentences.</param>
public sealed record RemovedLine(Rig Rig, IReadOnlyList<string> Notes);

/// <summary>Takes a line out with all that nothing else needs.</summary>
public static class LineRemoval
{
    /// <summary>The rig without the line of that id; null where there is none.</summary>
    public static RemovedLine? Of(Rig rig, string lineId)
    {
        if (rig.Lines.FirstOrDefault(line => line.Id == lineId) is not { } line) return null;
        var others = rig.Lines.Where(other => other.Id != lineId).ToList();
        var lightsElsewhere = others.SelectMany(other => other.Lights).Concat(others.SelectMany(other => other.Plan?.Fixtures ?? []).SelectMany(id => LightsOf(rig, id))).ToHashSet(StringComparer.Ordinal);
        var dark = line.Lights.Concat(line.Plan?.Fixtures.SelectMany(id => LightsOf(rig, id)) ?? []).Where(light => !lightsElsewhere.Contains(light)).ToHashSet(StringComparer.Ordinal);
        var lamps = rig.Fixtures.Where(lamp => lamp.Functions.Any(function => dark.Contains($"{lamp.Id}.{function.Id}"))
            && lamp.Functions.All(function => !lightsElsewhere.Contains($"{lamp.Id}.{function.Id}"))).Select(lamp => lamp.Id).ToHashSet(StringComparer.Ordinal);

        var with = UsefulWiring.Of(rig, new HashSet<string>());
        var without = UsefulWiring.Of(rig, lamps.SelectMany(id => LightsOf(rig, id)).Concat(dark).ToHashSet(StringComparer.Ordinal));
        bool Idle(string part) => with.Has(part) && !without.Has(part);
        var passed = Passed(rig, lamps, without);
        bool EndsAtLamp(Run run) => run.Ends().Any(end => lamps.Contains(TerminalIndex.Split(end).Part) && !passed.Contains(end));
        var wires = rig.Runs.Where(run => Idle(run.Id) || EndsAtLamp(run)).Select(run => run.Id).ToHashSet(StringComparer.Ordinal);

        var joined = rig with { Lines = others };
        foreach (var terminal in passed) joined = Joined(joined, terminal, wires);
        var left = joined.Runs.Where(run => !wires.Contains(run.Id)).ToList();
        var wired = left.SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        var wasWired = rig.Runs.SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        bool Bare(string part) => wasWired.Contains(part) && !wired.Contains(part);
        bool Goes(string part) => Idle(part) || Bare(part);
        // A joint or an earth goes with the last wire at it; what is fitted for later only where it was of use before.
        bool IsJoining(IPart part) => part is Joint or Earth;
        var gone = Rig.Lists.Where(list => list.Fitted).SelectMany(list => list.Of(rig)).OfType<IPart>().Where(part => part is not Fixture && (IsJoining(part) ? Bare(part.Id) : part is not (Load or SolarPanel) && Goes(part.Id)))
            .Select(part => part.Id).Concat(lamps).ToHashSet(StringComparer.Ordinal);

        var made = PartRemoval.Fitted(joined with { Runs = left }, gone.Append(lineId).ToHashSet(StringComparer.Ordinal));
        return new RemovedLine(made, Words(rig, line, gone, wires, made, passed.Count));
    }

    /// <summary>The rig with a line's own wiring out, and its lamps where they are; the line is in full wiring.</summary>
    public static Rig Unwired(Rig rig, string lineId)
    {
        var line = rig.Lines.First(line => line.Id == lineId);
        var without = Of(rig, lineId)!.Rig;
        var left = without.Fixtures.Select(lamp => lamp.Id).ToHashSet(StringComparer.Ordinal);
        return without with
        {
            Lines = [.. rig.Lines.Select(other => other.Id == lineId ? line : without.Lines.First(kept => kept.Id == other.Id))],
            Fixtures = rig.Fixtures,
            Beams = rig.Beams,
            Places = [.. without.Places, .. rig.Places.Where(place => rig.Fixtures.Any(lamp => lamp.Id == place.Part && !left.Contains(lamp.Id)))],
        };
    }

    private static IEnumerable<string> LightsOf(Rig rig, string fixture) =>
        rig.Fixtures.FirstOrDefault(lamp => lamp.Id == fixture)?.Functions.Select(function => $"{fixture}.{function.Id}") ?? [];

    /// <summary>Terminals of lamps that go which feed what stays: several wires meet there.</summary>
    private static List<string> Passed(Rig rig, HashSet<string> lamps, UsefulWiring without) =>
        [.. rig.Runs.SelectMany(run => run.Ends()).Distinct().Where(end => lamps.Contains(TerminalIndex.Split(end).Part) && without.Reaches(end))];

    /// <summary>A joint in the place of a terminal that goes, for the wires that stay.</summary>
    private static Rig Joined(Rig rig, string terminal, HashSet<string> wires)
    {
        var part = TerminalIndex.Split(terminal).Part;
        var joint = FreeName.In(rig, $"joint-{terminal}");
        var number = 0;
        string End(string end) => end == terminal ? $"{joint}.{(char)('a' + number++)}" : end;
        return rig with
        {
            Joints = [.. rig.Joints, new Joint(joint, JointKind.Crimp, Zone.Exterior)],
            Runs = [.. rig.Runs.Select(run => wires.Contains(run.Id) ? run : run with { From = End(run.From), To = End(run.To) })],
            Places = rig.Places.FirstOrDefault(place => place.Part == part) is { } place ? [.. rig.Places, new Place(joint, place.At)] : rig.Places,
        };
    }

    private static List<string> Words(Rig rig, Line line, HashSet<string> gone, HashSet<string> wires, Rig made, int joints)
    {
        var touched = rig.Runs.Where(run => wires.Contains(run.Id)).SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        var went = Counted(rig, gone.Contains).Append(Count(wires.Count, EditWords.Wire, EditWords.Wires)).OfType<string>().ToList();
        var stays = Counted(made, touched.Contains).ToList();
        var said = new List<string> { went.Count == 0 ? EditWords.FormatIsTakenOutNothingWas(line.Name) : EditWords.FormatIsTakenOutWith(line.Name, Format.And(went)) };
        if (stays.Count > 0) said.Add(EditWords.FormatOtherLinesNeedThemSo(Format.And(stays)));
        if (joints > 0) said.Add(EditWords.OtherLampsWereFedThrough);
        return said;
    }

    private static IEnumerable<string> Counted(Rig rig, Func<string, bool> counts) =>
        Rig.Lists.Where(list => list.Fitted).Select(list => Count(list.Of(rig).Count(part => counts(part!.Id)), list.One, list.Many)).OfType<string>();

    private static string? Count(int count, string one, string many) => count == 0 ? null : Format.Count(count, one, many);
}
