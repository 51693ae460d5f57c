namespace BurlyRidge.Server.Demo;

/// <summary>A demo vehicle that was handed over: what the shop wrote for it, and who signed.</summary>
/// <param name="Who">Who checked it.</param>
internal sealed record DemoHandOver(string Who)
{
    /// <summary>The shop's own words, by key.</summary>
    public IReadOnlyDictionary<string, string> Words { get; init; } = new Dictionary<string, string>();

    /// <summary>Why what was built otherwise stays so.</summary>
    public string Settled { get; init; } = "";
}
