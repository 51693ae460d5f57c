using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Is there a way to turn the line on, and do its lamps then light?</summary>
internal static class LineLightsCheck
{
    /// <summary>Less than this of its rated current is a glow at best.</summary>
    private const double GlowFraction = 0.1;

    /// <summary>Volts against a lamp's direction that no contact or wire loses.</summary>
    private const double ReversedVolts = 3;

    internal static readonly CheckKind Kind = new("line-lights", CheckWords.TheLineCanBeLit, CheckWords.TheNetworkSolvedWithEverything);

    public static IEnumerable<Check> Judge(RigSubject subject) => subject.Study.Lines.Select(line =>
    {
        var turned = line.Lamps.FirstOrDefault(lamp => lamp.Function.Kind != LampKind.Filament && Math.Min(line.Off.Across(lamp.Id), line.Running.Across(lamp.Id)) < -ReversedVolts);
        var dark = line.Lamps.Where(lamp => lamp == turned ||
            Math.Max(Math.Abs(line.Off.Amps(lamp.Id)), Math.Abs(line.Running.Amps(lamp.Id))) < GlowFraction * lamp.Function.Power / lamp.Function.RatedVolts).ToList();
        return Kind.Result(dark.Count == 0 ? Verdict.Holds : Verdict.Stop, line.Lamps.Count - dark.Count, line.Lamps.Count, "lamps",
            dark.Count == 0 ? CheckWords.EveryLampLightsWhenIt
            : turned is not null ? CheckWords.FormatIsTheWrongWayRound(subject.Names[turned.Id])
            : CheckWords.FormatStaysDark(subject.Names[dark[0].Id], DarkLamp.Why(subject, line, dark[0])),
            dark.Count == 0 ? "" : (turned ?? dark[0]).Id, line.Line.Id);
    });
}
