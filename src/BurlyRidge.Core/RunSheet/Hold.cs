namespace BurlyRidge.Core.RunSheet;

/// <summary>What cannot be passed without an answer.</summary>
public enum Hold
{
    /// <summary>A battery's negative is off, and the meter says so.</summary>
    BatteryIsolated,

    /// <summary>The fuse is out.</summary>
    FuseOut,

    /// <summary>A wire of the vehicle's own is what it was taken for: live with it, dead without it.</summary>
    SignalProven,

    /// <summary>Bare metal, and the meter's reading.</summary>
    EarthBared,

    /// <summary>Clears, does not stand out, centred.</summary>
    OfferedUp,

    /// <summary>Each crimp held its pull; each pin read against its print.</summary>
    JointsProven,

    /// <summary>The swarf is out and the edge is covered.</summary>
    SwarfOut,

    /// <summary>Enough wire stays outside before a hole is sealed.</summary>
    SlackOutside,

    /// <summary>Nothing live is left uncapped.</summary>
    NothingLiveUncapped,

    /// <summary>Each slot does what its legend says, with the key on and off.</summary>
    SlotsPressed,

    /// <summary>Lit with its trigger, dark without it.</summary>
    DarkWithoutTrigger,

    /// <summary>Dry inside after the water.</summary>
    HoleWatertight,

    /// <summary>Every fastener and every plug is back.</summary>
    AllBack,

    /// <summary>The bonnet closes over box and leads.</summary>
    BonnetCloses,

    /// <summary>What has to be so before it goes live for a while.</summary>
    WindowOpens,
}
