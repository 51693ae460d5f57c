namespace BurlyRidge.Core.Parts;

/// <summary>What one station of a strip is.</summary>
public enum StripKind
{
    /// <summary>Where the current comes from.</summary>
    Source,

    /// <summary>The fuse or breaker itself.</summary>
    Fuse,

    /// <summary>What holds the fuse.</summary>
    Holder,

    /// <summary>A run of the rig, its crimps with it.</summary>
    Run,

    /// <summary>A lead or cable of the vehicle's own.</summary>
    Lead,

    /// <summary>A joint.</summary>
    Joint,

    /// <summary>Contact of a relay.</summary>
    Relay,

    /// <summary>Contact of a switch.</summary>
    Switch,

    /// <summary>Contact of an output.</summary>
    Output,

    /// <summary>Contact of the vehicle's own: key, stalk, gear.</summary>
    Signal,

    /// <summary>A lamp, or whatever else the current works in.</summary>
    Lamp,

    /// <summary>Coil of a relay or of an output's input.</summary>
    Coil,

    /// <summary>Stud or post.</summary>
    Earth,

    /// <summary>The vehicle's body.</summary>
    Body,
}
