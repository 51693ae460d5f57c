using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Commissioning.Training;

/// <summary>What a customer says of a vehicle that has something wrong with it: what is seen from the seat, and no more.</summary>
internal static class Complaint
{
    /// <summary>A lamp as it should look, and as it does.</summary>
    internal readonly record struct Sight(LampSeen Should, LampSeen Seen);

    /// <summary>Of a line whose lamps look so.</summary>
    /// <param name="others">How the lamps of other lines look.</param>
    public static string Of(string line, IReadOnlyList<Sight> own, IReadOnlyList<Sight> others)
    {
        var called = PartNames.Small(line);
        if (own.Any(lamp => lamp is { Should: LampSeen.Dark, Seen: not LampSeen.Dark })) return TrainingWords.FormatStaysOn(called);
        var (lit, otherLit) = (own.Where(lamp => lamp.Should != LampSeen.Dark).ToList(), others.Where(lamp => lamp.Should != LampSeen.Dark).ToList());
        if (lit.Count > 0 && lit.TrueForAll(lamp => lamp.Seen == LampSeen.Dark))
        {
            // Of a vehicle with one line that is dark there is nothing that works.
            if (otherLit.TrueForAll(lamp => lamp.Seen == LampSeen.Dark)) return TrainingWords.NothingWorks;
            return otherLit.TrueForAll(lamp => lamp.Seen != LampSeen.Dark) ? TrainingWords.FormatStaysDark(called) : TrainingWords.FormatStaysDarkWithOthers(called);
        }
        if (lit.Exists(lamp => lamp.Seen == LampSeen.Dark)) return TrainingWords.FormatSomeAreDark(called);
        if (lit.Exists(lamp => lamp is { Should: LampSeen.Lit, Seen: LampSeen.Dim })) return otherLit.Exists(lamp => lamp is { Should: LampSeen.Lit, Seen: not LampSeen.Lit }) ? TrainingWords.FormatIsDimWithOthers(called) : TrainingWords.FormatIsDim(called);
        return TrainingWords.FormatIsNotRight(called);
    }
}
