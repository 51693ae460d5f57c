using System.Diagnostics;
using System.Globalization;
using System.Text.RegularExpressions;

namespace BurlyRidge.Benchmarks;

/// <summary>The reference program, ngspice, and the analysis time that it reports of itself.</summary>
internal static partial class Simulator
{
    /// <summary>Seconds for the operating point of <paramref name="netlist"/>, or null where it does not end in time.</summary>
    public static double? AnalysisSeconds(string netlist, TimeSpan patience)
    {
        var file = Path.GetTempFileName();
        File.WriteAllText(file, netlist.Replace(".op\n", ".options acct\n.op\n", StringComparison.Ordinal));
        try
        {
            using var process = Process.Start(new ProcessStartInfo("ngspice", ["-b", file]) { RedirectStandardOutput = true, RedirectStandardError = true })!;
            var printed = process.StandardOutput.ReadToEndAsync();
            var said = process.StandardError.ReadToEndAsync();
            if (!process.WaitForExit(patience))
            {
                process.Kill();
                return null;
            }
            var time = AnalysisTime().Match(printed.Result + said.Result);
            return time.Success ? double.Parse(time.Groups["seconds"].Value, CultureInfo.InvariantCulture) : null;
        }
        finally
        {
            File.Delete(file);
        }
    }

    [GeneratedRegex(@"Total analysis time \(seconds\) = (?<seconds>[\d.eE+-]+)")]
    private static partial Regex AnalysisTime();
}
