using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Kits;

/// <summary>A kit made to do what is wanted: what is cut, moved, left out, capped and added, and the rig that comes of it.</summary>
/// <param name="Converted">The rig with it converted; null where it cannot serve.</param>
/// <param name="Changes">In the order in which they are done.</param>
/// <param name="Over">What of the kit is not needed.</param>
/// <param name="WhyNot">Why it cannot serve, and what would; empty where it can.</param>
/// <param name="Pins">Pins of relay and adaptor, before and after.</param>
public sealed record KitConversion(Rig? Converted, IReadOnlyList<KitChange> Changes, IReadOnlyList<string> Over, IReadOnlyList<string> WhyNot, IReadOnlyList<PinTable> Pins)
{
    /// <summary>The kit as its leaflet says; null where it cannot serve.</summary>
    internal KitFitting? AsBought { get; private init; }

    /// <summary>Converts a kit for a line.</summary>
    /// <param name="rig">With the line in full wiring.</param>
    public static KitConversion Of(Rig rig, string lineId, Kit kit, KitWish wish)
    {
        if (KitServes.WhyNot(rig, rig.Lines.First(line => line.Id == lineId), kit, wish).ToList() is { Count: > 0 } why) return new KitConversion(null, [], [], why, []);
        var fitting = KitFitting.Of(rig, lineId, kit, wish);
        var work = new KitWork(fitting);
        Feed(work);
        Trigger(work);
        Cab(work);
        Earth(work);
        var pins = PinTable.Of(fitting, work.Rig);
        FusePickUp(work);
        KitExtension.Extend(work);
        return new KitConversion(work.Rig, work.Changes, [.. work.Over, .. kit.Spares], [], pins) { AsBought = fitting };
    }

    /// <summary>From the battery, or by a tap from a fuse slot.</summary>
    private static void Feed(KitWork work)
    {
        if (work.Fitting.Wish.FeedSlot is not { } slot) return;
        var name = PartNames.Small(PartNames.Of(work.Rig)[slot]);
        foreach (var end in new[] { KitEnds.Plus, KitEnds.Feed })
            foreach (var wire in work.AllAt(end).ToList())
            {
                work.Move(wire, end, $"{slot}.tap");
                work.Did(KitAct.Cut, end == KitEnds.Feed ? KitWords.FormatJoinToTap(name) : KitWords.FormatCutRingToTap(name), wire);
            }
        work.Did(KitAct.Add, KitWords.FormatAddFuseTap(name));
    }

    private static void Trigger(KitWork work)
    {
        if (work.Kit.Relays is not [var relay, ..]) return;
        var signal = work.Fitting.Wish.Trigger;
        var negative = signal is { } asked && VehicleSignal.Of(work.Rig.Vehicle, asked).Lamp.ToEarth;
        var (fed, other) = Coil(work, relay);
        if (signal is null) SwitchAlone(work, fed, other);
        else if (!negative) ToSignal(work, fed);
        else if (fed?.Far == KitEnds.Signal && other?.Far == KitEnds.SignalBack) Exchange(work, fed, other);
        else OnNegative(work, relay, fed, other);
    }

    /// <summary>A lead of the coil, followed through the switch to what feeds it or to where it returns.</summary>
    /// <param name="CoilPin">Terminal of the kit at the coil.</param>
    /// <param name="AtCoil">The core there.</param>
    /// <param name="Last">The core at the far end; the same one where no switch is in it.</param>
    /// <param name="Far">The far end.</param>
    private sealed record CoilLead(string CoilPin, KitWire AtCoil, KitWire Last, string Far)
    {
        public bool Switched => AtCoil != Last;
    }

