using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Harness;

/// <summary>A harness with what came of solving it.</summary>
public sealed record SolvedHarness(CompiledHarness Harness, Solution Solution)
{
    /// <summary>Contacts by controller id, as the next state finds them.</summary>
    public IReadOnlyDictionary<string, bool> Contacts => contacts ??= Harness.Circuit.Controllers
        .Zip(Solution.State.Over)
        .ToDictionary(pair => pair.First.Id, pair => pair.Second, StringComparer.Ordinal);

    private Dictionary<string, bool>? contacts;
    private Dictionary<string, double>? currents;
    private Flow? flow;

    /// <summary>Current through every element that carries more than a thousandth of an ampere, A, by id.</summary>
    public IReadOnlyDictionary<string, double> Currents
    {
        get
        {
            if (currents is not null) return currents;
            var found = new Dictionary<string, double>(StringComparer.Ordinal);
            var elements = Harness.Circuit.Elements;
            for (var i = 0; i < elements.Count; i++)
                if (Math.Abs(Solution.State.Amps[i]) > MinAmps) found[elements[i].Id] = Solution.State.Amps[i];
            return currents = found;
        }
    }

    /// <summary>Which way the most current goes.</summary>
    internal Flow Flow => flow ??= Flow.Of(this);

    private const double MinAmps = 1e-3;

    /// <summary>Voltage of a terminal against the body, V.</summary>
    public double Volts(string terminal) => Solution.State.Volts[Harness.Nodes[terminal]];

    /// <summary>Voltage from end to end of an element, V.</summary>
    public double Across(string element) => Solution.State.Across(Harness.Circuit.Elements[Harness.PlaceOf(element)]);

    /// <summary>Current through an element from its first end to its second, A.</summary>
    public double Amps(string element) => Solution.State.Amps[Harness.PlaceOf(element)];

    /// <summary>Whether a light, if it is there, gives more than <see cref="DarkFraction"/> of its light.</summary>
    public bool IsLit(string id, LampFunction light) => Harness.Has(id) && light.LightFraction(Across(id), Amps(id)) > DarkFraction;

    /// <summary>A lamp with no more of its light than this looks dark (assumed, no source).</summary>
    public const double DarkFraction = 0.01;
}
