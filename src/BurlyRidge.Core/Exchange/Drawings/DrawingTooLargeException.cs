namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>A drawing would hold more than anybody reads.</summary>
public sealed class DrawingTooLargeException() : Exception(FileWords.TheDrawingWouldHoldToo);
