using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>What goes wrong with lights on vehicles. How each shows itself is left to the network: no symptom is written down.</summary>
public static class FaultLibrary
{
    private static readonly IReadOnlyList<FaultKind> All = [.. FuseFaults.Kinds, .. WireFaults.Kinds, .. EarthFaults.Kinds, .. RelayFaults.Kinds, .. SwitchFaults.Kinds, .. SignalFaults.Kinds, .. LampFaults.Kinds, .. SupplyFaults.Kinds, .. BoxFaults.Kinds];

    /// <summary>Ids of all kinds.</summary>
    public static IReadOnlyList<string> Kinds { get; } = [.. All.Select(kind => kind.Id)];

    /// <summary>Every fault of every part of a rig in full wiring that can have it.</summary>
    public static IReadOnlyList<RigFault> Of(Rig rig, PartNames names) =>
    [
        .. from kind in All
           from site in kind.Sites(rig)
           select new RigFault(RigFault.KeyOf(kind.Id, site.Part), kind.Id, site.Part, kind.Words(site.Called ?? names[site.Part])) { Alter = site.Alter ?? (same => same), Faults = site.Faults },
    ];

    /// <summary>The rig with faults in it, and what is wrong in its circuit; a key that is none is left out.</summary>
    public static (Rig Rig, IReadOnlyList<Fault> Faults) Put(Rig rig, IReadOnlyList<string> keys)
    {
        if (keys.Count == 0) return (rig, []);
        var put = new List<Fault>();
        foreach (var key in keys)
        {
            var kind = All.FirstOrDefault(kind => key.StartsWith(RigFault.KeyOf(kind.Id, ""), StringComparison.Ordinal));
            if (kind?.Sites(rig).FirstOrDefault(site => RigFault.KeyOf(kind.Id, site.Part) == key) is not { } site) continue;
            rig = site.Alter?.Invoke(rig) ?? rig;
            put.AddRange(site.Faults);
        }
        return (rig, put);
    }
}
