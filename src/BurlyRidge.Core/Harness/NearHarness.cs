using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Harness;

/// <summary>A solved harness that is solved again with faults in it, from what is known of it without them. Not to be used by two threads at a time.</summary>
public sealed class NearHarness
{
    private readonly CompiledHarness harness;
    private readonly NearSolver solver;

    private NearHarness(CompiledHarness harness, NearSolver solver) => (this.harness, this.solver) = (harness, solver);

    /// <summary>Around a harness that was solved last in that state; null where it did not settle for sure.</summary>
    public static NearHarness? Of(SolvedHarness solved) => NearSolver.Around(solved.Harness.Circuit, solved.Solution) is { } solver ? new NearHarness(solved.Harness, solver) : null;

    /// <summary>Solves it with faults; false where that has to be done in full. Without any it stands as it was.</summary>
    public bool Solve(IReadOnlyList<Fault> faults)
    {
        var found = new List<CircuitChange>();
        foreach (var fault in faults)
            switch (fault)
            {
                case Fault.Open(var element):
                    if (harness.Has(element)) found.Add(new CircuitChange.InSeries(harness.PlaceOf(element), 1 / Contact.LeakSiemens));
                    break;
                case Fault.AddedResistance(var element, var ohms):
                    if (harness.Has(element)) found.Add(new CircuitChange.InSeries(harness.PlaceOf(element), ohms));
                    break;
                case Fault.ShortToEarth(var terminal, var ohms):
                    if (harness.Nodes.TryGetValue(terminal, out var node)) found.Add(new CircuitChange.Joined(node, harness.Nodes[Vehicle.Body], ohms));
                    break;
                case Fault.Bridge(var terminal, var other, var ohms):
                    if (harness.Nodes.TryGetValue(terminal, out var one) && harness.Nodes.TryGetValue(other, out var far)) found.Add(new CircuitChange.Joined(one, far, ohms));
                    break;
                case Fault.Stuck(var contact, var closed):
                    if (harness.Has(contact) && harness.Elements[contact] is Contact stuck) found.Add(new CircuitChange.Stuck(stuck, closed));
                    break;
                default:
                    return false;
            }
        return solver.Solve(found);
    }

    /// <summary>Whether any of these faults is at something that the harness has.</summary>
    public bool Has(Fault fault) => fault switch
    {
        Fault.Open(var element) => harness.Has(element),
        Fault.AddedResistance(var element, _) => harness.Has(element),
        Fault.Stuck(var contact, _) => harness.Has(contact),
        Fault.ShortToEarth(var terminal, _) => harness.Nodes.ContainsKey(terminal),
        Fault.Bridge(var terminal, var other, _) => harness.Nodes.ContainsKey(terminal) || harness.Nodes.ContainsKey(other),
        _ => true,
    };

    /// <summary>Voltage of a terminal against the body in the answer that was found last, V.</summary>
    public double Volts(string terminal) => solver.Volts[harness.Nodes[terminal]];

    /// <summary>Voltage from end to end of an element, without what is in series with it, V.</summary>
    public double Across(string element) => solver.Across(harness.PlaceOf(element));

    /// <summary>Current through an element from its first end to its second, A.</summary>
    public double Amps(string element) => solver.Amps(harness.PlaceOf(element));

    /// <summary>Resistance between two terminals for a little more current, Ω.</summary>
    public double Ohms(string from, string to) => solver.Ohms(harness.Nodes[from], harness.Nodes[to]);
}
