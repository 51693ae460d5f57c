using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Kits;

/// <summary>A kit put on a line as its leaflet says: nothing cut, nothing moved.</summary>
/// <param name="Rig">The rig with the kit in the place of the line's own wiring.</param>
/// <param name="Parts">Ids in the rig of the kit's parts.</param>
/// <param name="Cores">Its cores as wires of the rig, in the kit's order.</param>
internal sealed record KitFitting(Rig Rig, string LineId, Kit Kit, KitWish Wish, IReadOnlyDictionary<string, string> Parts, IReadOnlyList<KitWire> Cores)
{
    /// <summary>From the lamp to its plug, m, where the lamp does not say (common practice, no source: tails of 150 to 300 mm).</summary>
    private const double TailMetres = 0.15;

    /// <summary>Puts it on; every line of the rig is in full wiring there, and the kit can serve.</summary>
    public static KitFitting Of(Rig rig, string lineId, Kit kit, KitWish wish) => new Builder(rig, lineId, kit, wish).Build();

    private sealed class Builder(Rig before, string lineId, Kit kit, KitWish wish)
    {
        private readonly HashSet<string> taken = [];
        private readonly Dictionary<string, string> parts = new(StringComparer.Ordinal);
        private readonly Dictionary<string, string> ends = new(StringComparer.Ordinal);
        private readonly List<KitWire> cores = [];
        private Rig rig = LineRemoval.Unwired(before, lineId);

        public KitFitting Build()
        {
            taken.UnionWith(FreeName.Taken(rig));
            var relay = At(before.Relays.Select(part => part.Id));
            var switchAt = At(before.Switches.Select(part => part.Id));
            foreach (var fuse in kit.Fuses) Part(fuse.Id, Battery);
            foreach (var part in kit.Relays) Part(part.Id, wish.RelayAt ?? relay ?? Battery);
            foreach (var part in kit.Switches) Part(part.Id, switchAt);
            foreach (var splice in kit.Splices) Part(splice, relay ?? Battery);
            foreach (var fuse in kit.Fuses)
                rig = rig with { Protection = [.. rig.Protection, new ProtectiveDevice(parts[fuse.Id], new Fuse(fuse.Amps, fuse.Family)) { Name = Named(fuse.Id), Fixed = true }] };
            foreach (var part in kit.Relays)
                rig = rig with { Relays = [.. rig.Relays, new Relay(parts[part.Id], part.Amps) { Name = Named(part.Id), Pinout = part.Pinout, CoilDiode = part.CoilDiode, Fixed = true }] };
            foreach (var part in kit.Switches)
                rig = rig with
                {
                    Switches = [.. rig.Switches, new Switch(parts[part.Id], part.Amps, [new SwitchPosition("off", []), new SwitchPosition("on", [new PinPair(part.Live, part.Out)])])
                    {
                        Name = Named(part.Id),
                        Lamps = part is { LampPlus: { } plus, LampMinus: { } minus } ? [new SwitchLamp("light", plus, minus)] : [],
                    }],
                };
            foreach (var splice in kit.Splices)
                rig = rig with { Joints = [.. rig.Joints, new Joint(parts[splice], JointKind.Terminal) { Name = Named(splice) }] };
            var set = Free($"{lineId}-kit");
            foreach (var leg in kit.Legs)
                for (var i = 0; i < leg.Cores.Count; i++)
                    Lay(set, leg, i);
            return new KitFitting(rig, lineId, kit, wish, parts, cores);
        }

        private string? Battery => PartLocations.Of(rig).Of(rig.Vehicle.Batteries[0].Id);

        /// <summary>Where the line's own part of a kind sat.</summary>
        private string? At(IEnumerable<string> kind)
        {
            var there = rig.AllParts().Select(part => part.Id).ToHashSet(StringComparer.Ordinal);
            return kind.Where(id => !there.Contains(id)).Select(id => before.Places.FirstOrDefault(place => place.Part == id)?.At).FirstOrDefault(at => at is not null);
        }

        private string Named(string part) => KitWords.FormatPartOfKit(rig.Lines.First(line => line.Id == lineId).Name, part.Replace('-', ' '));

        private string Free(string wanted)
        {
            var name = FreeName.Among(taken, FreeName.Plain(wanted, FreeName.Longest), FreeName.Longest);
            taken.Add(name);
            return name;
        }

        private void Part(string id, string? at) => Place(parts[id] = Free($"{lineId}-{id}"), at);

        private void Place(string part, string? at)
        {
            if (rig.Body is not null && at is not null) rig = rig with { Places = [.. rig.Places, new Place(part, at)] };
        }

        private void Lay(string set, KitLeg leg, int number)
        {
            var core = leg.Cores[number];
            var (from, to) = (End(core.From), End(core.To));
            var cabin = new[] { core.From, core.To }.Any(end => kit.Switches.Any(part => part.Id == TerminalIndex.Split(end).Part));
            var id = Free($"{lineId}-{leg.Name}-{number + 1}");
            var where = PartLocations.Of(rig);
            rig = rig with
            {
                Runs = [.. rig.Runs, new Run(id, from, to, leg.Wire, leg.Metres, cabin ? [Zone.EngineBay, Zone.Cabin] : [Zone.EngineBay])
                {
                    Colour = core.Colour, Given = true, Sheathed = leg.Sheathed, Kit = new KitLegOf(set, kit.Name, leg.Name),
                    Lay = where.OfTerminal(from) is not null && where.OfTerminal(to) is not null ? new Lay { MeasuredMetres = leg.Metres } : null,
                }],
            };
            cores.Add(new KitWire(id, leg, core));
        }

