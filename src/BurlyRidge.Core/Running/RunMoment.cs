namespace BurlyRidge.Core.Running;

/// <summary>A light now.</summary>
/// <param name="Light">Part of its light at its rated volts; 0: dark.</param>
public sealed record LampNow(string Lamp, string Function, double Light, double Volts, double Amps);

/// <summary>A relay, or what works like one in a box or lamp, now.</summary>
/// <param name="Id">Of its coil or input.</param>
/// <param name="Over">Pulled in.</param>
public sealed record RelayNow(string Id, bool Over);

/// <summary>A fuse now.</summary>
/// <param name="Id">Its element.</param>
/// <param name="Heat">How far it is to opening, 0 to 1.</param>
public sealed record FuseNow(string Id, double Amps, double Heat, bool Blown);

/// <summary>A battery now.</summary>
/// <param name="Volts">At its posts.</param>
/// <param name="Amps">Out of it; below 0 it is charged.</param>
/// <param name="Charge">0 to 1.</param>
public sealed record BatteryNow(string Id, double Volts, double Amps, double Charge);

/// <summary>A wire now.</summary>
/// <param name="Amps">From its first end to its second.</param>
/// <param name="Celsius">Of its conductor.</param>
/// <param name="TooHot">Above what its insulation stands.</param>
public sealed record WireNow(string Id, double Amps, double Celsius, bool TooHot);

/// <summary>What can be seen of a rig at one moment of a run.</summary>
/// <param name="Flashing">Whether outputs that flash are shown as their mean.</param>
public sealed record RunMoment(
    double Seconds, bool Flashing, IReadOnlyList<LampNow> Lamps, IReadOnlyList<RelayNow> Relays, IReadOnlyList<FuseNow> Fuses, IReadOnlyList<BatteryNow> Batteries, IReadOnlyList<WireNow> Wires);

/// <summary>A point of the curves against time.</summary>
/// <param name="Batteries">Volts, amps and charge of each.</param>
/// <param name="LineAmps">What the lamps of each line draw together, A, by line.</param>
public sealed record RunSample(double Seconds, IReadOnlyList<BatteryNow> Batteries, IReadOnlyDictionary<string, double> LineAmps);

/// <summary>Something that happened, in words.</summary>
/// <param name="Parts">Parts that it is about.</param>
public sealed record RunNote(double Seconds, RunNoteKind Kind, string Words, IReadOnlyList<string> Parts);

/// <summary>Kinds of what happens.</summary>
public enum RunNoteKind
{
    /// <summary>Somebody turned or pressed something.</summary>
    Turned,

    /// <summary>A box let an output go by itself.</summary>
    LetGo,

    /// <summary>A fuse opened.</summary>
    FuseOpened,

    /// <summary>A wire is hotter than its insulation stands.</summary>
    WireHot,

    /// <summary>Something cannot make up its mind, or lamps fall below their drop-out voltage.</summary>
    Unsteady,

    /// <summary>Relays or lamps went over by themselves.</summary>
    Changed,
}
