namespace BurlyRidge.Server.Hosting;

/// <summary>How the server is started.</summary>
/// <param name="Port">Port on loopback; 0 takes a free one.</param>
/// <param name="DataDirectory">Where the database file lives.</param>
/// <param name="Demo">Whether an empty database gets the demo jobs.</param>
/// <param name="WebDirectory">The built web client.</param>
/// <param name="Pseudo">Whether everything that stands in the resources is said with other letters, so that what does not is seen.</param>
/// <param name="WarmUp">Whether it works something out right after its start, so that the first answers are as quick as the next.</param>
public sealed record ServeOptions(int Port, string DataDirectory, bool Demo, string WebDirectory, bool WarmUp = true, bool Pseudo = false)
{
    /// <summary>What is printed for --help and beside a refused argument.</summary>
    public static string Usage => ServerWords.Usage;

    /// <summary>The options, or a message that says what is wrong with the arguments.</summary>
    public sealed record Parsed(ServeOptions? Options, string Message, bool IsHelp = false);

    /// <summary>Reads the command line; "--port 5280" and "--port=5280" are both taken.</summary>
    public static Parsed Parse(IReadOnlyList<string> args)
    {
        var options = new ServeOptions(5280, "data", true, Path.Combine(AppContext.BaseDirectory, "wwwroot"));
        var words = new Queue<string>(args.SelectMany(arg => arg.StartsWith("--", StringComparison.Ordinal) ? arg.Split('=', 2) : [arg]));
        while (words.TryDequeue(out var word))
        {
            switch (word)
            {
                case "--help":
                    return new Parsed(null, Usage, IsHelp: true);
                case "--empty":
                    options = options with { Demo = false };
                    break;
                case "--cold":
                    options = options with { WarmUp = false };
                    break;
                case "--pseudo":
                    options = options with { Pseudo = true };
                    break;
                case "--port" when words.TryDequeue(out var text) && int.TryParse(text, out var port) && port is >= 0 and <= 65535:
                    options = options with { Port = port };
                    break;
                case "--data" when words.TryDequeue(out var directory) && directory.Length > 0:
                    options = options with { DataDirectory = directory };
                    break;
                case "--web" when words.TryDequeue(out var directory) && directory.Length > 0:
                    options = options with { WebDirectory = directory };
                    break;
                default:
                    return new Parsed(null, ServerWords.FormatCannotTakeTheArgumentOr(word, Usage));
            }
        }
        return new Parsed(options, "");
    }
}
