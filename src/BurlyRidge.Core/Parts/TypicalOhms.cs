namespace BurlyRidge.Core.Parts;

/// <summary>
/// Resistances of new parts, Ω; typical values (common practice, no source) from the ranges crimp 0.5, ring on a clean stud
/// 0.5, mated plug 3 to 5, fuse holder 1 to 2, relay contact 2 to 5, body path 2 to 5 near the battery and 5 to 15 mΩ further
/// off.
/// </summary>
public static class TypicalOhms
{
    /// <summary>Crimped terminal.</summary>
    public const double Crimp = 0.0005;

    /// <summary>Ring on a clean stud.</summary>
    public const double Stud = 0.0005;

    /// <summary>One pole of a mated plug.</summary>
    public const double Plug = 0.003;

    /// <summary>Fuse holder.</summary>
    public const double Holder = 0.0015;

    /// <summary>Breaker.</summary>
    public const double Breaker = 0.003;

    /// <summary>Relay contact.</summary>
    public const double RelayContact = 0.003;

    /// <summary>Contact of a switch.</summary>
    public const double SwitchContact = 0.005;

    /// <summary>Body from near the battery to it.</summary>
    public const double NearBody = 0.005;

    /// <summary>Body from further off.</summary>
    public const double FarBody = 0.010;

    /// <summary>Up to here the body path is taken as one from the bumper to the battery, m.</summary>
    private const double NearBodyMetres = 2;

    /// <summary>Body from so far off, m.</summary>
    public static double Body(double metres) => metres <= NearBodyMetres ? NearBody : FarBody;

    /// <summary>What years of rust make of a body path, as a multiple (typical, no source).</summary>
    public const double AgedBodyFactor = 3;

    /// <summary>Battery to body, and battery to battery.</summary>
    public const double BatteryCable = 0.0005;

    /// <summary>The vehicle's own wiring from the battery to a lamp, a slot or an output.</summary>
    public const double FactoryWiring = 0.020;

    /// <summary>A joint of that kind, from one side to the other.</summary>
    public static double Of(JointKind kind) => kind switch
    {
        JointKind.Solder => 0.0003,
        JointKind.Plug => Plug,
        JointKind.Tap => 0.005,
        _ => Crimp,
    };
}
