using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>
/// What the lamps' design currents ask of each element: regulated LED at the lowest voltage that its limit leaves it, others at
/// running voltage, divided over the elements as the current divides on thick wires. Fuses and contacts hold it whatever size
/// the wires get, so that thicker wires never make a fuse smaller.
/// </summary>
internal sealed class LampLoads
{
    /// <summary>What flows beside the lamps' current, in coils and inputs, makes no more of a share than this.</summary>
    private const double WholeWithin = 0.1;

    private const double MinAmps = 0.01;

    private readonly CompiledHarness whole;
    private readonly double[] most;

    private LampLoads(CompiledHarness whole) => (this.whole, most) = (whole, new double[whole.Circuit.Elements.Count]);

    /// <summary>The most that the lamps ask of an element in any state judged, A.</summary>
    public double Of(string element) => whole.Has(element) ? most[whole.PlaceOf(element)] : 0;

    /// <summary>Reads a rig; on thick wires where sizes are to follow.</summary>
    /// <param name="study">Its lines and states solved.</param>
    /// <param name="all">All of it.</param>
    /// <param name="placesOf">Where the elements of a part stand in it.</param>
    public static LampLoads Of(RigStudy study, CompiledHarness all, Func<CompiledHarness, int[]> placesOf)
    {
        var loads = new LampLoads(all);
        var lamps = study.Lines.SelectMany(line => line.Lamps).DistinctBy(lamp => lamp.Id).ToDictionary(lamp => lamp.Id, StringComparer.Ordinal);
        var groups = new List<Group>();
        // Lines that come on together are one; what a state lights beside them counts where it comes on alone.
        foreach (var line in study.Lines.Where(line => line.Trigger.On is not null && line.Off.Solution is Solution.Converged).DistinctBy(line => line.Off, ReferenceEqualityComparer.Instance))
        {
            var lit = line.Off.Harness.Circuit.Elements.Select(element => lamps.GetValueOrDefault(element.Id)).OfType<LampStudy>().Where(lamp => lamp.IsOn(line.Off)).ToList();
            if (lit.Count > 0) groups.Add(new Group(lit.Select(lamp => lamp.Id).ToHashSet(StringComparer.Ordinal), Parts(study.Wired.HouseRules, study.Wired.Vehicle.SystemVolts, line.Off, lit, placesOf(line.Off.Harness))));
        }
        groups.Sort((one, other) => one.Lit.Count.CompareTo(other.Lit.Count));
        var byLamp = groups.SelectMany(group => group.Lit.Select(lamp => (lamp, group))).ToLookup(pair => pair.lamp, pair => pair.group, StringComparer.Ordinal);
        foreach (var group in groups)
        {
            foreach (var (place, amps) in group.Parts) loads.Take(place, amps);
            foreach (var within in group.Lit.SelectMany(lamp => byLamp[lamp]).Distinct().Where(other => other.Lit.Count < group.Lit.Count && other.Lit.IsSubsetOf(group.Lit)))
                foreach (var (place, amps) in within.Own)
                    if (group.Own.TryGetValue(place, out var sum)) group.Own[place] = Math.Max(0, sum - amps);
        }
        var sums = new double[loads.most.Length];
        foreach (var state in study.Whole)
        {
            var on = lamps.Values.Where(lamp => lamp.IsOn(state.Solved)).Select(lamp => lamp.Id).ToHashSet(StringComparer.Ordinal);
            Array.Clear(sums);
            foreach (var group in groups.Where(group => group.Lit.IsSubsetOf(on)))
                foreach (var (place, amps) in group.Own) sums[place] += amps;
            for (var place = 0; place < sums.Length; place++) loads.Take(place, sums[place]);
        }
        return loads;
    }

    /// <summary>The design current of one lamp at <paramref name="given"/> volts of its source, A.</summary>
    public static double DesignAmps(LampFunction lamp, double given, double drop) => LampWatts.DesignAmps(lamp.Kind, lamp.Watts, lamp.RatedVolts, given, drop);

    private void Take(int place, double amps)
    {
        if (amps > most[place]) most[place] = amps;
    }

    /// <summary>What a state asks of each element of its piece of the rig, by place in the whole.</summary>
    private static List<(int Place, double Amps)> Parts(HouseRules rules, double systemVolts, SolvedHarness off, List<LampStudy> lit, int[] places)
    {
        var flows = lit.Sum(lamp => Math.Abs(off.Amps(lamp.Id)));
        var design = lit.Sum(lamp => DesignAmps(lamp.Function, Given(lamp.OffVolts + lamp.DropVolts, systemVolts), rules.DesignDrop()));
        var amps = off.Solution.State.Amps;
        var parts = new List<(int, double)>();
        for (var i = 0; i < places.Length; i++)
        {
            var share = Math.Abs(amps[i]) / flows;
            if (share * design >= MinAmps) parts.Add((places[i], design * (Math.Abs(share - 1) < WholeWithin ? 1 : share)));
        }
        return parts;
    }

    /// <summary>What its own connections lose at the battery is no other source: the load is the same as that of a quick plan.</summary>
    private static double Given(double volts, double systemVolts) => Math.Abs(volts - systemVolts) < BatteryWithin * systemVolts ? systemVolts : volts;

    private const double BatteryWithin = 0.01;

    /// <summary>Lines that one state lights.</summary>
    /// <param name="Lit">Every lamp that is on in it.</param>
    /// <param name="Parts">What it asks of each element, by place.</param>
    private sealed record Group(HashSet<string> Lit, List<(int Place, double Amps)> Parts)
    {
        /// <summary>The same without what comes on by less.</summary>
        public Dictionary<int, double> Own { get; } = new(Parts.DistinctBy(part => part.Place).Select(part => KeyValuePair.Create(part.Place, part.Amps)));
    }
}