    /// <summary>The lead that works the coil, and the one that it returns by.</summary>
    private static (CoilLead? Fed, CoilLead? Other) Coil(KitWork work, KitRelay relay)
    {
        var leads = new[] { relay.Pinout.CoilPlus, relay.Pinout.CoilMinus }.Select(pin => Follow(work, $"{relay.Id}.{pin}")).OfType<CoilLead>().ToList();
        var fed = leads.FirstOrDefault(lead => lead.Switched) ?? leads.FirstOrDefault(lead => lead.Far is KitEnds.Signal) ?? leads.FirstOrDefault(lead => lead.Far is not (KitEnds.Minus or KitEnds.Earth));
        return (fed, leads.FirstOrDefault(lead => lead != fed));
    }

    private static CoilLead? Follow(KitWork work, string pin)
    {
        if (work.At(pin) is not { } first) return null;
        var far = KitWork.Beyond(first, pin);
        if (work.Kit.Switches.FirstOrDefault(part => far == $"{part.Id}.{part.Live}" || far == $"{part.Id}.{part.Out}") is not { } through) return new CoilLead(pin, first, first, far);
        var beyond = far == $"{through.Id}.{through.Out}" ? $"{through.Id}.{through.Live}" : $"{through.Id}.{through.Out}";
        return work.At(beyond) is { } last ? new CoilLead(pin, first, last, KitWork.Beyond(last, beyond)) : new CoilLead(pin, first, first, far);
    }

    /// <summary>What the signal fed is fed by plus behind a small fuse; what went back by the lamp's other wire goes to earth.</summary>
    private static void SwitchAlone(KitWork work, CoilLead? fed, CoilLead? other)
    {
        if (fed?.Far == KitEnds.Signal)
        {
            work.Move(fed.Last, fed.Far, work.ControlPlus());
            work.Did(KitAct.Cut, KitWords.CutSignalToPlus, fed.Last);
            DropAdaptor(work);
        }
        if (other?.Far == KitEnds.SignalBack)
        {
            work.Move(other.Last, other.Far, NearEarth(work));
            work.Did(KitAct.Cut, KitWords.CutBackToEarth, other.Last);
        }
    }

    /// <summary>The far end of a lead that is not there yet goes to the wire of the vehicle that goes on and off.</summary>
    private static void ToSignal(KitWork work, CoilLead? lead)
    {
        if (lead is null || lead.Far == KitEnds.Signal) return;
        var signal = VehicleSignal.Of(work.Rig.Vehicle, work.Fitting.Wish.Trigger!.Value);
        var shared = work.Fitting.Wish.SharePickUp && SharedPickUp.On(work.Rig, signal.Turning) is not null;
        var rig = work.Rig;
        var pickUp = KitPickUp.At(ref rig, work.Taken, work.Fitting.LineId, signal.Turning, null, null, work.Fitting.Wish.SharePickUp);
        work.Rig = rig;
        work.Move(lead.Last, lead.Far, pickUp);
        var wire = KitEndWords.SignalWire(signal);
        work.Did(KitAct.Cut, shared ? KitWords.FormatCutFeedToShared(KitEndWords.Of(lead.Far), wire) : KitWords.FormatCutFeedToSignal(KitEndWords.Of(lead.Far), wire), lead.Last);
    }

    /// <summary>Both wires of the beam are taken: their contacts change places in both halves of the adaptor, and plus comes to the coil's plus end.</summary>
    private static void Exchange(KitWork work, CoilLead fed, CoilLead other)
    {
        var (signal, back) = (work.Now(fed.Last, KitEnds.Signal), work.Now(other.Last, KitEnds.SignalBack));
        work.Move(fed.Last, KitEnds.Signal, back, cut: work.Kit.Adaptor is null);
        work.Move(other.Last, KitEnds.SignalBack, signal, cut: work.Kit.Adaptor is null);
        if (work.Kit.Adaptor is { Back: { } second } adaptor)
        {
            work.Did(KitAct.MovePin, KitWords.FormatExchangeCavities(adaptor.Signal, second), fed.Last);
            work.Did(KitAct.MovePin, KitWords.FormatExchangeMates(PinTable.Mate(adaptor, adaptor.Signal), PinTable.Mate(adaptor, second)), other.Last);
            work.Did(KitAct.MovePin, KitWords.HowPinsAreMoved);
        }
        else
        {
            work.Did(KitAct.Cut, KitWords.ExchangeBareEnds, fed.Last);
        }
        FreeSwitchLamp(work);
    }

