namespace BurlyRidge.Core.Parts;

/// <summary>
/// Where runs meet. Terminals: "id.name" with any name, each joined to the middle through half the joint's resistance; a
/// joint with one run alone is an end, capped where its kind says so.
/// </summary>
/// <param name="Milliohms">From one terminal to another; null: as usual for its kind.</param>
/// <param name="Place">Where it lies.</param>
public sealed record Joint(string Id, JointKind Kind, Zone Place = Zone.EngineBay, double? Milliohms = null) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>Copper that one of its terminals takes; null where nobody said.</summary>
    public CopperRange? Takes { get; init; }

    /// <summary>Current that it is made for, A; null where nobody said.</summary>
    public double? RatedAmps { get; init; }

    /// <summary>How hot a conductor in it may be, °C; null: as usual for its kind.</summary>
    public double? MaxCelsius { get; init; }

    /// <summary>Closed against water; null: not specified.</summary>
    public bool? Sealed { get; init; }

    /// <summary>The housing that it is a pole of, by a name that its other poles share; empty: of its own.</summary>
    public string Housing { get; init; } = "";

    /// <summary>How many cavities that housing has; null: not specified.</summary>
    public int? Cavities { get; init; }

    /// <summary>The cavity that it sits in, as the housing is printed; null: not specified.</summary>
    public int? Cavity { get; init; }

    /// <summary>What the half on the lamp's side has; null: not specified.</summary>
    public PlugHalf? LampHalf { get; init; }

    /// <summary>Its halves have a wedge or lock that has to be in.</summary>
    public bool Wedge { get; init; }

    /// <summary>A wire of the vehicle's own is taken here; null: it is a joint like any other.</summary>
    public PickUp? PickUp { get; init; }

    /// <summary>How hot a conductor may be in a joint of a kind, °C (typical, no source): taps 80, others 105.</summary>
    public static double UsualCelsius(JointKind kind) => kind == JointKind.Tap ? 80 : 105;

    /// <inheritdoc/>
    string? IPart.KindName => NameOf(Kind);

    /// <summary>A new one: a crimp with shrink.</summary>
    public static Joint Usual(NewPart part) => new(part.Id, JointKind.Crimp) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string>? Pins() => null;

    /// <inheritdoc/>
    WireEnd? IPart.EndAt(string pin) => Kind switch
    {
        JointKind.Crimp => new WireEnd(EndKind.ButtJoint),
        JointKind.Solder => new WireEnd(EndKind.Solder),
        JointKind.Plug => new WireEnd(EndKind.PlugContact),
        JointKind.Tap => new WireEnd(EndKind.Tap),
        JointKind.Cap => new WireEnd(EndKind.Cap),
        _ => null,
    };

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around)
    {
        var half = new Law.Joint((Milliohms / 1000 ?? TypicalOhms.Of(Kind)) / 2);
        return around.EndsAt(Id).Select(end => new PartElement($"{end}.half", end, Id, half));
    }

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Joint, Id, NameOf(Kind), name)
    {
        Symbol = Kind switch
        {
            JointKind.Plug => PartSymbol.Plug,
            JointKind.Cap => PartSymbol.Cap,
            JointKind.Tap => PartSymbol.Tap,
            _ => PartSymbol.Splice,
        },
    };

    /// <summary>What a joint is called.</summary>
    public static string NameOf(JointKind kind) => kind switch
    {
        JointKind.Crimp => PartWords.Crimp,
        JointKind.Solder => PartWords.SolderJoint,
        JointKind.Plug => PartWords.Plug,
        JointKind.Tap => PartWords.Tap,
        JointKind.Terminal => PartWords.Terminal,
        _ => PartWords.Cap,
    };

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        if (Milliohms is { } milliohms) problems.Within($"{path}.milliohms", milliohms, 0, 10_000, "mΩ");
        if (RatedAmps is { } rated) problems.Within($"{path}.ratedAmps", rated, 0.5, 500, "A");
        if (MaxCelsius is { } celsius) problems.Within($"{path}.maxCelsius", celsius, 50, 300, "°C");
        problems.Letters($"{path}.housing", Housing, 40);
        if (Cavities is { } cavities) problems.Within($"{path}.cavities", cavities, 1, 100, "cavities");
        if (Cavity is { } cavity) problems.Within($"{path}.cavity", cavity, 1, Cavities ?? 100);
        PickUp?.Check(problems, $"{path}.pickUp");
        if (Takes is not { } takes) return;
        problems.Within($"{path}.takes.fromSquareMillimetres", takes.FromSquareMillimetres, 0, 300, "mm²");
        problems.Within($"{path}.takes.toSquareMillimetres", takes.ToSquareMillimetres, takes.FromSquareMillimetres, 300, "mm²");
    }
}

/// <summary>From so much to so much copper in one terminal, mm².</summary>
public sealed record CopperRange(double FromSquareMillimetres, double ToSquareMillimetres)
{
    /// <summary>Ranges that terminals are sold for, mm² (typical, no source).</summary>
    public static IReadOnlyList<CopperRange> Sold { get; } = [new(0.3, 1), new(1, 2.5), new(2.5, 6), new(6, 10), new(10, 16), new(16, 25), new(25, 50), new(50, 100)];

    /// <summary>The terminals to buy for so little and so much copper; just these where none are sold for both.</summary>
    public static CopperRange ToBuy(double from, double to) =>
        Sold.FirstOrDefault(range => range.Holds(from) && range.Holds(to)) ?? new CopperRange(from, to);

    /// <summary>Whether it takes so much copper.</summary>
    public bool Holds(double copper) => copper >= FromSquareMillimetres && copper <= ToSquareMillimetres;
}

/// <summary>Halves of a plug by their contacts.</summary>
public enum PlugHalf
{
    /// <summary>Pins.</summary>
    Pins,

    /// <summary>Sockets.</summary>
    Sockets,
}

/// <summary>Kinds of joint.</summary>
public enum JointKind
{
    /// <summary>Crimped butt joint or splice.</summary>
    Crimp,

    /// <summary>Soldered.</summary>
    Solder,

    /// <summary>One pole of a mated plug.</summary>
    Plug,

    /// <summary>Insulation-displacement tap.</summary>
    Tap,

    /// <summary>Ring or blade on a terminal.</summary>
    Terminal,

    /// <summary>Fitted end that nothing is joined to.</summary>
    Cap,
}
