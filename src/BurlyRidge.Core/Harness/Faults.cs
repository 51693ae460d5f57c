using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>Something wrong that a harness can be solved with.</summary>
public abstract record Fault
{
    private Fault() { }

    /// <summary>An element carries nothing: a broken wire, a blown fuse, a lamp out.</summary>
    public sealed record Open(string Element) : Fault;

    /// <summary>A terminal touches the body.</summary>
    public sealed record ShortToEarth(string Terminal, double Ohms = 0.005) : Fault;

    /// <summary>An element has so much more resistance: corrosion, a loose screw, paint under a ring.</summary>
    public sealed record AddedResistance(string Element, double Ohms) : Fault;

    /// <summary>A contact stays as it is whatever works it: welded shut, or stuck open.</summary>
    public sealed record Stuck(string Contact, bool Closed) : Fault;

    /// <summary>Two terminals are joined that should not be: water in a contact, wires chafed together.</summary>
    public sealed record Bridge(string Terminal, string Other, double Ohms) : Fault;

    /// <summary>An end of a run sits on another terminal.</summary>
    public sealed record WrongConnection(string Run, bool AtItsEnd, string Terminal) : Fault;
}

/// <summary>Puts faults into a harness.</summary>
internal static class Faults
{
    /// <summary>Moves the ends of runs.</summary>
    public static Rig Rewire(Rig rig, IReadOnlyList<Fault> faults)
    {
        foreach (var wrong in faults.OfType<Fault.WrongConnection>())
        {
            rig = rig with
            {
                Runs = [.. rig.Runs.Select(run => run.Id != wrong.Run ? run
                    : wrong.AtItsEnd ? run with { To = wrong.Terminal } : run with { From = wrong.Terminal })],
            };
        }
        return rig;
    }

    /// <summary>Resistance in series with elements, and shorts.</summary>
    public static void Put(HarnessBuilder harness, IReadOnlyList<Fault> faults)
    {
        foreach (var fault in faults)
        {
            switch (fault)
            {
                case Fault.ShortToEarth(var terminal, var ohms):
                    harness.Resistor($"{terminal}.short", terminal, Vehicle.Body, ohms);
                    break;
                case Fault.Bridge(var terminal, var other, var ohms):
                    harness.Resistor($"{terminal}.bridge", terminal, other, ohms);
                    break;
                case Fault.Stuck(var contact, var closed):
                    foreach (var stuck in harness.Circuit.Elements.OfType<Contact>().Where(element => element.Id == contact)) stuck.Stuck = closed;
                    break;
                case Fault.Open(var element):
                    harness.Circuit.PutInSeries(element, 1 / Contact.LeakSiemens);
                    break;
                case Fault.AddedResistance(var element, var ohms):
                    harness.Circuit.PutInSeries(element, ohms);
                    break;
            }
        }
    }
}
