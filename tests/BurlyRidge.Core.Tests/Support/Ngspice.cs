using System.Diagnostics;
using System.Globalization;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>Runs the circuit simulator on a netlist and reads its operating point.</summary>
internal static class Ngspice
{
    public static IReadOnlyList<(double LampVolts, double Amps)> OperatingPoint(IEnumerable<string> decks, int count)
    {
        var prints = Enumerable.Range(0, count).Select(i => $"print v(lamp{i}) i(vs{i})");
        var deck = string.Join('\n',
            [
                "lines", .. decks, ".options reltol=1e-7 abstol=1e-9 vntol=1e-9",
                ".control", "set numdgt=12", "op", .. prints, "quit", ".endc", ".end", "",
            ]);
        var values = Run(deck)
            .Where(line => line.StartsWith("v(lamp", StringComparison.Ordinal) || line.StartsWith("i(vs", StringComparison.Ordinal))
            .Select(line => double.Parse(line.Split('=')[1], CultureInfo.InvariantCulture))
            .ToList();
        Assert.Equal(2 * count, values.Count);
        return [.. Enumerable.Range(0, count).Select(i => (values[2 * i], values[2 * i + 1]))];
    }

    private static List<string> Run(string deck)
    {
        var file = Path.Combine(Path.GetTempPath(), $"line-{Guid.NewGuid():n}.cir");
        File.WriteAllText(file, deck);
        try
        {
            using var process = Process.Start(new ProcessStartInfo("ngspice", ["-b", file])
            {
                RedirectStandardOutput = true,
                RedirectStandardError = true,
            })!;
            var said = process.StandardError.ReadToEndAsync();
            var lines = process.StandardOutput.ReadToEnd().Split('\n').Select(line => line.Trim()).ToList();
            process.WaitForExit();
            Assert.False(lines.Any(line => line.Contains("Error", StringComparison.Ordinal)), said.Result);
            return lines;
        }
        finally
        {
            File.Delete(file);
        }
    }
}
