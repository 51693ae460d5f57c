using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;

namespace BurlyRidge.Server.Beams;

/// <summary>A rig in full wiring with how bright its lamps are in a state.</summary>
internal sealed record LitRig(Rig Saved, Rig Wired, IReadOnlyDictionary<string, Brightness> Lights)
{
    /// <summary>Wires it and solves the state.</summary>
    /// <param name="state">Null: everything on, at cruise.</param>
    public static async Task<LitRig> OfAsync(Rig rig, RigState? state, bool engineOff, CancellationToken cancellation)
    {
        using var held = AssessmentCache.Hold(rig);
        var whole = await held.WholeAsync(cancellation);
        var on = state ?? RigStates.EverythingOn(whole.Wired);
        if (engineOff) on = on with { Engine = Engine.Off };
        return new LitRig(whole.Saved, whole.Wired, cancellation.WorkOut(_ => LampBrightness.Of(whole.Wired, Core.Harness.HarnessCompiler.Solve(whole.Wired, on))));
    }

    /// <summary>The rig's own plan of its light, with what is tried for it.</summary>
    public BeamPlan Plan(IReadOnlyList<LampAim>? aims, double? noseUp) => Saved.Beams with { Aims = aims ?? Saved.Beams.Aims, NoseUpDegrees = noseUp ?? Saved.Beams.NoseUpDegrees };

    public BeamView Look(BeamPlan beams, BeamPlan? against, BeamLook look, CancellationToken cancellation) => BeamView.Of(Saved, Wired, Lights, beams, against, look, cancellation);
}
