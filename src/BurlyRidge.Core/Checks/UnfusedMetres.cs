using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks;

/// <summary>How far a section's terminals are from the batteries that stand in it, along conductors that no fuse is before.</summary>
internal static class UnfusedMetres
{
    /// <summary>Ways by length of wire, m, in the place of ohms.</summary>
    public static OhmPaths Of(RigSubject subject, Section section) => OhmPaths.From(
        subject.Study.Map, section.Sources.Select(source => (source.A, 0.0)), link => link.Run is { } run ? Limits.UnfusedLength(run) : 0, link => link.Kind != LinkKind.Device, _ => true);
}
