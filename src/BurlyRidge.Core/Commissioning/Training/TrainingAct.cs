using System.Text.Json.Serialization;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning.Training;

/// <summary>Something that a learner does; each costs minutes.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Turns), "turns")]
[JsonDerivedType(typeof(TakesOut), "takesOut")]
[JsonDerivedType(typeof(Probes), "probes")]
[JsonDerivedType(typeof(Inspects), "inspects")]
public abstract record TrainingAct
{
    private TrainingAct() { }

    /// <summary>Key, engine, stalk, gear, switches and slots stand so from then on; the lamps are looked at.</summary>
    public sealed record Turns(RigState Dash) : TrainingAct;

    /// <summary>These are out from then on, and no others; the lamps are looked at.</summary>
    /// <param name="Out">Keys of the fault library.</param>
    public sealed record TakesOut(IReadOnlyList<string> Out) : TrainingAct;

    /// <summary>Holds a tester to it as it stands.</summary>
    public sealed record Probes(Probing Probing) : TrainingAct;

    /// <summary>Gets to a part or a wire and looks whether it is what is wrong.</summary>
    /// <param name="Fault">Key of the fault library that is looked for.</param>
    public sealed record Inspects(string Fault) : TrainingAct;
}
