using System.Text;

namespace BurlyRidge.Core.Exchange;

/// <summary>Where in a document a walk through it is; written out only where something is wrong.</summary>
internal sealed class FieldPath
{
    private readonly List<(string? Field, int Entry)> steps = [];

    /// <summary>Goes on into a field.</summary>
    public void Into(string field) => steps.Add((field, 0));

    /// <summary>Goes on into an entry of a list.</summary>
    public void Into(int entry) => steps.Add((null, entry));

    /// <summary>Goes back to what it came from.</summary>
    public void Back() => steps.RemoveAt(steps.Count - 1);

    /// <summary>How far into the document it is.</summary>
    public int Depth => steps.Count;

    /// <summary>The path, as in "lamps[2].watts".</summary>
    public override string ToString()
    {
        var text = new StringBuilder();
        foreach (var (field, entry) in steps)
        {
            if (field is null) text.Append('[').Append(entry).Append(']');
            else text.Append(text.Length == 0 ? "" : ".").Append(field);
        }
        return text.ToString();
    }
}
