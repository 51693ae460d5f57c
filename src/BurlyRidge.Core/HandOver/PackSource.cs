using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.HandOver;

/// <summary>All that a hand-over pack is made of.</summary>
/// <param name="Assessed">The plan, in the units that the pack is printed in.</param>
/// <param name="Plan">What is measured and tried on it.</param>
/// <param name="Bench">The same on the bench: what is spare is read from it.</param>
/// <param name="Marks">Aim marks, as the vehicle stands.</param>
/// <param name="Sheet">The work, as it stands.</param>
/// <param name="Record">What happened at the vehicle.</param>
/// <param name="Measured">What was measured on it.</param>
/// <param name="Own">What was written for the hand-over.</param>
/// <param name="Sealed">What is signed, or would be.</param>
/// <param name="Day">Of the hand-over, or of printing, as it is printed.</param>
public sealed record PackSource(
    JobParticulars Particulars, Shop Shop, AssessedRig Assessed, CommissioningPlan Plan, BenchView Bench, IReadOnlyList<AimMark> Marks,
    SheetView Sheet, SheetRecord Record, IReadOnlyList<CommissionedLine> Commissioned, CommissioningRecord Measured,
    HandOverRecord Own, IReadOnlyList<Difference> Differences, IReadOnlyList<Obstacle> Open, SealedJob Sealed, string Day)
{
    /// <summary>What is remembered of quick plans; null: nothing.</summary>
    public QuickSizes? Sizes { get; init; }

    internal Rig Saved => Assessed.Whole.Saved;

    internal Rig Rig => Assessed.Study.Wired;

    internal PartNames Names => Assessed.Study.Names;

    internal UnitSystem Units => Saved.HouseRules.Units;

    private PartLocations? where;
    private IReadOnlyList<PlacedLamp>? lamps;

    /// <summary>Where a part is, as it is called; what nobody placed and is within reach of a battery's post is at the battery; empty: not specified.</summary>
    internal string PlaceOf(string part)
    {
        where ??= PartLocations.Of(Rig);
        if ((Saved.Places.FirstOrDefault(place => place.Part == part)?.At ?? where.Of(part)) is { } at) return Names.Place(at);
        var near = Assessed.Study.Map.RunsAt($"{part}.in").Concat(Assessed.Study.Map.RunsAt($"{part}.out")).Where(run => run.LengthMetres <= AtBatteryMetres).SelectMany(run => run.Ends())
            .FirstOrDefault(end => Rig.Vehicle.Batteries.Any(battery => end == $"{battery.Id}.plus"));
        return near is null ? "" : where.OfTerminal(near) is { } post ? Names.Place(post) : PackWords.AtTheBattery;
    }

    /// <summary>So near to a post a holder hangs at the battery, m (common practice, no source).</summary>
    private const double AtBatteryMetres = 0.3;

    /// <summary>The lamps that are seen on the vehicle, numbered from the front to the rear and from left to right.</summary>
    public IReadOnlyDictionary<string, int> Numbers() => (lamps ??= PlacedLamp.Of(Saved)).GroupBy(lamp => lamp.Part).Select(lamp => lamp.First())
        .OrderBy(lamp => Math.Round(lamp.Middle.Back, 1)).ThenBy(lamp => lamp.Middle.Right).Select((lamp, i) => (lamp.Part, Number: i + 1)).ToDictionary(pair => pair.Part, pair => pair.Number, StringComparer.Ordinal);

    /// <summary>The names of lines.</summary>
    internal string Lines(IEnumerable<string> lines) => Format.And(lines.Distinct().Select(Names.Line));
}
