namespace BurlyRidge.Core.RunSheet;

/// <summary>Stages of the work, in their order.</summary>
public enum Stage
{
    /// <summary>Lamps tried on the bench.</summary>
    Bench,

    /// <summary>Wires of the vehicle proven where nothing has to come off for it.</summary>
    Prove,

    /// <summary>The vehicle made dead.</summary>
    Isolate,

    /// <summary>Covers off or loose, once for the whole job.</summary>
    StripDown,

    /// <summary>Wires of the vehicle proven that lie behind a cover.</summary>
    ProveBehind,

    /// <summary>On the way back to standard: what was fitted comes off.</summary>
    TakeOff,

    /// <summary>Relay, box, switch and leads held in their places.</summary>
    MockUp,

    /// <summary>Lamps mounted finger-tight.</summary>
    Mount,

    /// <summary>What was loose tightened, once it is square and offered up.</summary>
    Tighten,

    /// <summary>Relay, box, fuse holders and switches fixed.</summary>
    Fix,

    /// <summary>Earths bared.</summary>
    Earth,

    /// <summary>Wires laid.</summary>
    Lay,

    /// <summary>Terminals and joints made outside the cabin.</summary>
    Join,

    /// <summary>Tried before a lead goes through the bulkhead.</summary>
    Try,

    /// <summary>Through the bulkhead.</summary>
    Feed,

    /// <summary>Terminals and joints made in the cabin.</summary>
    JoinInside,

    /// <summary>Selectors and modes set.</summary>
    Settings,

    /// <summary>The leads on the battery's posts, and the act that makes it live.</summary>
    Live,

    /// <summary>Tried before anything is taped.</summary>
    Test,

    /// <summary>Tied, taped and sealed.</summary>
    Tidy,

    /// <summary>Water poured over every hole before it is covered.</summary>
    Water,

    /// <summary>Levelled and aimed where the bolts lie behind a cover.</summary>
    Aim,

    /// <summary>Covers back, in the reverse order.</summary>
    Refit,

    /// <summary>Fitted once it comes.</summary>
    Late,

    /// <summary>Levelled and aimed where the bolts stay in reach; looked at in the dark.</summary>
    Dark,

    /// <summary>Labelled, recorded, handed over.</summary>
    HandOver,
}
