using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>A rig whose light is looked at: where its lamps are and how they shine is worked out once, however often they are turned.</summary>
public sealed class BeamRig
{
    private readonly PartNames names;

    /// <param name="saved">As it is planned.</param>
    /// <param name="wired">The same with every line in full wiring.</param>
    /// <param name="lights">How bright each light is, by "fixture.light"; one that is left out is dark.</param>
    public BeamRig(Rig saved, Rig wired, IReadOnlyDictionary<string, Brightness> lights)
    {
        (Saved, Wired, Lights, names) = (saved, wired, lights, PartNames.Of(wired));
        Placed = PlacedLamp.Of(saved);
        Tables = saved.Beams.Files.Select(file => (file.Id, Read: Lm63Reader.Read(file.Text) as Lm63Reading.Read)).Where(pair => pair.Read is not null)
            .ToDictionary(pair => pair.Id, pair => new TableLight(pair.Read!.File), StringComparer.Ordinal);
    }

    /// <summary>As it is planned.</summary>
    public Rig Saved { get; }

    /// <summary>The same with every line in full wiring.</summary>
    public Rig Wired { get; }

    internal IReadOnlyDictionary<string, Brightness> Lights { get; }

    internal IReadOnlyList<PlacedLamp> Placed { get; }

    /// <summary>Its photometric files; one that cannot be read is none.</summary>
    internal IReadOnlyDictionary<string, TableLight> Tables { get; }

    /// <summary>What a lamp is called, or a line whose lamps are not chosen yet.</summary>
    internal string NameOf(string lamp) => Wired.Lines.Any(line => line.Id == lamp) && Wired.Fixtures.All(fixture => fixture.Id != lamp) ? names.Line(lamp) : names[lamp];
}
