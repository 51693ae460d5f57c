using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Is there a size in the table that will do for a quick plan, and if not, what would?</summary>
internal static class WireFoundCheck
{
    internal static readonly CheckKind Kind = new("wire-found", "A wire that will do", "Every size of the table judged; house rules");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Saved.Lines)
        {
            if (!subject.Whole.Quick.TryGetValue(line.Id, out var sizing)) continue;
            yield return sizing.ProposedWire is { } wire
                ? Kind.Result(Verdict.Holds, 1, 1, CheckKind.NoUnit, $"{wire} is the smallest that will do.", "", line.Id)
                : Kind.Result(Verdict.Stop, 0, 1, CheckKind.NoUnit, $"{Why(subject, sizing)} {Advice(sizing)}", "", line.Id, null, () => Edit.Size(subject, line));
        }
    }

    private static string Why(RigSubject subject, QuickSizing sizing) => sizing.ProposedFuse is null && sizing.Ladder[^1].Failures is [Sizing.RungFailure.NoFuse]
        ? $"No standard fuse carries {Format.Amps(sizing.DesignAmps)} at {Format.Percent(subject.Rules.FuseLoadFraction)}."
        : $"The thickest is {sizing.Ladder[^1].Wire}: {RungWords.Why(subject.Rules, sizing.Main, sizing.Ladder[^1], sizing.DropLimit)}.";

    private static string Advice(QuickSizing sizing) => sizing.Advice.Count == 0
        ? "Neither a shorter run nor a split nor more volts helps: use less light on this line."
        : $"What would do: {string.Join("; or ", sizing.Advice)}.";
}
