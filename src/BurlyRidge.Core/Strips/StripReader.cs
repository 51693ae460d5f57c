using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Strips;

/// <summary>Reads a line of a wired rig as a strip.</summary>
public static class StripReader
{
    /// <summary>The most loose ends that are listed.</summary>
    private const int MaxLoose = 40;

    /// <summary>The line of <paramref name="study"/> from source to earth, in the state that the least lights it; with what works it in others beside that.</summary>
    /// <param name="rig">The whole rig, wired.</param>
    public static Strip Of(Rig rig, WiringMap map, LineStudy study) => Of(rig, map, new StationWords(rig), study);

    /// <summary>The same where several lines of one rig are read.</summary>
    internal static Strip Of(Rig rig, WiringMap map, StationWords words, LineStudy study, bool otherStates = true)
    {
        List<string> lamps = [.. study.Lamps.OrderByDescending(lamp => lamp.DropFraction).Select(lamp => lamp.Id)];
        var coils = new List<string>();
        IReadOnlyList<Strand> strands;
        while (true)
        {
            var points = Profile.Whole(study.Off, lamps, coils, out var coilsFrom);
            strands = StrandReader.Of(map, words, points, coilsFrom);
            var more = Needs(map, strands).Select(need => CoilOf(map, need)).OfType<string>().Distinct().Except(coils).ToList();
            if (more.Count == 0) break;
            coils.AddRange(more);
        }
        List<string> asks = [.. Needs(map, strands).Select(need => Ask(rig, words.Names, need)).OfType<string>().Distinct()];
        foreach (var other in otherStates ? OtherStates(study) : [])
            strands = OtherWays.Added(strands, Of(rig, map, words, study with { Off = LineStudy.SolveOff(study.Off.Harness, other) }, otherStates: false).Strands);
        return new Strip(strands, asks, strands.Count == 0 ? Loose(map, words, study) : []);
    }

    /// <summary>States in which a signal lights the line that need not be on in the least that does: its automatic half.</summary>
    private static IEnumerable<RigState> OtherStates(LineStudy study) =>
        study.Trigger.On is { } on ? study.Trigger.BySignal.Where(pair => !on.Has(pair.Key)).Select(pair => pair.Value) : [];

    private static IEnumerable<Need> Needs(WiringMap map, IEnumerable<Strand> strands) =>
        strands.SelectMany(strand => strand.Stations).SelectMany(station => map.Find(station.Element)?.Needs ?? []);

    /// <summary>The coil, or what is like one, that a contact hangs on.</summary>
    private static string? CoilOf(WiringMap map, Need need) => need switch
    {
        Need.Coil({ } coil) => map.At(coil.Plus).FirstOrDefault(link => link.Kind == LinkKind.Load && WiringMap.Other(link, coil.Plus) == coil.Minus)?.Id,
        Need.Live(var lead) => map.At(lead.Plus).FirstOrDefault(link => link.Kind == LinkKind.Load)?.Id,
        _ => null,
    };

    private static string? Ask(Rig rig, PartNames names, Need need) => need switch
    {
        Need.Press press => SlotWords(rig, names, press.Slot),
        Need.SignalOn on => LineWords.FormatOn(on.Signal.Word()),
        Need.KeyOn => LineWords.KeyOn,
        Need.Position position => LineWords.FormatAt(names[position.Switch], Format.Or(position.Names)),
        _ => null,
    };

    private static string SlotWords(Rig rig, PartNames names, string slot)
    {
        var (box, output) = TerminalIndex.Split(slot);
        var found = rig.PowerBoxes.FirstOrDefault(part => part.Id == box)?.Outputs.FirstOrDefault(part => part.Id == output);
        return found?.Slot is { } at ? LineWords.FormatSlotPressed(at, found.Legend.Length > 0 ? $" ({found.Legend})" : "") : LineWords.FormatPressed(names[slot]);
    }

    /// <summary>What can be reached from the lamps of a line whose wires lead nowhere.</summary>
    private static List<StripStation> Loose(WiringMap map, StationWords words, LineStudy study)
    {
        var met = new HashSet<string>(StringComparer.Ordinal) { Vehicle.Body };
        var seen = new HashSet<string>(StringComparer.Ordinal);
        var open = new Queue<string>();
        var stations = new List<StripStation>();
        foreach (var link in study.Lamps.Select(lamp => map.Find(lamp.Id)).OfType<Link>())
            foreach (var end in new[] { link.A, link.B })
                if (met.Add(end)) open.Enqueue(end);
        while (open.TryDequeue(out var at))
        {
            foreach (var link in map.At(at).Where(link => link.Conducts && seen.Add(link.Id)))
            {
                var other = WiringMap.Other(link, at);
                var word = words.Of(link.Id);
                if (stations.Count < MaxLoose)
                    stations.Add(new StripStation(link.Id, link.Id, word.Kind, word.Part, word.Name, word.Detail, at, other, Leg.Out, 0, word.LengthMetres, words.Passes(link.Id)));
                if (met.Add(other)) open.Enqueue(other);
            }
        }
        return stations;
    }
}
