namespace BurlyRidge.Core;

/// <summary>Text of several lines: it may hold line breaks and tabs, which no other text of a document may.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class LongTextAttribute : Attribute;
