using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Is every lead of a lamp that is not used capped?</summary>
internal static class SpareLeadCheck
{
    private const double CapMetres = 0.05;

    internal static readonly CheckKind Kind = new("spare-lead", CheckWords.UnusedLeadsAreCapped, CheckWords.AWireLeftUnusedIs);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from fixture in subject.Rig.Fixtures
        from pin in fixture.SparePins.Concat(fixture.Functions.Select(function => function.DimPin).OfType<string>())
        select Find(subject, fixture, pin));

    private static Finding Find(RigSubject subject, Fixture fixture, string pin)
    {
        var end = $"{fixture.Id}.{pin}";
        var verdict = subject.Study.Map.WiresAt(end).Any() ? Verdict.Holds : Verdict.Watch;
        var line = fixture.Functions.Select(function => subject.LineOf($"{fixture.Id}.{function.Id}")).FirstOrDefault(found => found is not null);
        return new Finding(verdict, verdict == Verdict.Holds ? 0 : 1, line, () => Kind.Result(
            verdict, verdict == Verdict.Holds ? 1 : 0, 1, CheckKind.NoUnit,
            verdict == Verdict.Holds ? CheckWords.FormatIsJoinedOrCapped(subject.Names.Terminal(end)) : CheckWords.FormatHangsLooseCapItAnd(subject.Names.Terminal(end)),
            end, line, null, () => new Remedy(CheckWords.CapIt)
            {
                Apply = rig => Capped(rig, end, FreeName.In(rig, $"cap-{fixture.Id}-{pin}")),
            }))
        {
            Cause = $"{fixture.Name} {pin}",
            Place = subject.Names[fixture.Id],
        };
    }

    private static Rig Capped(Rig rig, string end, string cap) => rig with
    {
        Joints = [.. rig.Joints, new Joint(cap, JointKind.Cap, Zone.Exterior)],
        Places = rig.Places.FirstOrDefault(place => place.Part == TerminalIndex.Split(end).Part) is { } there ? [.. rig.Places, new Place(cap, there.At)] : rig.Places,
        Runs = [.. rig.Runs, new Run(FreeName.In(rig, $"to-{cap}"), end, $"{cap}.end", Conductors.WireTable.Of(rig.HouseRules.Gauges)[0].Name, CapMetres, [Zone.Exterior]) { Colour = CheckWords.ItsOwn }],
    };
}
