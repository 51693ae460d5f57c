namespace BurlyRidge.Core.Checks.Fit;

/// <summary>Do a left and a right mount carry the same?</summary>
internal static class PairCheck
{
    internal static readonly CheckKind Kind = new("pair", CheckWords.LeftAndRightCarryThe, CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        if (subject.Saved.Body is not { } body) yield break;
        var bodies = subject.Saved.Fixtures.ToDictionary(fixture => fixture.Id, fixture => fixture.Measured ?? fixture.Body, StringComparer.Ordinal);
        foreach (var mount in body.Mounts.Where(mount => mount.PairOf is not null && string.CompareOrdinal(mount.Id, mount.PairOf) < 0))
        {
            var (left, right) = (On(subject, mount.Id), On(subject, mount.PairOf!));
            if (left.Count + right.Count == 0) continue;
            var alike = left.Select(id => bodies.GetValueOrDefault(id)?.WidthMillimetres).SequenceEqual(right.Select(id => bodies.GetValueOrDefault(id)?.WidthMillimetres));
            yield return Kind.Result(alike ? Verdict.Holds : Verdict.Watch, left.Count, right.Count, "lamps",
                alike ? CheckWords.FormatAndItsOtherSideCarry(mount.Name)
                    : CheckWords.FormatCarriesItsOtherSideA(mount.Name, Words(subject, left), Words(subject, right)), mount.Id);
        }
    }

    private static List<string> On(RigSubject subject, string mount) =>
        [.. subject.Saved.Places.Where(place => place.At == mount && subject.Saved.Fixtures.Any(fixture => fixture.Id == place.Part)).Select(place => place.Part)];

    private static string Words(RigSubject subject, List<string> parts) => parts.Count == 0 ? CheckWords.Nothing : string.Join(", ", parts.Select(part => subject.Names[part]));
}
