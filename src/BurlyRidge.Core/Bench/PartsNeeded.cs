using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bench;

/// <summary>Something to be at hand before the work begins.</summary>
/// <param name="Name">As one asks for it.</param>
/// <param name="Count">How many, or how many metres.</param>
/// <param name="Metres">Whether it is counted in metres.</param>
/// <param name="For">Where it goes, place by place.</param>
/// <param name="NotSpecified">What is missing for it to be bought; empty where nothing is.</param>
public sealed record PartNeeded(PartGroup Group, string Name, double Count, bool Metres, IReadOnlyList<string> For, string NotSpecified = "")
{
    /// <summary>Ids of the lamps that it is; empty where it is none.</summary>
    public IReadOnlyList<string> Lamps { get; init; } = [];

    /// <summary>So many of them are spare.</summary>
    public int Spare { get; init; }

    /// <summary>What prices, stock and orders know it by, from job to job.</summary>
    public string Item => Known ? ItemOf(Name) : "";

    /// <summary>Whether it is known well enough to be bought.</summary>
    public bool Known { get; init; } = true;

    /// <summary>The item of a name.</summary>
    public static string ItemOf(string name) => FreeName.Plain(name.Replace("mm²", "mm2", StringComparison.Ordinal).Replace("+", "plus", StringComparison.Ordinal), 80);
}

/// <summary>Kinds of what is needed, in the order of a shopping list.</summary>
public enum PartGroup
{
    /// <summary>Lamps.</summary>
    Lamps,

    /// <summary>Bought harnesses.</summary>
    Kits,

    /// <summary>Fuses, holders and breakers.</summary>
    Protection,

    /// <summary>Relays, switches, boxes.</summary>
    Control,

    /// <summary>Terminals, contacts and joints.</summary>
    Endings,

    /// <summary>Sleeve and ties.</summary>
    Covering,

    /// <summary>What holds, seals and passes.</summary>
    Hardware,
}

/// <summary>Counts what a rig is built from; wire is on the reels.</summary>
public static class PartsNeeded
{
    /// <summary>So many spare fuses of each rating lie in the vehicle (common practice, no source).</summary>
    public static int Spares(FuseFamily family) => family == FuseFamily.Blade ? 2 : 1;

    /// <summary>Everything that a rig needs beside wire, in the order of <see cref="PartGroup"/>.</summary>
    public static IReadOnlyList<PartNeeded> Of(AssessedRig assessed, CutList cuts, IReadOnlyList<Covering> coverings)
    {
        var (whole, names) = (assessed.Study.Wired, assessed.Study.Names);
        var (rig, kits) = (WithoutKits(whole), whole.Runs.Select(run => run.Kit).OfType<KitLegOf>().DistinctBy(kit => kit.Set));
        return
        [
            .. rig.Fixtures.GroupBy(Sort, StringComparer.Ordinal).Select(same => new PartNeeded(PartGroup.Lamps, same.Key, same.Count(), false, [.. same.Select(lamp => names[lamp.Id])]) { Lamps = [.. same.Select(lamp => lamp.Id)] }),
            .. kits.GroupBy(kit => kit.Name, StringComparer.Ordinal).Select(same => new PartNeeded(PartGroup.Kits, same.Key, same.Count(), false, [.. same.Select(kit => LineOf(assessed, whole, kit)).Distinct()])),
            .. Counted(PartGroup.Protection, rig.Protection.Where(device => device.Breaker), device => names[device.Id], device => BenchWords.FormatBreakerOf(Format.RatedAmps(device.Fuse.RatingAmps))),
            .. Counted(PartGroup.Protection, rig.InlineBreakers, device => names[device.Id], device => BenchWords.FormatBreakerOf(Format.RatedAmps(device.RatingAmps))),
            .. Fuses(rig, names),
            .. Counted(PartGroup.Control, rig.Relays, relay => names[relay.Id], relay => BenchWords.FormatRelayOf(Format.RatedAmps(relay.ContactAmps))),
            .. Counted(PartGroup.Control, rig.Switches, part => names[part.Id], part => BenchWords.FormatSwitchOf(Format.RatedAmps(part.RatingAmps))),
            .. Counted(PartGroup.Control, rig.PowerBoxes, box => names[box.Id], box => BenchWords.FormatPowerBoxOf(box.Outputs.Count, Format.RatedAmps(box.TotalAmps))),
            .. Endings(cuts),
            .. Sleeves(coverings),
            .. Ties(coverings),
            .. Hardware.Of(assessed, cuts),
        ];
    }

