using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Is there a size in the table that will do for a quick plan, and if not, what would?</summary>
internal static class WireFoundCheck
{
    internal static readonly CheckKind Kind = new("wire-found", CheckWords.AWireThatWillDo, CheckWords.EverySizeOfTheTable);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Saved.Lines)
        {
            if (!subject.Whole.Quick.TryGetValue(line.Id, out var sizing)) continue;
            yield return sizing.ProposedWire is { } wire
                ? Kind.Result(Verdict.Holds, 1, 1, CheckKind.NoUnit, CheckWords.FormatIsTheSmallestThatWill(wire), "", line.Id)
                : Kind.Result(Verdict.Stop, 0, 1, CheckKind.NoUnit, $"{Why(subject, sizing)} {Advice(sizing)}", "", line.Id, null, () => Edit.Size(subject, line));
        }
    }

    private static string Why(RigSubject subject, QuickSizing sizing) => sizing.ProposedFuse is null && sizing.Ladder[^1].Failures is [Sizing.RungFailure.NoFuse]
        ? CheckWords.FormatNoStandardFuseCarriesAt(Format.Amps(sizing.DesignAmps), Format.Percent(subject.Rules.FuseLoadFraction))
        : CheckWords.FormatTheThickestIs(sizing.Ladder[^1].Wire, RungWords.Why(subject.Rules, sizing.Main, sizing.Ladder[^1], sizing.DropLimit));

    private static string Advice(QuickSizing sizing) => sizing.Advice.Count == 0
        ? CheckWords.NeitherAShorterRunNor
        : CheckWords.FormatWhatWouldDo(string.Join("; ", sizing.Advice));
}
