namespace BurlyRidge.Core;

/// <summary>One thing in a document that cannot be taken.</summary>
/// <param name="Path">The field, as in the document: "lines[0].oneWayMetres".</param>
/// <param name="Message">A sentence that a fitter understands.</param>
public sealed record Problem(string Path, string Message);
