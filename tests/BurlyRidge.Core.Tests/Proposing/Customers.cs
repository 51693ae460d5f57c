using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Proposing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Proposing;

/// <summary>Ten customers, written down as they come.</summary>
internal static class Customers
{
    private static readonly Wish Bed = new(LightWanted.RoundTheBed), Wide = new(LightWanted.WideAhead), Far = new(LightWanted.FarAhead), Back = new(LightWanted.BackingUp);

    private static Rig Wants(Rig rig, params IReadOnlyList<Wish> lights) => rig with { Wishes = rig.Wishes with { Lights = lights } };

    private static Rig With(Rig rig, Func<Vehicle, Vehicle> vehicle) => rig with { Vehicle = vehicle(rig.Vehicle) };

    private static Vehicle Outputs(Vehicle vehicle, params IReadOnlyList<double> ratings) =>
        vehicle with { AuxOutputs = [.. ratings.Select((amps, i) => new AuxOutput($"aux-{i + 1}", amps, amps > 20 ? "4 mm²" : amps > 10 ? "2.5 mm²" : "1.5 mm²", Feed.Ignition))] };

    public static IReadOnlyList<Customer> All { get; } =
    [
        new("A farmer wants a bar ahead for slow work, on a switch of its own",
            Wants(Proposed.Of(BodyKind.SingleCab), Wide with { Worked = WorkedHow.BySwitch }),
            new Fitted(LightWanted.WideAhead, FedFrom.Battery, TurnedOnBy.Switch, 1.3, 3, "One bar: its own fuse and relay at the battery, a small switch in the dash.")),
        new("A night driver wants far light that goes out with the high beam",
            Wants(Proposed.Of(BodyKind.LongWagon), Far),
            new Fitted(LightWanted.FarAhead, FedFrom.Battery, TurnedOnBy.BeamAndSwitch, 1.3, 6, "One flick of the stalk darkens it for oncoming traffic; arming is off in town.")),
        new("The same on a vehicle whose beam is switched in the negative",
            Wants(With(Proposed.Of(BodyKind.ShortWagon), vehicle => vehicle with { HighBeam = vehicle.HighBeam with { Switched = SwitchedSide.Minus } }), Far),
            new Fitted(LightWanted.FarAhead, FedFrom.Battery, TurnedOnBy.BeamAndSwitch, 1.3, 6, "The coil goes to fused plus, and the trigger to the wire that turns to earth.")),
        new("A courier wants light for backing up, and at times for loading",
            Wants(Proposed.Of(BodyKind.Van), Back with { Amount = HowMuchLight.Much }),
            new Fitted(LightWanted.BackingUp, FedFrom.Battery, TurnedOnBy.ReverseOrSwitch, 0.75, 2.5, "On, off or with reverse: the switch of three positions.")),
        new("A trailer owner with a socket wants a little light behind, and nothing cut",
            Wants(With(Proposed.Of(BodyKind.DualCab), vehicle => vehicle with { TrailerPins = [new TrailerPin("pin-8", Signal.Reverse, "1.5 mm²", 4), new TrailerPin("pin-3", null, "2.5 mm²", 4)] }) with { Wishes = new Wishes { NothingCut = true } }, Back with { Amount = HowMuchLight.Little }),
            new Fitted(LightWanted.BackingUp, FedFrom.Socket, TurnedOnBy.Reverse, 0.5, 2.5, "Two small pods run straight from the reversing pin: no relay, no wire through the vehicle.")),
        new("A touring family wants five lights worked from one panel",
            Wants(Proposed.Of(BodyKind.LongWagon), Wide with { Worked = WorkedHow.ByPanel }, new Wish(LightWanted.Verge) { Worked = WorkedHow.ByPanel }, Bed with { Worked = WorkedHow.ByPanel }, new Wish(LightWanted.AtTheHitch) { Worked = WorkedHow.ByPanel }, new Wish(LightWanted.Inside) { Worked = WorkedHow.ByPanel }),
            new Fitted(LightWanted.WideAhead, FedFrom.Box, TurnedOnBy.Slot, 0.75, 3, "One box, one thick feed, slots front to back."),
            new Fitted(LightWanted.Verge, FedFrom.Box, TurnedOnBy.Slot, 0.5, 2.5, "The same box."),
            new Fitted(LightWanted.RoundTheBed, FedFrom.Box, TurnedOnBy.Slot, 0.75, 3, "The same box."),
            new Fitted(LightWanted.AtTheHitch, FedFrom.Box, TurnedOnBy.Slot, 0.5, 2.5, "The same box."),
            new Fitted(LightWanted.Inside, FedFrom.Box, TurnedOnBy.Slot, 0.5, 1.5, "The same box, its smallest output.")),
        new("An owner with factory outputs wants no switch in the dash",
            Wants(With(Proposed.Of(BodyKind.DualCab), vehicle => Outputs(vehicle, 30, 15, 10, 10)) with { Wishes = new Wishes { FactorySwitchesOnly = true } }, new Wish(LightWanted.Verge), Bed),
            new Fitted(LightWanted.Verge, FedFrom.Output, TurnedOnBy.FactorySwitch, 0.5, 2.5, "A pair of pods on a small output, no relay."),
            new Fitted(LightWanted.RoundTheBed, FedFrom.Output, TurnedOnBy.FactorySwitch, 0.75, 4, "The next output that carries it; the large one stays for large loads.")),
        new("The same wants far light with the beam",
            Wants(With(Proposed.Of(BodyKind.DualCab), vehicle => Outputs(vehicle, 30, 30, 15, 15)) with { Wishes = new Wishes { FactorySwitchesOnly = true } }, Far),
            new Fitted(LightWanted.FarAhead, FedFrom.Output, TurnedOnBy.BeamAndFactorySwitch, 1.3, 6, "A large output feeds the contact and the beam pulls the coil: both must be on.")),
        new("A shop van wants markers in the grille, and a lamp over the load",
            Wants(Proposed.Of(BodyKind.Van), new Wish(LightWanted.GrilleMarker), new Wish(LightWanted.Inside)),
            new Fitted(LightWanted.GrilleMarker, FedFrom.SideLight, TurnedOnBy.SideLight, 0.5, 1, "Markers come on with the side lights: from their wire, behind a small fuse."),
            new Fitted(LightWanted.Inside, FedFrom.Battery, TurnedOnBy.Switch, 0.5, 1.5, "A strip of a few watts needs no relay.")),
        new("A tree crew's truck at 24 V wants work light round the tray and for backing up",
            Wants(Proposed.Of(BodyKind.CabChassis, 24), Bed with { Worked = WorkedHow.BySwitch }, Back),
            new Fitted(LightWanted.RoundTheBed, FedFrom.Battery, TurnedOnBy.Switch, 0.5, 2.5, "Half the amps of 12 V; the relay is a 24 V one."),
            new Fitted(LightWanted.BackingUp, FedFrom.Battery, TurnedOnBy.ReverseOrSwitch, 0.5, 2.5, "As at 12 V.")),
    ];

    /// <summary>Where a proposal goes another way than the fitter, and why that is accepted; at most one customer of ten.</summary>
    public static IReadOnlyDictionary<string, (string Differs, string Why)> Differences { get; } = new Dictionary<string, (string, string)>
    {
        [All[0].Name] = ("WideAhead has 18 AWG, fuse 10 A blade, not 1.3 to 3 mm²", "The fitter takes the wire of a 120 W bar for every bar. This one draws 7 A: 18 AWG is good for its 10 A fuse and loses less than the limit over so short a way."),
    };
}