    /// <summary>The coil stands between fused plus and the wire that turns to earth.</summary>
    private static void OnNegative(KitWork work, KitRelay relay, CoilLead? fed, CoilLead? other)
    {
        var plus = $"{relay.Id}.{relay.Pinout.CoilPlus}";
        if (relay.CoilDiode && fed?.CoilPin == plus && other is not null)
        {
            var (one, two) = (work.Now(fed.AtCoil, fed.CoilPin), work.Now(other.AtCoil, other.CoilPin));
            work.Move(fed.AtCoil, fed.CoilPin, two, cut: false);
            work.Move(other.AtCoil, other.CoilPin, one, cut: false);
            work.Did(KitAct.MovePin, KitWords.FormatExchangeCoilPins(relay.Pinout.CoilPlus, relay.Pinout.CoilMinus));
        }
        if (other is not null)
        {
            work.Move(other.Last, other.Far, work.ControlPlus());
            work.Did(KitAct.Cut, KitWords.FormatCutEarthToPlus(KitEndWords.Of(other.Far)), other.Last);
        }
        ToSignal(work, fed);
        FreeSwitchLamp(work);
    }

    /// <summary>An earthed lamp in the switch would be a path of its own.</summary>
    private static void FreeSwitchLamp(KitWork work)
    {
        foreach (var part in work.Kit.Switches.Where(part => part.LampMinus is not null))
            if (work.At($"{part.Id}.{part.LampMinus}") is { } earth && work.Now(earth, $"{part.Id}.{part.LampMinus}").StartsWith($"{work.Fitting.Parts[part.Id]}.", StringComparison.Ordinal))
            {
                work.CapOff(earth, $"{part.Id}.{part.LampMinus}");
                work.Did(KitAct.Cap, KitWords.FormatPullSwitchLamp(part.LampMinus), earth);
            }
    }

    /// <summary>The vehicle's fuse before a signal is larger than a kit's thin leads stand.</summary>
    private static void FusePickUp(KitWork work)
    {
        if (!work.Fitting.Wish.FusePickUp || work.Fitting.Wish.Trigger is null) return;
        var own = work.Fitting.Cores.Select(wire => wire.Run).ToHashSet(StringComparer.Ordinal);
        foreach (var joint in work.Rig.Joints.Where(joint => joint.PickUp is not null).Select(joint => joint.Id).ToList())
        {
            bool IsThere(string end) => TerminalIndex.Split(end).Part == joint;
            if (work.Rig.Runs.Where(run => own.Contains(run.Id) && run.Ends().Any(IsThere)).ToList() is not { Count: > 0 } behind) continue;
            work.Rig = Altering.PickUpFuse.Before(work.Rig, behind, IsThere, $"{work.Fitting.LineId}-pick-up-fuse", work.PlaceOf(joint));
            work.Did(KitAct.Add, KitWords.FormatAddPickUpFuse(Format.RatedAmps(Sizing.SizeChoice.SmallestFuseAmps(work.Rig.Vehicle.SystemVolts)), PartNames.Small(PartNames.Of(work.Rig)[joint])));
        }
    }

    private static void DropAdaptor(KitWork work)
    {
        if (work.Kit.Adaptor is null) return;
        work.Over.Add(KitWords.AdaptorLeftOver);
        work.Did(KitAct.LeaveOut, KitWords.LeaveAdaptorOut);
    }

