using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Do marker lamps burn with the side lights, and not whenever the key is on?</summary>
internal static class MarkerKeyCheck
{
    internal static readonly CheckKind Kind = new("marker-key", CheckWords.MarkersBurnWithTheSide, CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from line in subject.Study.Lines
        where line.Line.Use == LineUse.Marker && line.Trigger.On is not null
        let linked = line.Trigger.On!.SideLight
        select Kind.Result(linked ? Verdict.Holds : Verdict.Watch, linked ? 1 : 0, 1, CheckKind.NoUnit,
            linked ? CheckWords.FormatComesOnWithTheSide(line.Line.Name)
                : line.Trigger.On!.Key ? CheckWords.FormatMarkerBurnsWithTheKey(line.Line.Name) : CheckWords.FormatMarkerBurnsRegardless(line.Line.Name),
            "", line.Line.Id);
}
