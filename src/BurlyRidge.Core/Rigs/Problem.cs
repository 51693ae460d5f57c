using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Rigs;

/// <summary>One thing in a document that cannot be taken.</summary>
/// <param name="Path">The field, as in the document: "lines[0].oneWayMetres".</param>
/// <param name="Message">A sentence that a fitter understands.</param>
public sealed record Problem(string Path, string Message);

/// <summary>Collects problems, each under its field's path.</summary>
internal sealed class Problems
{
    private const int Most = 100;

    private readonly List<Problem> found = [];

    public IReadOnlyList<Problem> Found => found;

    /// <summary>Notes a problem; nobody reads on after the first hundred.</summary>
    public void Add(string path, string message)
    {
        if (found.Count < Most) found.Add(new Problem(path, message));
    }

    /// <summary>Above <paramref name="above"/> and at most <paramref name="atMost"/>; NaN is neither.</summary>
    public void Above(string path, double value, double above, double atMost, string unit) =>
        Require(path, value > above && value <= atMost, $"Give a number above {above} and up to {atMost}{Spaced(unit)}.");

    /// <summary>From <paramref name="from"/> to <paramref name="to"/>, both allowed; NaN is neither.</summary>
    public void Within(string path, double value, double from, double to, string unit = "") =>
        Require(path, value >= from && value <= to, $"Give a number from {from} to {to}{Spaced(unit)}.");

    public void Wire(string path, string name) =>
        Require(path, WireTable.Find(name) is not null, $"There is no wire called {name}.");

    public void StandardFuse(string path, Fuse fuse) =>
        Require(path, FuseTable.All.Contains(fuse), $"There is no standard {fuse} fuse.");

    public void OneOf(string path, int value, IReadOnlyList<int> allowed, string unit) =>
        Require(path, allowed.Contains(value), $"Give {string.Join(" or ", allowed)}{Spaced(unit)}.");

    public void Text(string path, string value, int atMost) =>
        Require(path, !string.IsNullOrWhiteSpace(value) && value.Length <= atMost, $"Give 1 to {atMost} characters.");

    public void Count(string path, int count, int from, int to, string what) =>
        Require(path, count >= from && count <= to, $"Give {from} to {to} {what}.");

    public void AtMost(string path, int count, int most, string what) =>
        Require(path, count <= most, $"Up to {most} {what} are worked out; here are {count}.");

    /// <summary>Runs over the entries of a list with their paths; an empty entry, as a document may hold one, is a problem.</summary>
    public void Each<T>(string path, IReadOnlyList<T> entries, Action<string, T> check) where T : class
    {
        for (var i = 0; i < entries.Count; i++)
        {
            if (entries[i] is { } entry) check($"{path}[{i}]", entry);
            else Add($"{path}[{i}]", "Must not be empty.");
        }
    }

    private void Require(string path, bool holds, string message)
    {
        if (!holds) Add(path, message);
    }

    private static string Spaced(string unit) => unit.Length == 0 ? "" : " " + unit;
}
