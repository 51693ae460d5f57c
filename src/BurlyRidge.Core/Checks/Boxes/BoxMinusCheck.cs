using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Is the minus of a box where its maker wants it?</summary>
internal static class BoxMinusCheck
{
    internal static readonly CheckKind Kind = new("box-minus", CheckWords.TheBoxSMinusIs, CheckWords.TheMakerSInstructionsFor);

    public static IEnumerable<Check> Judge(RigSubject subject) => subject.Rig.PowerBoxes.Select(box =>
    {
        var minus = $"{box.Id}.minus";
        var posts = subject.Rig.Earths.Where(earth => earth.Kind == EarthKind.Post).Select(earth => earth.Id)
            .Concat(subject.Vehicle.Batteries.Select(battery => $"{battery.Id}.minus")).ToHashSet(StringComparer.Ordinal);
        var reach = OhmPaths.From(subject.Study.Map, [(minus, 0)], link => link.ColdOhms, _ => true, terminal => terminal != subject.Study.Map.Body);
        var joined = subject.Study.Map.WiresAt(minus).Any();
        var onPost = posts.Any(reach.Reaches);
        var verdict = !joined || (box.MinusOnPost && !onPost) ? Verdict.Stop : Verdict.Holds;
        var post = subject.Rig.Earths.FirstOrDefault(earth => earth.Kind == EarthKind.Post)?.Id ?? $"{subject.Vehicle.Batteries[0].Id}.minus";
        return Kind.Result(verdict, onPost ? 1 : 0, box.MinusOnPost ? 1 : 0, CheckKind.NoUnit,
            !joined ? CheckWords.FormatTheMinusOfIsJoined(subject.Names[box.Id])
                : box.MinusOnPost && !onPost ? CheckWords.FormatMustHaveItsMinusOn(subject.Names[box.Id])
                : box.MinusOnPost ? CheckWords.FormatTheMinusOfIsOn(subject.Names[box.Id]) : CheckWords.FormatTheMinusOfIsJoined2(subject.Names[box.Id]),
            box.Id, null, null, () => joined
                ? new Remedy(CheckWords.PutItsMinusOnThe) { Apply = rig => rig with { Runs = [.. rig.Runs.Select(run => run.From == minus ? run with { To = post } : run.To == minus ? run with { From = post } : run)] } }
                : null);
    });
}
