using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Does any regulated lamp get its current through another one?</summary>
internal static class SeriesLampsCheck
{
    internal static readonly CheckKind Kind = new("lamps-in-series", CheckWords.NoLampsWithElectronicsIn,
        CheckWords.LampsOfConstantPowerHave);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var lamps = subject.Study.Map.Links.Where(link => link is { Kind: LinkKind.Load, Law: Law.RegulatedLamp }).ToList();
        if (lamps.Count < 2) yield break;
        var byPlus = lamps.ToLookup(lamp => subject.Study.Feeds.Of(lamp.A));
        var pairs = (from lamp in lamps
                     let between = subject.Study.Feeds.Of(lamp.B)
                     where !between.Grounded && between.Sources.Count == 0 && between.LimitedSources.Count == 0
                     from other in byPlus[between]
                     where other != lamp
                     select (lamp, other)).ToList();
        if (pairs.Count == 0)
        {
            yield return Kind.Result(Verdict.Holds, 0, 0, "lamps", CheckWords.EveryLampWithElectronicsHas);
            yield break;
        }
        foreach (var (lamp, other) in pairs)
        {
            yield return Kind.Result(Verdict.Stop, 2, 0, "lamps",
                CheckWords.FormatAndAreInSeriesThey(subject.Names[lamp.Id], PartNames.Small(subject.Names[other.Id]), Format.RatedVolts(subject.Volts)),
                lamp.Id, subject.LineOf(lamp.Id));
        }
    }
}
