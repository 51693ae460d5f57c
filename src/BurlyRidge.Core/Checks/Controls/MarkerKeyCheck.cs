using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Do marker lamps burn with the side lights, and not whenever the key is on?</summary>
internal static class MarkerKeyCheck
{
    internal static readonly CheckKind Kind = new("marker-key", "Markers burn with the side lights", CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from line in subject.Study.Lines
        where line.Line.Use == LineUse.Marker && line.Trigger.On is not null
        let linked = line.Trigger.On!.SideLight
        select Kind.Result(linked ? Verdict.Holds : Verdict.Watch, linked ? 1 : 0, 1, CheckKind.NoUnit,
            linked ? $"{line.Line.Name} comes on with the side lights."
                : $"{line.Line.Name} burns {(line.Trigger.On!.Key ? "whenever the key is on" : "whatever the side lights do")}, not as a parking light. Take its feed from the side light wire.",
            "", line.Line.Id);
}
