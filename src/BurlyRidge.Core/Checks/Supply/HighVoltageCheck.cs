namespace BurlyRidge.Core.Checks.Supply;

/// <summary>Is it a hybrid or electric vehicle?</summary>
internal static class HighVoltageCheck
{
    internal static readonly CheckKind Kind = new("high-voltage", "No high-voltage drive", "The vehicle's maker");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var hybrid = subject.Vehicle.HighVoltageDrive;
        yield return Kind.Result(hybrid ? Verdict.Stop : Verdict.Holds, hybrid ? 1 : 0, 0, CheckKind.NoUnit,
            hybrid
                ? "A hybrid or electric vehicle: its 12 V side hangs on a high-voltage system that kills, and its earths and batteries follow rules of their own. Ask its maker, and a qualified person."
                : "No high-voltage drive.");
    }
}
