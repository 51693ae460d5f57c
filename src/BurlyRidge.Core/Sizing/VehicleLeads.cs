using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>Leads of the vehicle's own that added circuits hang on: of factory outputs, of spare leads, of the trailer socket.</summary>
internal static class VehicleLeads
{
    /// <summary>Those that something of the rig is joined to.</summary>
    public static IEnumerable<Link> Of(Rig rig, WiringMap map) =>
        from id in rig.Vehicle.AuxOutputs.Select(part => part.Id)
            .Concat(rig.Vehicle.PassThroughs.Select(part => part.Id))
            .Concat(rig.Vehicle.TrailerPins.Select(part => part.Id))
        let link = map.Find(id)
        where link is { Kind: LinkKind.Wire } && (map.RunsAt(link.A).Any() || map.RunsAt(link.B).Any())
        select link;
}
