using System.Diagnostics;

namespace BurlyRidge.Server.Tests;

/// <summary>General-purpose programs that read what this one writes.</summary>
internal static class Tools
{
    /// <summary>Runs a program on a file; gives how it ended and what it printed.</summary>
    public static (int Code, string Said) Run(string program, params string[] arguments)
    {
        using var process = Process.Start(new ProcessStartInfo(program, arguments) { RedirectStandardOutput = true, RedirectStandardError = true })!;
        var errors = process.StandardError.ReadToEndAsync();
        var said = process.StandardOutput.ReadToEnd();
        process.WaitForExit();
        return (process.ExitCode, said + errors.Result);
    }

    /// <summary>A file with that content, for as long as something is done with it.</summary>
    public static async Task WithFileAsync(byte[] content, string ending, Action<string> use)
    {
        var path = Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid():n}.{ending}");
        await File.WriteAllBytesAsync(path, content);
        try
        {
            use(path);
        }
        finally
        {
            File.Delete(path);
        }
    }
}
