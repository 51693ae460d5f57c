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

    /// <summary>A lamp with more of its rated current than this is on.</summary>
    private const double OnFraction = 0.3;

    private const double MinAmps = 0.01;

    private readonly Dictionary<string, double> most = new(StringComparer.Ordinal);

    private LampLoads() { }

    /// <summary>The most that the lamps ask of an element in any state judged, A.</summary>
    public double Of(string element) => most.GetValueOrDefault(element);

    /// <summary>Reads a rig on thick wires.</summary>
    public static LampLoads Of(RigStudy thick)
    {
        var loads = new LampLoads();
        var lamps = thick.Lines.SelectMany(line => line.Lamps).DistinctBy(lamp => lamp.Id).ToList();
        var groups = new List<Group>();
        // Lines that come on together are one; what a state lights beside them counts where it comes on alone.
        foreach (var line in thick.Lines.Where(line => line.Trigger.On is not null && line.Off.Solution is Solution.Converged).DistinctBy(line => line.Off, ReferenceEqualityComparer.Instance))
        {
            var lit = lamps.Where(lamp => line.Off.Harness.Elements.ContainsKey(lamp.Id) && On(line.Off, lamp)).ToList();
            if (lit.Count > 0) groups.Add(new Group([.. lit.Select(lamp => lamp.Id)], Parts(thick.Wired.HouseRules, line.Off, lit)));
        }
        foreach (var group in groups.OrderBy(group => group.Lit.Count))
        {
            foreach (var (element, amps) in group.Parts) loads.Take(element, amps);
            group.Own = new Dictionary<string, double>(group.Parts, StringComparer.Ordinal);
            foreach (var within in groups.Where(other => other.Own is not null && other != group && other.Lit.IsProperSubsetOf(group.Lit)))
                foreach (var (element, amps) in within.Own!)
                    if (group.Own.TryGetValue(element, out var all)) group.Own[element] = Math.Max(0, all - amps);
        }
        foreach (var whole in thick.Whole)
        {
            var on = lamps.Where(lamp => On(whole.Solved, lamp)).Select(lamp => lamp.Id).ToHashSet(StringComparer.Ordinal);
            var sums = new Dictionary<string, double>(StringComparer.Ordinal);
            foreach (var group in groups.Where(group => group.Lit.IsSubsetOf(on)))
                foreach (var (element, amps) in group.Own!) sums[element] = sums.GetValueOrDefault(element) + amps;
            foreach (var (element, amps) in sums) loads.Take(element, amps);
        }
        return loads;
    }

    /// <summary>The design current of one lamp at <paramref name="given"/> volts of its source, A.</summary>
    public static double DesignAmps(LampFunction lamp, double given, double drop) => LampWatts.DesignAmps(lamp.Kind, lamp.Watts, lamp.RatedVolts, given, drop);

    private static bool On(SolvedHarness solved, LampStudy lamp) => Math.Abs(solved.Amps(lamp.Id)) > OnFraction * lamp.Function.Watts / lamp.Function.RatedVolts;

    private void Take(string element, double amps)
    {
        if (amps > most.GetValueOrDefault(element)) most[element] = amps;
    }

    /// <summary>What a state asks of each element of its piece of the rig.</summary>
    private static Dictionary<string, double> Parts(HouseRules rules, SolvedHarness off, List<LampStudy> lit)
    {
        var flows = lit.Sum(lamp => Math.Abs(off.Amps(lamp.Id)));
        var design = lit.Sum(lamp => DesignAmps(lamp.Function, lamp.OffVolts + lamp.DropVolts, rules.DesignDrop()));
        var (elements, amps) = (off.Harness.Circuit.Elements, off.Solution.State.Amps);
        var parts = new Dictionary<string, double>(StringComparer.Ordinal);
        for (var i = 0; i < elements.Count; i++)
        {
            var share = Math.Abs(amps[i]) / flows;
            if (share * design >= MinAmps) parts[elements[i].Id] = design * (Math.Abs(share - 1) < WholeWithin ? 1 : share);
        }
        return parts;
    }

    /// <summary>Lines that one state lights.</summary>
    /// <param name="Lit">Every lamp that is on in it.</param>
    /// <param name="Parts">What it asks of each element.</param>
    private sealed record Group(HashSet<string> Lit, Dictionary<string, double> Parts)
    {
        /// <summary>The same without what comes on by less.</summary>
        public Dictionary<string, double>? Own { get; set; }
    }
}
