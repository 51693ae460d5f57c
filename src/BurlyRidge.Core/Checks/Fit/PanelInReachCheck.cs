using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Fit;

/// <summary>Can what is pressed while driving be reached, and is the road seen past it?</summary>
internal static class PanelInReachCheck
{
    internal static readonly CheckKind Kind = new("panel-in-reach", CheckWords.PanelAndSwitchesAreIn, CheckWords.FromTheSeatBeltOn);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        if (subject.Saved.Body is not { } body) yield break;
        var pressed = subject.Saved.Switches.Select(part => part.Id).Concat(subject.Saved.PowerBoxes.Select(box => PanelFace.Of(box.Id))).ToHashSet(StringComparer.Ordinal);
        var used = subject.Saved.Places.Where(place => pressed.Contains(place.Part)).Select(place => place.At).ToHashSet(StringComparer.Ordinal);
        foreach (var space in body.Spaces.Where(space => used.Contains(space.Id) && (space.InReach is not null || space.InSight is not null)))
        {
            string[] against =
            [
                .. space.InReach == false ? [CheckWords.FormatOutOfReach(space.Name)] : Array.Empty<string>(),
                .. space.InSight == true ? [CheckWords.FormatInTheDriversView(space.Name)] : Array.Empty<string>(),
            ];
            var verdict = against.Length == 0 ? Verdict.Holds : Verdict.Watch;
            yield return Kind.Result(verdict, against.Length, 0, CheckKind.NoUnit,
                against.Length == 0 ? CheckWords.FormatIsInReachAndThe(space.Name) : string.Join(' ', against), space.Id);
        }
    }
}
