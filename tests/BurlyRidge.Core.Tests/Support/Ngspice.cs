using System.Diagnostics;
using System.Globalization;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>Runs the circuit simulator on a netlist and reads its operating point.</summary>
internal static class Ngspice
{
    private const int PatienceMilliseconds = 20_000;

    /// <summary>Voltages of every node of a netlist's operating point, and currents of its voltage sources as "name#branch".</summary>
    public static IReadOnlyDictionary<string, double> NodeVoltages(string elements)
    {
        var deck = elements + """
            .options reltol=1e-7 abstol=1e-11 vntol=1e-9
            .control
            set numdgt=15
            set width=200
            op
            print all
            quit
            .endc
            .end

            """;
        return Run(deck)
            .Select(line => line.Split('=', 2, StringSplitOptions.TrimEntries))
            .Where(parts => parts.Length == 2 && (parts[0].StartsWith('n') || parts[0].EndsWith("#branch", StringComparison.Ordinal)) && double.TryParse(parts[1], CultureInfo.InvariantCulture, out _))
            .ToDictionary(parts => parts[0], parts => double.Parse(parts[1], CultureInfo.InvariantCulture), StringComparer.Ordinal);
    }

    /// <summary>Voltage of a node of a netlist at the end of a transient, from no charge anywhere or from how it stands at the beginning.</summary>
    public static double AfterTransient(string elements, string node, double stepSeconds, double seconds, bool uncharged = true)
    {
        var deck = string.Create(CultureInfo.InvariantCulture, $"""
            {elements}.options reltol=1e-5
            .control
            set numdgt=15
            tran {stepSeconds} {seconds} 0 {stepSeconds}{(uncharged ? " uic" : "")}
            let last = v({node})[length(v({node}))-1]
            print last
            quit
            .endc
            .end

            """);
        return Run(deck).Where(line => line.StartsWith("last = ", StringComparison.Ordinal)).Select(line => double.Parse(line[7..], CultureInfo.InvariantCulture)).Single();
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
            var printed = process.StandardOutput.ReadToEndAsync();
            if (!process.WaitForExit(PatienceMilliseconds))
            {
                process.Kill();
                Assert.Fail($"The simulator did not settle; its netlist begins: {deck[..Math.Min(200, deck.Length)]}");
            }
            var lines = printed.Result.Split('\n').Select(line => line.Trim()).ToList();
            Assert.False(lines.Any(line => line.Contains("Error", StringComparison.Ordinal)), said.Result);
            return lines;
        }
        finally
        {
            File.Delete(file);
        }
    }
}
