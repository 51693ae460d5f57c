using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>What joins two terminals.</summary>
public enum LinkKind
{
    /// <summary>A run, or a lead of the vehicle's own.</summary>
    Wire,

    /// <summary>A joint, a stud, the body, a battery cable.</summary>
    Joint,

    /// <summary>A contact of a relay, a switch or an output.</summary>
    Contact,

    /// <summary>A fuse or breaker.</summary>
    Device,

    /// <summary>A battery, or the output of a converter or solar panel, from plus to minus.</summary>
    Source,

    /// <summary>Something that the current works in: a lamp, a coil, a socket.</summary>
    Load,
}

/// <summary>One way from terminal to terminal, whatever it carries.</summary>
public sealed class Link(string id, string a, string b, LinkKind kind)
{
    /// <summary>The element's id in the compiled harness.</summary>
    public string Id { get; } = id;

    /// <summary>Terminal; of a source, a load or a device the one nearer plus.</summary>
    public string A { get; } = a;

    /// <summary>Terminal.</summary>
    public string B { get; } = b;

    /// <summary>What it is.</summary>
    public LinkKind Kind { get; } = kind;

    /// <summary>The element that it stands for.</summary>
    public required Law Law { get; init; }

    /// <summary>The run, where it is one.</summary>
    public Run? Run { get; init; }

    /// <summary>The fuse, where it is one; a breaker stands with the bolt-down fuse of its rating (typical).</summary>
    public Fuse? Fuse { get; init; }

    /// <summary>Of a contact: all that must be so for it to be closed.</summary>
    public IReadOnlyList<Need> Needs { get; init; } = [];

    /// <summary>Resistance at 20 °C, contacts closed, fuses cold, Ω.</summary>
    public double ColdOhms { get; init; }

    /// <summary>Resistance at the wire's class of temperature, fuses warm, body joints aged, Ω.</summary>
    public double HotOhms { get; init; }

    /// <summary>Of a source: the most that it gives, A; positive infinity for a battery.</summary>
    public double LimitAmps { get; init; } = double.PositiveInfinity;

    /// <summary>Of a load: something inside it keeps a short from passing: electronics, a switch lamp, a dim lead.</summary>
    public bool Weak { get; init; }

    /// <summary>Of a contact: what it asks of switches and relays whose other contacts it excludes.</summary>
    internal IReadOnlyList<(string Key, IReadOnlyList<string> Names)> Choices { get; set; } = [];

    /// <summary>Number of <see cref="A"/> in its map.</summary>
    internal int NumberA { get; set; }

    /// <summary>Number of <see cref="B"/> in its map.</summary>
    internal int NumberB { get; set; }

    /// <summary>The other end, by number.</summary>
    internal int Beyond(int number) => NumberA == number ? NumberB : NumberA;

    /// <summary>Whether current passes without working: neither load nor source.</summary>
    public bool Conducts => Kind is not (LinkKind.Load or LinkKind.Source);
}
