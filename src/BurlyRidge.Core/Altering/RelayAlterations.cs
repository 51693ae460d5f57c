using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Strips;

namespace BurlyRidge.Core.Altering;

/// <summary>Relays: to the lamps, to the battery, in before a switch, out again, coil turned round.</summary>
internal static class RelayAlterations
{
    private const double MinMetres = 0.3;
    private const double WorthMetres = 0.5;

    private static readonly Fuse ControlFuse = new(3, FuseFamily.Blade);

    public static IReadOnlyList<Alteration> All { get; } =
    [
        new("relay-rear", site => Relay(site) is { } relay && Toward(site, relay).Room >= WorthMetres ? EditWords.MoveTheRelayToThe : null,
            site => Move(site, Toward(site, Relay(site)!).Room, toLamps: true)),
        new("relay-front", site => Relay(site) is { } relay && Toward(site, relay).Feed is { } feed && feed.LengthMetres - MinMetres >= WorthMetres ? EditWords.MoveTheRelayToIts : null,
            site => Move(site, Toward(site, Relay(site)!).Feed!.LengthMetres - MinMetres, toLamps: false)),
        new("relay-out", site => Relay(site) is { } relay && SwitchOf(site.Rig, relay) is not null ? EditWords.TakeTheRelayOutLamps : null, TakeOut),
        new("print-turn", site => Relay(site) is { } relay ? EditWords.FormatItIsPrintedWhereIt(relay.Pinout.Open, relay.Pinout.Common) : null, site => TurnPrint(site.Rig, Relay(site)!)),
        new("coil-turn", site => Relay(site) is not null ? EditWords.TurnItsCoilRound : null, site => Turn(site.Rig, Relay(site)!)),
        new("relay-in", site => !site.Control && site.Station.Kind == StripKind.Switch && site.Station.Leg == Leg.Out ? EditWords.PutARelayInThe : null,
            site => Before(site.Rig, site.Station.From, site.Station.To)),
    ];

    private static Relay? Relay(AlterSite site) => site.Station.Kind is StripKind.Relay or StripKind.Coil
        ? site.Rig.Relays.FirstOrDefault(relay => relay.Id == site.Station.Part)
        : null;

    /// <summary>The run that feeds a relay's contact, and how far it can move along what leads on from it.</summary>
    private static (Run? Feed, double Room) Toward(AlterSite site, Relay relay)
    {
        var contact = site.Power.FirstOrDefault(station => station.Kind == StripKind.Relay && station.Part == relay.Id);
        if (contact is null || contact.Leg != Leg.Out) return (null, 0);
        var on = site.RunsAt(contact.To).ToList();
        return (site.RunsAt(contact.From).FirstOrDefault(), on.Count == 0 ? 0 : on.Min(run => run.LengthMetres) - MinMetres);
    }

    private static Rig Move(AlterSite site, double metres, bool toLamps)
    {
        var relay = Relay(site)!;
        var contact = site.Power.First(station => station.Kind == StripKind.Relay && station.Part == relay.Id);
        var by = toLamps ? metres : -metres;
        var earths = site.Rig.Earths.Select(earth => earth.Id).ToHashSet(StringComparer.Ordinal);
        var coil = new[] { $"{relay.Id}.{relay.Pinout.CoilPlus}", $"{relay.Id}.{relay.Pinout.CoilMinus}" };
        double Change(Run run)
        {
            if (run.From == contact.From || run.To == contact.From) return by;
            if (run.From == contact.To || run.To == contact.To) return -by;
            return (coil.Contains(run.From) || coil.Contains(run.To)) && !earths.Contains(run.To) && !earths.Contains(run.From) ? by : 0;
        }
        // A stud that the coil alone returns to goes along: its wire stays as short as it is.
        var own = site.Rig.Runs.Where(run => coil.Contains(run.From) || coil.Contains(run.To)).SelectMany(run => run.Ends()).Where(earths.Contains)
            .Where(earth => site.Rig.Runs.Where(run => run.From == earth || run.To == earth).All(run => coil.Contains(run.From) || coil.Contains(run.To)));
        List<string> moved = [relay.Id, .. own.Distinct()];
        var next = toLamps ? Far(site, contact) : site.RunsAt(contact.From).Select(run => Other(run, contact.From)).First();
        var place = site.Rig.Places.FirstOrDefault(place => place.Part == TerminalIndex.Split(next).Part);
        return site.Rig with
        {
            Runs = [.. site.Rig.Runs.Select(run => Change(run) is not 0 and var change ? run with { LengthMetres = Math.Max(MinMetres, run.LengthMetres + change) } : run)],
            Places = place is null ? site.Rig.Places : [.. site.Rig.Places.Where(other => !moved.Contains(other.Part)), .. moved.Select(part => new Place(part, place.At))],
        };
    }

    /// <summary>The terminal that the nearest run behind a contact leads to.</summary>
    private static string Far(AlterSite site, StripStation contact) =>
        Other(site.RunsAt(contact.To).MinBy(run => run.LengthMetres)!, contact.To);

    private static string Other(Run run, string end) => run.From == end ? run.To : run.From;

    /// <summary>A switch that feeds the relay's coil, with what feeds the switch.</summary>
    private static (Run Feed, Run Coil)? SwitchOf(Rig rig, Relay relay)
    {
        var coil = rig.Runs.FirstOrDefault(run => (run.To == $"{relay.Id}.{relay.Pinout.CoilPlus}" || run.To == $"{relay.Id}.{relay.Pinout.CoilMinus}")
            && rig.Switches.Any(part => part.Id == TerminalIndex.Split(run.From).Part));
        if (coil is null) return null;
        var part = TerminalIndex.Split(coil.From).Part;
        var feed = rig.Runs.FirstOrDefault(run => TerminalIndex.Split(run.To).Part == part && run.To != coil.From);
        return feed is null ? null : (feed, coil);
    }

