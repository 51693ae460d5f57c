namespace BurlyRidge.Core.Parts;

/// <summary>What a wire that ends at a terminal is made off with.</summary>
/// <param name="BladeMillimetres">Width of the blade that a receptacle goes on, mm; null: no receptacle.</param>
public sealed record WireEnd(EndKind Kind, double? BladeMillimetres = null)
{
    /// <summary>On the blades of plug-in relays up to 40 A and of rocker switches (common practice, no source).</summary>
    public static WireEnd Blade { get; } = new(EndKind.Receptacle, 6.3);

    /// <summary>On the contacts of plug-in relays above that, up to 80 A (common practice, no source).</summary>
    public static WireEnd WideBlade { get; } = new(EndKind.Receptacle, 9.5);

    /// <summary>Under a bolt or nut.</summary>
    public static WireEnd Ring { get; } = new(EndKind.Ring);

    /// <summary>Onto a lead that comes with the part.</summary>
    public static WireEnd OntoLead { get; } = new(EndKind.ButtJoint);
}

/// <summary>What goes on the end of a wire.</summary>
public enum EndKind
{
    /// <summary>A ring under a bolt or nut.</summary>
    Ring,

    /// <summary>A blade receptacle.</summary>
    Receptacle,

    /// <summary>A butt joint with adhesive heat-shrink.</summary>
    ButtJoint,

    /// <summary>A pin or socket of a sealed plug.</summary>
    PlugContact,

    /// <summary>A sealed cap.</summary>
    Cap,

    /// <summary>Soldered, with heat-shrink over it.</summary>
    Solder,

    /// <summary>An insulation-displacement tap.</summary>
    Tap,
}
