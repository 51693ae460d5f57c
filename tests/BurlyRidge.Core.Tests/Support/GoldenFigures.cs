using System.Globalization;
using System.Text;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>
/// What a rig comes to, in lines of text that are compared whole: sizes, currents, volts, verdicts; no words. With
/// BURLY_RIDGE_GOLDEN=write the files are written anew, and their difference is to be explained where it is committed.
/// </summary>
internal static class GoldenFigures
{
    private const double Nothing = 1e-6;
    private const string Folder = "tests/BurlyRidge.Core.Tests/Golden";

    /// <summary>Holds a rig against the file of that name.</summary>
    public static void Hold(string name, Rig rig) => Hold(Of(rig), Path.Combine(Repository.Root, Folder, $"{name}.txt"));

    /// <summary>Holds a text against a file.</summary>
    public static void Hold(string text, string path)
    {
        if (Environment.GetEnvironmentVariable("BURLY_RIDGE_GOLDEN") == "write")
        {
            Directory.CreateDirectory(Path.GetDirectoryName(path)!);
            File.WriteAllText(path, text);
        }
        Assert.Equal(File.ReadAllText(path), text);
    }

    private static string Of(Rig rig)
    {
        var assessment = Assessor.Assess(rig);
        var text = new StringBuilder();
        foreach (var line in assessment.Lines)
        {
            Say(text, "line", line.Id, line.Verdict, Number(line.Summary?.Amps ?? 0), line.Figures?.DropLimit is { } limit ? Number(limit) : "-");
            foreach (var lamp in line.Figures?.Lamps ?? []) Say(text, "lamp", lamp.Id, Number(lamp.OffVolts), Number(lamp.RunningVolts), Number(lamp.OffAmps), Number(lamp.DropFraction));
            foreach (var part in line.Figures?.Drop ?? []) Say(text, "drop", part.Part, part.Leg, Number(part.Volts));
            Checks(text, line.Checks);
        }
        foreach (var run in assessment.Runs)
            Say(text, "run", run.Id, run.Wire, Number(run.LengthMetres), Number(run.DesignAmps), Number(run.AmpacityAmps), Number(run.ConductorCelsius), Number(run.NearAmps ?? 0), Number(run.FarAmps ?? 0), Number(run.ClearsInSeconds ?? 0), string.Join('+', run.Fuses.Order(StringComparer.Ordinal)));
        foreach (var device in assessment.Devices) Say(text, "device", device.Id, Number(device.RatingAmps), device.Family, Number(device.DesignAmps), Number(device.BreaksAmps));
        foreach (var supply in assessment.Supply) Say(text, "supply", supply.Figures.Id, Number(supply.Figures.LoadAmps), Number(supply.Figures.AlternatorAmps), Number(supply.Figures.BatteryAmps), Number(supply.Figures.PostVolts), Number(supply.Figures.HoursToHalf ?? 0), Number(supply.Lit.Count));
        Checks(text, assessment.Checks);
        return text.ToString();
    }

    private static void Checks(StringBuilder text, IEnumerable<Check> checks)
    {
        foreach (var check in checks.OrderBy(check => $"{check.Id} {check.About}", StringComparer.Ordinal))
            Say(text, "check", check.Id, check.About, check.Verdict, Number(check.Figure), Number(check.Limit), check.Unit, check.Remedy is null ? "" : "remedy");
    }

    private static void Say(StringBuilder text, params object[] words) => text.AppendJoin(' ', words.Select(word => Convert.ToString(word, CultureInfo.InvariantCulture))).Append('\n');

    /// <summary>Four digits: what a solver's rounding changes is no change.</summary>
    private static string Number(double value) => (Math.Abs(value) < Nothing ? 0 : value).ToString("G4", CultureInfo.InvariantCulture);
}
