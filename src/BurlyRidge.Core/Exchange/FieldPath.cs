namespace BurlyRidge.Core.Exchange;

/// <summary>Paths of fields as problems name them: "lines[0].name"; the document itself is "".</summary>
internal static class FieldPath
{
    public static string Join(string path, string name) => path.Length == 0 ? name : $"{path}.{name}";
}