    /// <summary>What comes with a bought harness is in its box: a part that one of its wires ends at with the terminal that it came with.</summary>
    private static Rig WithoutKits(Rig rig)
    {
        var ends = rig.Runs.SelectMany(run => run.Kit is not { } kit ? [] : new[] { kit.CutFrom ? null : run.From, kit.CutTo ? null : run.To }.OfType<string>()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        return ends.Count == 0 ? rig : rig with
        {
            Protection = [.. rig.Protection.Where(part => !ends.Contains(part.Id))],
            Relays = [.. rig.Relays.Where(part => !ends.Contains(part.Id))],
            Switches = [.. rig.Switches.Where(part => !ends.Contains(part.Id))],
        };
    }

    private static string LineOf(AssessedRig assessed, Rig rig, KitLegOf kit) =>
        assessed.Study.LinesOf(rig.Runs.First(run => run.Kit?.Set == kit.Set).Id) is [var line, ..] ? assessed.Study.Names.Line(line) : BenchWords.OfNoLine;

    /// <summary>Lamps are the same where they draw and measure the same.</summary>
    public static string Sort(Fixture lamp)
    {
        var watts = lamp.Functions.Sum(function => function.Power);
        return lamp.Body is { } body ? BenchWords.FormatLampOfWide(Format.Watts(watts), Format.Millimetres(body.WidthMillimetres, UnitSystem.Metric)) : BenchWords.FormatLampOf(Format.Watts(watts));
    }

    private static IEnumerable<PartNeeded> Counted<T>(PartGroup group, IEnumerable<T> parts, Func<T, string> name, Func<T, string> sort) =>
        parts.GroupBy(sort, StringComparer.Ordinal).Select(same => new PartNeeded(group, same.Key, same.Count(), false, [.. same.Select(name)]));

    private static IEnumerable<PartNeeded> Fuses(Rig rig, PartNames names)
    {
        foreach (var same in rig.Protection.Where(device => !device.Breaker).GroupBy(device => device.Fuse))
        {
            yield return new PartNeeded(PartGroup.Protection, BenchWords.FormatFuseHolder(same.Key), same.Count(), false, [.. same.Select(device => names[device.Id])]);
            yield return new PartNeeded(PartGroup.Protection, BenchWords.FormatFuseOf(same.Key), same.Count() + Spares(same.Key.Family), false, [.. same.Select(device => names[device.Id])]) { Spare = Spares(same.Key.Family) };
        }
    }

    private static IEnumerable<PartNeeded> Endings(CutList cuts) => cuts.Endings
        .GroupBy(end => (Fitting: EndWords.Of(end), Takes: end.Terminal?.Takes, end.NotSpecified)).Select(same => new PartNeeded(
            PartGroup.Endings,
            same.Key.Takes is { } takes ? BenchWords.FormatFittingFor(Format.Capital(same.Key.Fitting), Format.Copper(takes.FromSquareMillimetres), Format.Copper(takes.ToSquareMillimetres)) : Format.Capital(same.Key.Fitting),
            same.Count(), false, [.. same.Select(end => end.Place)], same.Key.NotSpecified)
        { Known = same.First().Kind is not null });

    private static IEnumerable<PartNeeded> Sleeves(IReadOnlyList<Covering> coverings) => coverings.Where(along => along.Sleeve is not null)
        .GroupBy(along => (along.Sleeve, along.SleeveMillimetres)).OrderBy(same => same.Key.SleeveMillimetres).Select(same => new PartNeeded(
            PartGroup.Covering,
            same.Key.SleeveMillimetres is { } wide
                ? same.Key.Sleeve switch
                {
                    SleeveKind.Heat => BenchWords.FormatHeatSleeve(wide),
                    SleeveKind.Braided => BenchWords.FormatBraidedSleeve(wide),
                    _ => BenchWords.FormatConduit(wide),
                }
                : BenchWords.SleeveOfNoSize,
            same.Sum(along => along.Metres), true, [.. same.Select(along => along.Name)],
            same.Key.SleeveMillimetres is null ? BenchWords.WiderThanAnySleeve : ""));

    private static IEnumerable<PartNeeded> Ties(IReadOnlyList<Covering> coverings) => coverings.Where(along => along.Ties > 0)
        .GroupBy(along => (along.Tie, along.TieMillimetres)).OrderBy(same => same.Key.TieMillimetres).Select(same => new PartNeeded(
            PartGroup.Covering,
            same.Key.TieMillimetres is { } length
                ? same.Key.Tie switch
                {
                    TieKind.StickOn => BenchWords.FormatTieOnMount(length),
                    TieKind.PushIn => BenchWords.FormatTiePushIn(length),
                    _ => BenchWords.FormatTieOf(length),
                }
                : BenchWords.TieOfNoSize,
            same.Sum(along => along.Ties), false, [.. same.Select(along => along.Name)],
            same.Key.TieMillimetres is null ? BenchWords.LongerThanAnyTie : ""));
}
