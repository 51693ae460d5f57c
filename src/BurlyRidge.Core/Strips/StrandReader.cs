using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Strips;

/// <summary>Puts the points of a profile together to strands of stations.</summary>
internal sealed class StrandReader
{
    private const string HalfOfJoint = ".half";

    private readonly WiringMap map;
    private readonly StationWords words;
    private readonly IReadOnlyList<ProfilePoint> points;
    private readonly List<Strand> strands = [];
    private readonly HashSet<string> joints = new(StringComparer.Ordinal);
    private readonly StripPlace[] placeOf;
    private readonly Dictionary<(Leg, string), StripPlace> firstAt = [];

    private StrandReader(WiringMap map, StationWords words, IReadOnlyList<ProfilePoint> points)
    {
        (this.map, this.words, this.points) = (map, words, points);
        placeOf = new StripPlace[points.Count];
    }

    /// <summary>Strands of a profile whose points from <paramref name="coilsFrom"/> on are of coils.</summary>
    public static IReadOnlyList<Strand> Of(WiringMap map, StationWords words, IReadOnlyList<ProfilePoint> points, int coilsFrom)
    {
        var reader = new StrandReader(map, words, points);
        for (var start = 0; start < points.Count;)
        {
            var end = start + 1;
            while (end < points.Count && end != coilsFrom && points[end].From == end - 1) end++;
            reader.Read(start, end, control: start >= coilsFrom);
            start = end;
        }
        return reader.strands;
    }

    private void Read(int start, int end, bool control)
    {
        var stations = new List<StripStation>();
        var number = strands.Count;
        StripPlace? leaves = points[start].From < 0 ? null : placeOf[points[start].From];
        for (var i = start; i < end; i++)
        {
            if (points[i].From < 0) stations.Add(Source(points[i]));
            else if (!SameJoint(stations, points[i])) stations.AddRange(Through(points[i]));
            else stations[^1] = stations[^1] with { To = points[i].Terminal, Metres = points[i].Metres };
            placeOf[i] = new StripPlace(number, stations.Count - 1);
        }
        var last = points[end - 1];
        StripPlace? joins = firstAt.TryGetValue((last.Leg, last.Terminal), out var there) && there.Strand < number ? there : null;
        for (var i = start; i < end; i++) firstAt.TryAdd((points[i].Leg, points[i].Terminal), placeOf[i]);
        strands.Add(new Strand(control, leaves, joins, stations));
    }

    private StripStation Source(ProfilePoint point)
    {
        var word = words.Of(point.Terminal);
        return Station(point.Terminal, "", word with { Kind = StripKind.Source, LengthMetres = 0 }, "", point);
    }

    /// <summary>The two halves of a joint are one station.</summary>
    private static bool SameJoint(List<StripStation> stations, ProfilePoint point) =>
        point.Part.EndsWith(HalfOfJoint, StringComparison.Ordinal) && stations.Count > 0
        && stations[^1].Kind == StripKind.Joint && stations[^1].Part == JointOf(point.Part) && stations[^1].Leg == point.Leg;

    private static string JointOf(string half) => TerminalIndex.Split(half).Part;

    private IEnumerable<StripStation> Through(ProfilePoint point)
    {
        var from = points[point.From].Terminal;
        var word = words.Of(point.Part);
        // A joint that several ways go through stands under its own name on the first of them.
        if (point.Part.EndsWith(HalfOfJoint, StringComparison.Ordinal))
            return [Here(joints.Add(word.Part) ? word.Part : point.Part, word)];
        if (map.Find(point.Part) is not { } link) return [Here(point.Part, word)];
        return StationSplit.Of(link.Law, word.Kind).Select(inside => inside.Suffix.Length == 0
            ? Here(point.Part, word)
            : Here(point.Part + inside.Suffix, new StationWord(inside.Kind, word.Part, inside.Kind == StripKind.Holder ? PartWords.Holder : PartWords.BodyInSentence, "")));

        StripStation Here(string id, StationWord word) => Station(id, point.Part, word, from, point);
    }

    private StripStation Station(string id, string element, StationWord word, string from, ProfilePoint point) =>
        new(id, element, word.Kind, word.Part, word.Name, word.Detail, from, point.Terminal, point.Leg, point.Metres, word.LengthMetres, words.Passes(element))
        {
            List = words.ListOf(word.Part),
            Rated = word.Rated,
            Symbol = word.Symbol,
        };
}
