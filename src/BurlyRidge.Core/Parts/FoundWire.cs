
namespace BurlyRidge.Core.Parts;

/// <summary>A wire of the vehicle's own as somebody found it: where a signal can be taken.</summary>
public sealed record FoundWire
{
    /// <summary>At the front or at the rear; null: not specified.</summary>
    public VehicleEnd? End { get; init; }

    /// <summary>At which lamp; null: not specified.</summary>
    public Side? Side { get; init; }

    /// <summary>Colour or colours of the wire.</summary>
    public string Colour { get; init; } = "";

    /// <summary>Where it is reached: behind the lamp, at the fuse box, in the sill.</summary>
    public string Reached { get; init; } = "";

    /// <summary>The plug that it is in, as the vehicle's maker calls it.</summary>
    public string Plug { get; init; } = "";

    /// <summary>What comes off for it.</summary>
    public IReadOnlyList<Cover> Covers { get; init; } = [];

    /// <summary>The day on which a meter proved it, on and off, as "2026-11-26"; empty: not proven.</summary>
    public string ProvenOn { get; init; } = "";

    private const int MostLetters = 80;

    /// <summary>Notes what cannot be taken.</summary>
    internal void Check(Problems problems, string path)
    {
        problems.Letters($"{path}.colour", Colour, MostLetters);
        problems.Letters($"{path}.reached", Reached, MostLetters);
        problems.Letters($"{path}.plug", Plug, MostLetters);
        problems.Day($"{path}.provenOn", ProvenOn);
        problems.Each($"{path}.covers", Covers, (at, cover) => cover.Check(problems, at));
    }
}

/// <summary>Front or rear of the vehicle.</summary>
public enum VehicleEnd
{
    /// <summary>Front.</summary>
    Front,

    /// <summary>Rear.</summary>
    Rear,
}
