namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Is an outlet's fuse no larger than the outlet?</summary>
internal static class OutletFuseCheck
{
    internal static readonly CheckKind Kind = new("outlet-fuse", "An outlet's fuse is no larger than the outlet", "A socket rated 20 A gets a 20 A fuse (common practice, no source)");

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from load in subject.Rig.Loads
        where load.OutletAmps is not null
        let fuses = subject.Study.Runs.Where(figures => figures.Run.From == $"{load.Id}.plus" || figures.Run.To == $"{load.Id}.plus").SelectMany(figures => figures.Devices).Select(link => link.Fuse!.RatingAmps).ToList()
        let smallest = fuses.DefaultIfEmpty(double.PositiveInfinity).Min()
        let verdict = smallest <= load.OutletAmps ? Verdict.Holds : Verdict.Stop
        select Kind.Result(verdict, smallest, load.OutletAmps!.Value, "A",
            fuses.Count == 0 ? $"No fuse stands before {subject.Names[load.Id]}, made for {Format.RatedAmps(load.OutletAmps!.Value)}. Put one in."
                : $"{subject.Names[load.Id]} is made for {Format.RatedAmps(load.OutletAmps!.Value)} and stands behind a {Format.RatedAmps(smallest)} fuse." + (verdict == Verdict.Holds ? "" : " What is plugged in may draw more than the outlet carries: give it a fuse of its own."),
            load.Id);
}
