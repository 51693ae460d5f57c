namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Is an outlet's fuse no larger than the outlet?</summary>
internal static class OutletFuseCheck
{
    internal static readonly CheckKind Kind = new("outlet-fuse", CheckWords.AnOutletSFuseIs, CheckWords.ASocketRated20A);

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from load in subject.Rig.Loads
        where load.OutletAmps is not null
        let fuses = subject.Study.Runs.Where(figures => figures.Run.From == $"{load.Id}.plus" || figures.Run.To == $"{load.Id}.plus").SelectMany(figures => figures.Devices).Select(link => link.Fuse!.RatingAmps).ToList()
        let smallest = fuses.DefaultIfEmpty(double.PositiveInfinity).Min()
        let verdict = smallest <= load.OutletAmps ? Verdict.Holds : Verdict.Stop
        select Kind.Result(verdict, smallest, load.OutletAmps!.Value, "A",
            fuses.Count == 0 ? CheckWords.FormatNoFuseStandsBeforeMade(subject.Names[load.Id], Format.RatedAmps(load.OutletAmps!.Value))
                : CheckWords.FormatIsMadeForAndStands(subject.Names[load.Id], Format.RatedAmps(load.OutletAmps!.Value), Format.RatedAmps(smallest)) + (verdict == Verdict.Holds ? "" : " " + CheckWords.WhatIsPluggedInMay),
            load.Id);
}
