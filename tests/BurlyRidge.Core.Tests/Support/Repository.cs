namespace BurlyRidge.Core.Tests.Support;

/// <summary>Where the checkout is.</summary>
internal static class Repository
{
    public static string Root { get; } = Find();

    private static string Find()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "BurlyRidge.slnx"))) folder = folder.Parent!;
        return folder.FullName;
    }
}
