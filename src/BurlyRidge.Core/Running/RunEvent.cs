using System.Text.Json.Serialization;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running;

/// <summary>Something that is done to a rig while it runs.</summary>
/// <param name="Seconds">When, from the start, s.</param>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Turns), "turns")]
[JsonDerivedType(typeof(Replaces), "replaces")]
[JsonDerivedType(typeof(Charges), "charges")]
[JsonDerivedType(typeof(Breaks), "breaks")]
public abstract record RunEvent(double Seconds)
{
    /// <summary>Key, engine, stalk, gear, switches and slots stand so from then on; of a slot that answers while it is held, as long as it is among the pressed.</summary>
    public sealed record Turns(double Seconds, RigState Dash) : RunEvent(Seconds);

    /// <summary>A fuse that has opened is replaced, or a breaker reset.</summary>
    /// <param name="Fuse">Its element.</param>
    public sealed record Replaces(double Seconds, string Fuse) : RunEvent(Seconds);

    /// <summary>A battery has so much charge.</summary>
    /// <param name="Charge">0 to 1.</param>
    public sealed record Charges(double Seconds, string Battery, double Charge) : RunEvent(Seconds);

    /// <summary>These faults are in it from then on, and no others.</summary>
    /// <param name="Faults">Keys of the fault library.</param>
    public sealed record Breaks(double Seconds, IReadOnlyList<string> Faults) : RunEvent(Seconds);
}
