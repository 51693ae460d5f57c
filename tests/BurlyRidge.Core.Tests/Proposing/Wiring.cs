using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Proposing;

/// <summary>Reads feed and trigger of a line off its wires, whatever start it came from.</summary>
internal static class Wiring
{
    private static readonly string[] CoilPins = ["85", "86"];

    public static (FedFrom Feed, TurnedOnBy Trigger) Of(Rig rig, LightWanted light)
    {
        var line = rig.Lines.First(line => line.Answers.Contains(light));
        var lamp = rig.Fixtures.First(fixture => fixture.Id == line.Lamps()[0]);
        var path = Up(rig, $"{lamp.Id}.{lamp.Functions[0].Plus}");
        var relay = rig.Relays.FirstOrDefault(relay => path.Contains(relay.Id));
        var box = rig.PowerBoxes.FirstOrDefault(box => path.Contains(box.Id));
        var feed = box is not null ? FedFrom.Box
            : rig.Vehicle.AuxOutputs.Any(output => path.Contains(output.Id)) ? FedFrom.Output
            : rig.Vehicle.TrailerPins.Any(pin => path.Contains(pin.Id)) ? FedFrom.Socket
            : path.Contains("sideLight") ? FedFrom.SideLight
            : rig.Vehicle.FuseSlots.Any(slot => path.Contains(slot.Id)) ? FedFrom.FuseTap
            : FedFrom.Battery;
        var coil = relay is null ? [] : CoilPins.SelectMany(pin => Up(rig, $"{relay.Id}.{pin}")).ToHashSet(StringComparer.Ordinal);
        bool Switch(IReadOnlySet<string> on) => rig.Switches.Any(part => on.Contains(part.Id));
        var trigger = coil.Contains("highBeam") ? feed == FedFrom.Output ? TurnedOnBy.BeamAndFactorySwitch : Switch(coil) ? TurnedOnBy.BeamAndSwitch : TurnedOnBy.Beam
            : coil.Contains("reverse") ? Switch(coil) ? TurnedOnBy.ReverseOrSwitch : TurnedOnBy.Reverse
            : feed switch
            {
                FedFrom.Box => TurnedOnBy.Slot,
                FedFrom.Output => TurnedOnBy.FactorySwitch,
                FedFrom.Socket => TurnedOnBy.Reverse,
                FedFrom.SideLight => TurnedOnBy.SideLight,
                FedFrom.FuseTap => TurnedOnBy.Key,
                _ => TurnedOnBy.Switch,
            };
        return (feed, trigger);
    }

    /// <summary>Ids of all parts that wires lead to from a terminal, through joints, fuses, switches, contacts, and no further than what feeds them.</summary>
    private static HashSet<string> Up(Rig rig, string terminal)
    {
        var (parts, seen, open) = (new HashSet<string>(StringComparer.Ordinal), new HashSet<string>(StringComparer.Ordinal), new Queue<string>([terminal]));
        while (open.TryDequeue(out var at))
        {
            if (!seen.Add(at)) continue;
            foreach (var run in rig.Runs.Where(run => run.Ends().Contains(at)))
            {
                var next = run.From == at ? run.To : run.From;
                var (part, pin) = TerminalIndex.Split(next);
                if (seen.Contains(next) || rig.Earths.Any(earth => earth.Id == part) || rig.Fixtures.Any(lamp => lamp.Id == part)) continue;
                parts.Add(part);
                seen.Add(next);
                foreach (var other in Through(rig, part, pin)) open.Enqueue($"{part}.{other}");
            }
        }
        return parts;
    }

    private static IEnumerable<string> Through(Rig rig, string part, string pin)
    {
        if (rig.Relays.FirstOrDefault(relay => relay.Id == part) is { } relay) return pin == relay.Pinout.Open ? [relay.Pinout.Common] : [];
        var through = rig.Joints.Any(joint => joint.Id == part) || rig.Protection.Any(device => device.Id == part) || rig.Switches.Any(other => other.Id == part) || rig.Vehicle.PassThroughs.Any(lead => lead.Id == part);
        return through ? rig.Runs.SelectMany(run => run.Ends()).Select(TerminalIndex.Split).Where(end => end.Part == part && end.Pin != pin).Select(end => end.Pin).Distinct() : [];
    }
}