    private static void Cab(KitWork work)
    {
        var relay = work.Kit.Relays.Count > 0 ? work.PlaceOf(work.Fitting.Parts[work.Kit.Relays[0].Id]) : null;
        foreach (var part in work.Kit.Switches)
        {
            var id = work.Fitting.Parts[part.Id];
            switch (work.Fitting.Wish.Cab)
            {
                case KitCab.LeftOn:
                    work.Rig = work.Rig with { Switches = [.. work.Rig.Switches.Select(other => other.Id == id ? other with { Positions = [.. other.Positions.Reverse()] } : other)] };
                    work.Place(id, relay);
                    FreeSwitchLamp(work);
                    work.Did(KitAct.LeaveOn, KitWords.LeaveSwitchOn);
                    break;
                case KitCab.LeftOut:
                    LeaveOut(work, part, id, relay);
                    break;
            }
        }
    }

    /// <summary>The two wires of the switch are joined beside the relay; it is over.</summary>
    private static void LeaveOut(KitWork work, KitSwitch part, string id, string? at)
    {
        var joint = work.Joint(KitWords.SwitchJoint, JointKind.Crimp, at);
        foreach (var (pin, end) in new[] { (part.Live, "a"), (part.Out, "b") })
            foreach (var wire in work.AllAt($"{part.Id}.{pin}").ToList())
                work.Move(wire, $"{part.Id}.{pin}", $"{joint}.{end}");
        var lamp = new[] { part.LampPlus, part.LampMinus }.OfType<string>().Where(pin => pin != part.Live && pin != part.Out).SelectMany(pin => work.AllAt($"{part.Id}.{pin}")).Select(wire => wire.Run).ToHashSet(StringComparer.Ordinal);
        work.Rig = Altering.PartRemoval.Fitted(work.Rig with { Runs = [.. work.Rig.Runs.Where(run => !lamp.Contains(run.Id))] }, new HashSet<string>(StringComparer.Ordinal) { id });
        work.Did(KitAct.LeaveOut, KitWords.LeaveSwitchOut);
        work.Over.Add(KitWords.SwitchLeftOver);
    }

    /// <summary>Where the lamps return.</summary>
    private static void Earth(KitWork work)
    {
        foreach (var wire in work.Fitting.Cores.ToList())
        {
            var lampEnd = new[] { wire.Core.From, wire.Core.To }.FirstOrDefault(end => KitEnds.LampOf(end) is not null);
            if (lampEnd is null || KitWork.Beyond(wire, lampEnd) is not (KitEnds.Minus or KitEnds.Earth) || KitWork.Beyond(wire, lampEnd) is not { } back) continue;
            switch (work.Fitting.Wish.Earth)
            {
                case EarthKind.Stud when back == KitEnds.Minus:
                    work.Move(wire, back, Stud(work, work.PlaceOf(TerminalIndex.Split(work.Now(wire, lampEnd)).Part)));
                    work.Did(KitAct.Cut, KitWords.CutReturnToStud, wire);
                    break;
                case EarthKind.Post when back == KitEnds.Earth:
                    work.Move(wire, back, Post(work));
                    work.Did(KitAct.Cut, KitWords.ReturnToPost, wire);
                    break;
            }
        }
    }

    /// <summary>A stud beside the relay, or the post where the lamps return there.</summary>
    private static string NearEarth(KitWork work) => work.Fitting.Wish.Earth == EarthKind.Post ? Post(work) : Stud(work, work.PlaceOf(work.Fitting.Parts[work.Kit.Relays[0].Id]));

    private static string Stud(KitWork work, string? at)
    {
        var id = work.Free("earth-stud");
        work.Rig = work.Rig with { Earths = [.. work.Rig.Earths, new Earth(id, EarthKind.Stud) { Name = KitWords.FormatPartOfKit(work.LineName, KitWords.EarthStud) }] };
        work.Place(id, at);
        return id;
    }

    private static string Post(KitWork work)
    {
        if (work.Rig.Earths.FirstOrDefault(earth => earth.Kind == EarthKind.Post && earth.On is null) is { } there) return there.Id;
        var id = work.Free("post");
        work.Rig = work.Rig with { Earths = [.. work.Rig.Earths, new Earth(id, EarthKind.Post)] };
        return id;
    }
}
