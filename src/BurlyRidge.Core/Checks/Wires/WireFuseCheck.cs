using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Does the fuse open before the wire is overloaded?</summary>
internal static class WireFuseCheck
{
    public static Check? Judge(LineSubject subject)
    {
        if (subject.Sizing is not { Wire: { } rung, Fuse: { } fuse }) return null;
        var most = Limits.FuseAmpsForWire(rung.AmpacityAmps, fuse.Family);
        var holds = Limits.AtLeast(rung.AmpacityAmps, Limits.WireAmpsForFuse(fuse));
        return new Check("wire-fuse", holds ? Verdict.Holds : Verdict.Stop, "Fuse protects the wire",
            fuse.RatingAmps, most, "A",
            holds
                ? $"The {fuse} fuse is within what {rung.Wire.Name} carries, {Say.Amps(rung.AmpacityAmps)} where it lies."
                : $"{rung.Wire.Name} carries {Say.Amps(rung.AmpacityAmps)} where it lies: it would burn before the {fuse} fuse opens. "
                    + "Take a thicker wire or a smaller fuse.",
            "Load < fuse < wire (common practice, no source); a bolt-down fuse carries half as much again for an hour (ISO 8820-5 kind, from memory)");
    }
}
