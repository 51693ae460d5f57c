namespace BurlyRidge.Core.Checks.Supply;

/// <summary>Is it a hybrid or electric vehicle?</summary>
internal static class HighVoltageCheck
{
    internal static readonly CheckKind Kind = new("high-voltage", CheckWords.NoHighVoltageDrive, CheckWords.TheVehicleSMaker);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var hybrid = subject.Vehicle.HighVoltageDrive;
        yield return Kind.Result(hybrid ? Verdict.Stop : Verdict.Holds, hybrid ? 1 : 0, 0, CheckKind.NoUnit,
            hybrid
                ? CheckWords.AHybridOrElectricVehicle
                : CheckWords.NoHighVoltageDrive2);
    }
}
