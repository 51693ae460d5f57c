namespace BurlyRidge.Core.Parts;

/// <summary>One way for current through a part.</summary>
/// <param name="Id">"part" or "part.inside".</param>
/// <param name="From">Terminal, or a name inside the part; of a source, a load or a fuse the one nearer plus.</param>
/// <param name="To">The other.</param>
/// <param name="Law">What it does to the current.</param>
public sealed record PartElement(string Id, string From, string To, Law Law)
{
    /// <summary>Of a contact: all that must be so for it to be closed.</summary>
    public IReadOnlyList<Need> Needs { get; init; } = [];

    /// <summary>Turned off: it is there, and draws nothing.</summary>
    public bool Off { get; init; }

    /// <summary>The vehicle's own affair, which feeds or draws and is not judged: alternator, house load.</summary>
    public bool Unjudged { get; init; }
}

/// <summary>Something in a part that goes over at one voltage and back at a lower one.</summary>
/// <param name="Plus">Terminal of its positive end.</param>
/// <param name="Minus">Terminal of its other end.</param>
/// <param name="PullInVolts">At this and above it is sure to go over, V.</param>
/// <param name="DropOutVolts">At this and below it is sure to go back, V.</param>
/// <param name="EitherWay">Whether it goes over at either polarity, as a coil does.</param>
public sealed record ControlInput(string Id, ControlKind Kind, string Plus, string Minus, double PullInVolts, double DropOutVolts, bool EitherWay);

/// <summary>What goes over and back.</summary>
public enum ControlKind
{
    /// <summary>The coil of a relay: both its ends have to be joined to something.</summary>
    Coil,

    /// <summary>A lead that has to be live: sense of a box, input of an output.</summary>
    Lead,

    /// <summary>The part's own supply.</summary>
    Supply,
}

/// <summary>What must be so for a contact to be closed.</summary>
public abstract record Need
{
    private Need() { }

    /// <summary>A switch in one of these positions.</summary>
    public sealed record Position(string Switch, IReadOnlyList<string> Names) : Need
    {
        /// <summary>Whether it is found in one of them.</summary>
        public bool AsFound { get; init; }
    }

    /// <summary>A slot pressed: a factory output by id, an output of a box as "box.output".</summary>
    public sealed record Press(string Slot) : Need;

    /// <summary>A signal on.</summary>
    public sealed record SignalOn(Signal Signal) : Need;

    /// <summary>The key on.</summary>
    public sealed record KeyOn : Need;

    /// <summary>Something that an input of a part decides by its volts.</summary>
    public abstract record OnInput(ControlInput Input) : Need;

    /// <summary>Volts across a coil, either way round.</summary>
    public sealed record Coil(ControlInput Input) : OnInput(Input);

    /// <summary>A lead live.</summary>
    public sealed record Live(ControlInput Input) : OnInput(Input);

    /// <summary>The part itself fed.</summary>
    public sealed record Fed(ControlInput Input) : OnInput(Input);

    /// <summary>A relay at rest; nothing has to be done for it.</summary>
    public sealed record AtRest(ControlInput Input) : OnInput(Input);
}
