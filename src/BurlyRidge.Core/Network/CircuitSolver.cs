namespace BurlyRidge.Core.Network;

/// <summary>Solves a circuit: voltages and currents, and the contacts that agree with them.</summary>
public static class CircuitSolver
{
    /// <summary>Room for the last digits at a lamp's drop-out voltage, V.</summary>
    internal const double Rounding = 1e-7;

    /// <summary>A lit lamp whose earth side is no higher than this returns by itself, and shares its volts with no other lamp, V.</summary>
    internal const double RaisedVolts = 1;

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
        circuit.Apply(over);
        newton.Begin();
        while (true)
        {
            var failed = Lights(newton, lamps);
            var changes = Changes(circuit, newton, over);
            if (changes.Count == 0)
            {
                if (failed.Count == 0) failed = Finish(newton, lamps);
                changes = Changes(circuit, newton, over);
            }
            if (changes.Count == 0) return Judge(circuit, newton, lamps, State(circuit, newton, over), failed);
            if (!seen.Add(string.Create(over.Length, over, (text, gone) => { for (var i = 0; i < text.Length; i++) text[i] = gone[i] ? '1' : '0'; })))
                return new Solution.Chatter(State(circuit, newton, over), [.. changes.Select(i => circuit.Controllers[i].Id)]);
            over = [.. over];
            foreach (var i in oneByOne ? changes.Take(1) : changes) over[i] = !over[i];
            circuit.Apply(over);
        }
    }

    /// <summary>Controllers that want to be otherwise at the voltages found.</summary>
    private static List<int> Changes(Circuit circuit, Newton newton, bool[] over)
    {
        var changes = new List<int>();
        for (var i = 0; i < over.Length; i++)
        {
            var controller = circuit.Controllers[i];
            if (controller.Next(newton.Volts[controller.Plus] - newton.Volts[controller.Minus], over[i]) != over[i]) changes.Add(i);
        }
        return changes;
    }

    private static OperatingState State(Circuit circuit, Newton newton, bool[] over)
    {
        var amps = new double[circuit.Elements.Count];
        for (var i = 0; i < amps.Length; i++)
        {
            var element = circuit.Elements[i];
            amps[i] = element.Amps(newton.Volts[element.From] - newton.Volts[element.To], out _);
        }
        return new OperatingState([.. newton.Volts], amps, over);
    }

    private static Solution Judge(Circuit circuit, Newton newton, List<RegulatedLamp> lamps, OperatingState state, List<string> failed)
    {
        if (failed.Count > 0) return new Solution.BrownOut(state, failed);
        if (lamps.Exists(lamp => lamp.Mode == LampMode.Lit && Math.Abs(newton.Volts[lamp.To]) > RaisedVolts) && newton.RunsAway() is { Count: > 0 } nodes)
        {
            var lit = lamps.Where(lamp => lamp.Mode == LampMode.Lit).ToList();
            var at = lit.Where(lamp => nodes.Contains(lamp.From) || nodes.Contains(lamp.To)).ToList();
            return new Solution.Unstable(state, Names(at, lit));
        }
        var between = circuit.Controllers
            .Where(controller => controller.LeavesAsItWas(state.Across(controller)))
            .Select(controller => controller.Id)
            .ToList();
        return between.Count > 0 ? new Solution.Ambiguous(state, between) : new Solution.Converged(state);
    }

    /// <summary>
    /// Finds the state with the most light, roughly where nothing fails; gives the lamps that cannot be held at their drop-out
    /// voltage. First with every regulated lamp as a resistance that draws less than it, which shows the lamps that are fed and
    /// not merely reached by a trickle through something else; then, from there down, with the fed ones drawing their largest
    /// current below their drop-out voltage: of that law the solution is the highest there is.
    /// </summary>
    private static List<string> Lights(Newton newton, List<RegulatedLamp> lamps)
    {
        Take(lamps, LampMode.Ohmic);
        var settled = newton.Settle(roughly: true);
        if (lamps.Count == 0) return settled ? [] : ["everything"];
        var fed = lamps.Where(lamp => lamp.Watts > 0
            && (Across(newton, lamp) >= lamp.DropOutVolts / 2 || lamp.Amps(Across(newton, lamp), out _) > TrickleAmps)).ToList();
        Take(lamps, LampMode.AsItIs);
        Take(fed, LampMode.Lit);
        settled = newton.Settle(roughly: true);
        if (settled && Fails(newton, fed).Count == 0) return [];
        settled = newton.Finish();
        var failed = Fails(newton, fed);
        if (settled && failed.Count == 0) return [];

        // Nothing holds them all. What the vehicle then does is shown by the lamps' own law, or with the failing ones dark.
        Take(lamps, LampMode.AsItIs);
        if (newton.Settle()) return Names(failed, fed);
        var dark = new HashSet<RegulatedLamp>(failed);
        while (true)
        {
            Take(lamps, LampMode.AsItIs);
            Take(dark, LampMode.Dark);
            settled = newton.Settle();
            var more = Fails(newton, fed.Where(lamp => !dark.Contains(lamp)));
            if (more.Count == 0 || settled) return Names(failed, fed);
            dark.UnionWith(more);
        }
    }

    /// <summary>From a rough answer that holds every lamp to one with all its digits.</summary>
    private static List<string> Finish(Newton newton, List<RegulatedLamp> lamps)
    {
        var settled = newton.Finish();
        var lit = lamps.Where(lamp => lamp.Mode == LampMode.Lit).ToList();
        var failed = Fails(newton, lit);
        return settled && failed.Count == 0 ? [] : lamps.Count == 0 ? ["everything"] : Names(failed, lit);
    }

    private static List<RegulatedLamp> Fails(Newton newton, IEnumerable<RegulatedLamp> lamps) =>
        [.. lamps.Where(lamp => Across(newton, lamp) < lamp.DropOutVolts - Rounding)];

    private static double Across(Newton newton, RegulatedLamp lamp) => newton.Volts[lamp.From] - newton.Volts[lamp.To];

    private static void Take(IEnumerable<RegulatedLamp> lamps, LampMode mode)
    {
        foreach (var lamp in lamps) lamp.Mode = mode;
    }

    private static List<string> Names(List<RegulatedLamp> failed, List<RegulatedLamp> fed) =>
        [.. (failed.Count > 0 ? failed : fed).Select(lamp => lamp.Id)];
}
