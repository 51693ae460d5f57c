namespace BurlyRidge.Core.Network;

/// <summary>Solves a circuit: voltages and currents, and the contacts that agree with them.</summary>
public static class CircuitSolver
{
    /// <summary>Room for the last digits at a lamp's drop-out voltage, V.</summary>
    private const double Rounding = 1e-7;

    /// <summary>More than this through a lamp is no trickle through a coil or a switch lamp, A.</summary>
    private const double TrickleAmps = 0.5;

    /// <summary>
    /// Solves <paramref name="circuit"/> with its controllers as they were before (all back when null). Always ends, with no
    /// exception on any circuit and no NaN.
    /// </summary>
    public static Solution Solve(Circuit circuit, IReadOnlyList<bool>? before = null)
    {
        var newton = circuit.Search();
        var lamps = circuit.Elements.OfType<RegulatedLamp>().ToList();
        var start = before?.ToArray() ?? new bool[circuit.Controllers.Count];
        var together = Follow(circuit, newton, lamps, start, oneByOne: false);
        return together is Solution.Chatter ? Follow(circuit, newton, lamps, start, oneByOne: true) : together;
    }

    /// <summary>Lets the contacts follow the voltages until they agree, or come back to where they have been.</summary>
    private static Solution Follow(Circuit circuit, Newton newton, List<RegulatedLamp> lamps, bool[] start, bool oneByOne)
    {
        var over = start;
        var seen = new HashSet<string>();
        while (true)
        {
            circuit.Apply(over);
            var failed = Lights(newton, lamps);
            var state = new OperatingState(
                [.. newton.Volts],
                [.. circuit.Elements.Select(element => element.Amps(newton.Volts[element.From] - newton.Volts[element.To], out _))],
                over);
            var wanted = circuit.Controllers.Select((controller, i) => controller.Next(state.Across(controller), over[i])).ToArray();
            var changes = Enumerable.Range(0, over.Length).Where(i => wanted[i] != over[i]).ToList();
            if (changes.Count == 0) return Judge(circuit, state, failed);
            if (!seen.Add(string.Concat(over.Select(gone => gone ? '1' : '0'))))
                return new Solution.Chatter(state, [.. changes.Select(i => circuit.Controllers[i].Id)]);
            over = [.. over];
            foreach (var i in oneByOne ? changes.Take(1) : changes) over[i] = wanted[i];
        }
    }

    private static Solution Judge(Circuit circuit, OperatingState state, List<string> failed)
    {
        if (failed.Count > 0) return new Solution.BrownOut(state, failed);
        var between = circuit.Controllers
            .Where(controller => controller.LeavesAsItWas(state.Across(controller)))
            .Select(controller => controller.Id)
            .ToList();
        return between.Count > 0 ? new Solution.Ambiguous(state, between) : new Solution.Converged(state);
    }

    /// <summary>
    /// Finds the state with the most light; gives the lamps that cannot be held at their drop-out voltage. First with every
    /// regulated lamp as a resistance that draws less than it, which shows the lamps that are fed and not merely reached by a
    /// trickle through something else; then, from there down, with the fed ones drawing their largest current below their
    /// drop-out voltage: of that law the solution is the highest there is.
    /// </summary>
    private static List<string> Lights(Newton newton, List<RegulatedLamp> lamps)
    {
        double Across(RegulatedLamp lamp) => newton.Volts[lamp.From] - newton.Volts[lamp.To];
        void Take(LampMode mode)
        {
            foreach (var lamp in lamps) lamp.Mode = mode;
        }

        Take(LampMode.Ohmic);
        var settled = newton.Settle();
        if (lamps.Count == 0) return settled ? [] : ["everything"];
        var fed = lamps.Where(lamp => lamp.Watts > 0
            && (Across(lamp) >= lamp.DropOutVolts / 2 || lamp.Amps(Across(lamp), out _) > TrickleAmps)).ToList();
        Take(LampMode.AsItIs);
        foreach (var lamp in fed) lamp.Mode = LampMode.Lit;
        settled = newton.Settle();
        var failed = fed.Where(lamp => Across(lamp) < lamp.DropOutVolts - Rounding).ToList();
        if (settled && failed.Count == 0) return [];

        // Nothing holds them all. What the vehicle then does is shown by the lamps' own law, or with the failing ones dark.
        Take(LampMode.AsItIs);
        if (newton.Settle()) return Names(failed, fed);
        var dark = new HashSet<RegulatedLamp>(failed);
        while (true)
        {
            Take(LampMode.AsItIs);
            foreach (var lamp in dark) lamp.Mode = LampMode.Dark;
            settled = newton.Settle();
            var more = fed.Where(lamp => !dark.Contains(lamp) && Across(lamp) < lamp.DropOutVolts - Rounding).ToList();
            if (more.Count == 0 || settled) return Names(failed, fed);
            dark.UnionWith(more);
        }
    }

    private static List<string> Names(List<RegulatedLamp> failed, List<RegulatedLamp> fed) =>
        [.. (failed.Count > 0 ? failed : fed).Select(lamp => lamp.Id)];
}
