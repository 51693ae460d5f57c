using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Kits;

/// <summary>Where a kit takes a wire of the vehicle's own.</summary>
internal static class KitPickUp
{
    /// <summary>From a vehicle's wire to the joint on it, m.</summary>
    private const double PickUpMetres = 0.2;

    /// <summary>A joint or adaptor in a wire of the vehicle, or the one that an earlier line put in; gives the terminal that goes on from it.</summary>
    public static string At(ref Rig rig, HashSet<string> taken, string lineId, string terminal, KitAdaptor? adaptor, int? cavity, bool share)
    {
        if (share && SharedPickUp.On(rig, terminal) is { } there) return there;
        var signal = TerminalIndex.Split(terminal).Part;
        var rear = signal == VehicleSignal.NameOf(Signal.Reverse) || signal == VehicleSignal.NameOf(Signal.BrakeLamp);
        var zone = rear ? Zone.Exterior : Zone.EngineBay;
        var joint = FreeName.Among(taken, $"{lineId}-pick-up", FreeName.Longest);
        taken.Add(joint);
        var run = FreeName.Among(taken, $"{lineId}-to-pick-up", FreeName.Longest);
        taken.Add(run);
        var pickUp = new PickUp { End = rear ? VehicleEnd.Rear : VehicleEnd.Front };
        if (adaptor is not null) pickUp = pickUp with { Plug = adaptor.Plug, Columns = adaptor.Columns, Rows = adaptor.Rows, Cavity = cavity };
        var line = rig.Lines.First(line => line.Id == lineId).Name;
        var lead = new Run(run, terminal, $"{joint}.a", Conductors.WireTable.Of(rig.HouseRules.Gauges).First(size => size.CopperSquareMillimetres >= Limits.ControlSquareMillimetres).Name, PickUpMetres, [zone]);
        var signalFuse = VehicleSignal.All(rig.Vehicle).First(one => one.Name == signal).Lamp.TakenFuseAmps;
        rig = rig with
        {
            Joints = [.. rig.Joints, new Joint(joint, adaptor is null ? JointKind.Crimp : JointKind.Plug, zone) { Name = adaptor is null ? KitWords.FormatPickUp(line) : KitWords.FormatAdaptor(line), PickUp = pickUp, Sealed = adaptor is null ? null : true }],
            Runs = [.. rig.Runs, lead with { Wire = SizeChoice.Wire(rig, lead, signalFuse * (1 + rig.HouseRules.MarginFraction))?.Name ?? lead.Wire }],
        };
        if (PartLocations.Of(rig).Of(signal) is { } at) rig = rig with { Places = [.. rig.Places, new Place(joint, at)] };
        return $"{joint}.b";
    }
}
