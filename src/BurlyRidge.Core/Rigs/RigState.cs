using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>How vehicle and switches stand.</summary>
public sealed record RigState
{
    /// <summary>Key on.</summary>
    public bool Key { get; init; }

    /// <summary>What the engine does.</summary>
    public Engine Engine { get; init; }

    /// <summary>High beam on.</summary>
    public bool HighBeam { get; init; }

    /// <summary>Reverse gear.</summary>
    public bool Reverse { get; init; }

    /// <summary>Side lights on.</summary>
    public bool SideLight { get; init; }

    /// <summary>Low beam on.</summary>
    public bool LowBeam { get; init; }

    /// <summary>Brake pressed.</summary>
    public bool BrakeLamp { get; init; }

    /// <summary>Indicating left.</summary>
    public bool IndicatorLeft { get; init; }

    /// <summary>Indicating right.</summary>
    public bool IndicatorRight { get; init; }

    /// <summary>Slots pressed: factory outputs by id, outputs of a box as "box.output".</summary>
    public IReadOnlyList<string> Pressed { get; init; } = [];

    /// <summary>Positions of switches by id; a switch left out is in its first. The switch of a quick plan has off and on.</summary>
    public IReadOnlyDictionary<string, string> Switches { get; init; } = new Dictionary<string, string>();

    /// <summary>Whether a signal is on.</summary>
    public bool Has(Signal signal) => signal switch
    {
        Signal.HighBeam => HighBeam,
        Signal.Reverse => Reverse,
        Signal.SideLight => SideLight,
        Signal.LowBeam => LowBeam,
        Signal.BrakeLamp => BrakeLamp,
        Signal.IndicatorLeft => IndicatorLeft,
        Signal.IndicatorRight => IndicatorRight,
        _ => throw new ArgumentOutOfRangeException(nameof(signal), signal, "unknown signal"),
    };

    /// <summary>The same with a switch in another position.</summary>
    public RigState With(string part, string position) => this with { Switches = new Dictionary<string, string>(Switches, StringComparer.Ordinal) { [part] = position } };

    /// <summary>Whether any signal is on.</summary>
    public bool HasSignal() => Enum.GetValues<Signal>().Any(Has);

    /// <summary>The same with just these signals on.</summary>
    public RigState WithSignals(Func<Signal, bool> on) => this with
    {
        HighBeam = on(Signal.HighBeam),
        Reverse = on(Signal.Reverse),
        SideLight = on(Signal.SideLight),
        LowBeam = on(Signal.LowBeam),
        BrakeLamp = on(Signal.BrakeLamp),
        IndicatorLeft = on(Signal.IndicatorLeft),
        IndicatorRight = on(Signal.IndicatorRight),
    };
}

/// <summary>What the engine does.</summary>
public enum Engine
{
    /// <summary>Off.</summary>
    Off,

    /// <summary>Idling.</summary>
    Idle,

    /// <summary>At cruise.</summary>
    Cruise,
}