        /// <summary>The terminal of the rig that an end of the kit is at.</summary>
        private string End(string end)
        {
            var (part, pin) = TerminalIndex.Split(end);
            if (parts.TryGetValue(part, out var own)) return kit.Splices.Contains(part) ? $"{own}.{pin}{cores.Count}" : $"{own}.{pin}";
            if (KitEnds.LampOf(end) is { } number) return Lamp(number, end.EndsWith(".plus", StringComparison.Ordinal));
            return end switch
            {
                KitEnds.Plus => rig.Vehicle.SystemPlus,
                KitEnds.Minus => Post(),
                KitEnds.Earth => Once(end, () => Stud(RelayPlace)),
                KitEnds.Signal => Signal(turning: true),
                KitEnds.SignalBack => Signal(turning: false),
                _ => Loose(end),
            };
        }

        private string? RelayPlace => kit.Relays.Count > 0 ? rig.Places.FirstOrDefault(place => place.Part == parts[kit.Relays[0].Id])?.At : Battery;

        private string Once(string end, Func<string> make)
        {
            if (!ends.TryGetValue(end, out var made)) ends[end] = made = make();
            return made;
        }

        private string Post()
        {
            if (rig.Earths.FirstOrDefault(earth => earth.Kind == EarthKind.Post && earth.On is null) is { } there) return there.Id;
            var id = Free($"{lineId}-post");
            rig = rig with { Earths = [.. rig.Earths, new Earth(id, EarthKind.Post)] };
            return id;
        }

        private string Stud(string? at)
        {
            var id = Free($"{lineId}-earth");
            rig = rig with { Earths = [.. rig.Earths, new Earth(id, EarthKind.Stud) { Name = Named(KitWords.EarthStud) }] };
            Place(id, at);
            return id;
        }

        /// <summary>A pole of the lamp's plug, with the lamp's own tail behind it.</summary>
        private string Lamp(int number, bool plus)
        {
            var line = rig.Lines.First(line => line.Id == lineId);
            if (number > line.Lamps().Count) return Loose(KitEnds.Lamp(number, plus));
            var lamp = rig.Fixtures.First(fixture => fixture.Id == line.Lamps()[number - 1]);
            var light = lamp.Functions.First(function => line.Lights.Contains($"{lamp.Id}.{function.Id}"));
            var pole = Once(KitEnds.Lamp(number, plus), () =>
            {
                var at = rig.Places.FirstOrDefault(place => place.Part == lamp.Id)?.At;
                var joint = Free($"{lineId}-lamp-{number}-{(plus ? "plus" : "minus")}");
                rig = rig with
                {
                    Joints = [.. rig.Joints, new Joint(joint, JointKind.Plug, Zone.Exterior)
                    {
                        Name = plus ? KitWords.FormatLampPlugPlus(line.Name, number) : KitWords.FormatLampPlugMinus(line.Name, number),
                        Sealed = true, Housing = KitWords.FormatLampPlug(line.Name, number), Cavities = 2, Cavity = plus ? 1 : 2,
                    }],
                };
                Place(joint, at);
                var (from, to) = plus ? ($"{joint}.b", $"{lamp.Id}.{light.Plus}") : ($"{lamp.Id}.{light.Minus}", $"{joint}.b");
                var wire = kit.Legs.First(leg => leg.Cores.Any(core => core.To == KitEnds.Lamp(number, plus) || core.From == KitEnds.Lamp(number, plus))).Wire;
                rig = rig with { Runs = [.. rig.Runs, new Run(Free($"{lineId}-tail-{number}"), from, to, wire, lamp.Body?.TailMillimetres is { } tail ? tail / 1000 : TailMetres, [Zone.Exterior]) { Given = true }] };
                return joint;
            });
            return $"{pole}.a{cores.Count}";
        }

        /// <summary>At the vehicle's lamp: the wire that turns, or the other one; capped where no signal is wanted.</summary>
        private string Signal(bool turning)
        {
            if (wish.Trigger is not { } asked) return Loose(turning ? KitEnds.Signal : KitEnds.SignalBack);
            var signal = VehicleSignal.Of(rig.Vehicle, asked);
            var terminal = turning ? signal.Turning : signal.Turning == signal.Plus ? signal.Minus : signal.Plus;
            return Once(turning ? KitEnds.Signal : KitEnds.SignalBack, () => KitPickUp.At(ref rig, taken, lineId, terminal, kit.Adaptor, turning ? kit.Adaptor?.Signal : kit.Adaptor?.Back, wish.SharePickUp));
        }

        private string Loose(string end) => Once(end, () =>
        {
            var id = Free($"{lineId}-cap");
            rig = rig with { Joints = [.. rig.Joints, new Joint(id, JointKind.Cap) { Name = KitWords.FormatLoose(rig.Lines.First(line => line.Id == lineId).Name, KitEndWords.Of(end)) }] };
            Place(id, RelayPlace);
            return $"{id}.a";
        });
    }
}

/// <summary>A core of a kit as a wire of a rig.</summary>
internal sealed record KitWire(string Run, KitLeg Leg, KitCore Core);
