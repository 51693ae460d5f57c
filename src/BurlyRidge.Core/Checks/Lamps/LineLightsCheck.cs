
namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Is there a way to turn the line on, and do its lamps then light?</summary>
internal static class LineLightsCheck
{
    /// <summary>Less than this of its rated current is a glow at best.</summary>
    private const double GlowFraction = 0.1;

    internal static readonly CheckKind Kind = new("line-lights", "The line can be lit", "The network solved with everything on that its wires ask for");

    public static IEnumerable<Check> Judge(RigSubject subject) => subject.Study.Lines.Select(line =>
    {
        var dark = line.Lamps.Where(lamp =>
            Math.Max(Math.Abs(line.Off.Amps(lamp.Id)), Math.Abs(line.Running.Amps(lamp.Id))) < GlowFraction * lamp.Function.Watts / lamp.Function.RatedVolts).ToList();
        return Kind.Result(dark.Count == 0 ? Verdict.Holds : Verdict.Stop, line.Lamps.Count - dark.Count, line.Lamps.Count, "lamps",
            dark.Count == 0 ? "Every lamp lights when it is turned on."
            : line.Trigger.On is null ? $"{subject.Names[dark[0].Id]} is joined to no source and earth in any position: a wire is missing, or its trigger is made for the other kind of vehicle."
            : $"{subject.Names[dark[0].Id]} stays dark with everything on that its wires ask for.",
            dark.Count == 0 ? "" : dark[0].Id, line.Line.Id);
    });
}