    private static Rig TakeOut(AlterSite site)
    {
        var relay = Relay(site)!;
        var (feed, coil) = SwitchOf(site.Rig, relay)!.Value;
        var contact = site.Power.First(station => station.Kind == StripKind.Relay && station.Part == relay.Id);
        var gone = site.Rig.Runs.Where(run => run.Id == feed.Id || run.Id == coil.Id || (TerminalIndex.Split(run.From).Part == relay.Id || TerminalIndex.Split(run.To).Part == relay.Id) && !Power(run)).Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
        bool Power(Run run) => run.From == contact.From || run.To == contact.From || run.From == contact.To || run.To == contact.To;
        string End(string end) => end == contact.From ? feed.To : end == contact.To ? coil.From : end;
        return site.Rig with
        {
            Relays = [.. site.Rig.Relays.Where(other => other.Id != relay.Id)],
            Runs = [.. site.Rig.Runs.Where(run => !gone.Contains(run.Id)).Select(run => !Power(run) ? run : run with
            {
                From = End(run.From),
                To = End(run.To),
                LengthMetres = run.LengthMetres + feed.LengthMetres,
                Zones = [.. run.Zones.Union(feed.Zones)],
            })],
            Places = [.. site.Rig.Places.Where(place => place.Part != relay.Id)],
        };
    }

    private static Rig Turn(Rig rig, Relay relay) => Swap(rig, $"{relay.Id}.{relay.Pinout.CoilPlus}", $"{relay.Id}.{relay.Pinout.CoilMinus}");

    /// <summary>The wires stay where they are; what is printed beside them is the other way round.</summary>
    private static Rig TurnPrint(Rig rig, Relay relay)
    {
        var print = relay.Pinout with { Common = relay.Pinout.Open, Open = relay.Pinout.Common };
        return Swap(rig, $"{relay.Id}.{print.Common}", $"{relay.Id}.{print.Open}") with
        {
            Relays = [.. rig.Relays.Select(other => other.Id == relay.Id ? other with { Pinout = print } : other)],
        };
    }

    private static Rig Swap(Rig rig, string one, string other)
    {
        string End(string end) => end == one ? other : end == other ? one : end;
        return rig with { Runs = [.. rig.Runs.Select(run => run with { From = End(run.From), To = End(run.To) })] };
    }

    /// <summary>
    /// The lamp current past a switch through a relay instead, near what feeds the switch; the switch, behind a small fuse of
    /// its own, works the coil.
    /// </summary>
    /// <param name="live">Terminal of the switch that is fed.</param>
    /// <param name="load">Terminal that the lamps hang on.</param>
    public static Rig Before(Rig rig, string live, string load)
    {
        if (rig.Runs.FirstOrDefault(run => run.To == live || run.From == live) is not { } feed) return rig;
        var start = Other(feed, live);
        var near = Math.Min(MinMetres, feed.LengthMetres);
        var relay = new Relay(FreeName.In(rig, "relay"), SizeChoice.Contact(rig.Vehicle.SystemVolts, WholeRig.StudyOfFull(rig).Design(feed.Id).Amps) ?? RelayTable.ContactAmps[^1]);
        var fuse = FreeName.In(rig, "control-fuse");
        var earth = FreeName.In(rig, "coil-earth");
        var wire = WireTable.Of(rig.HouseRules.Gauges).First(size => size.CopperSquareMillimetres >= Limits.ControlSquareMillimetres).Name;
        var pins = relay.Pinout;
        var (common, open) = ($"{relay.Id}.{pins.Common}", $"{relay.Id}.{pins.Open}");
        Run Thin(string name, string from, string to, double metres, IReadOnlyList<Zone> zones) => new(FreeName.In(rig, name), from, to, wire, metres, zones);
        var place = rig.Places.FirstOrDefault(place => place.Part == TerminalIndex.Split(start).Part);
        return rig with
        {
            Relays = [.. rig.Relays, relay],
            Protection = [.. rig.Protection, new ProtectiveDevice(fuse, ControlFuse)],
            Earths = [.. rig.Earths, new Earth(earth, EarthKind.Stud)],
            Runs =
            [
                .. rig.Runs.Select(run => run.Id == feed.Id ? run with { From = start, To = common, LengthMetres = near, Zones = [Zone.EngineBay] }
                    : run.From == load ? run with { From = open } : run.To == load ? run with { To = open } : run),
                feed with { Id = FreeName.In(rig, "to-control-fuse"), From = start, To = $"{fuse}.in", LengthMetres = Math.Min(0.15, near), Zones = [Zone.EngineBay], Lay = null },
                Thin("to-switch", $"{fuse}.out", live, feed.LengthMetres, feed.Zones),
                Thin("to-coil", load, $"{relay.Id}.{pins.CoilPlus}", feed.LengthMetres, feed.Zones),
                Thin("coil-back", $"{relay.Id}.{pins.CoilMinus}", earth, MinMetres, [Zone.EngineBay]),
            ],
            Places = place is null ? rig.Places : [.. rig.Places, new Place(relay.Id, place.At), new Place(fuse, place.At), new Place(earth, place.At)],
        };
    }
}
