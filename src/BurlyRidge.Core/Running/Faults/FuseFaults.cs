using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Fuses out, blown, wrong or changed over.</summary>
internal static class FuseFaults
{
    public static IReadOnlyList<FaultKind> Kinds { get; } =
    [
        new("fuse-out", part => FaultWords.FormatFuseOut(part), rig => rig.Protection.Where(device => !device.Breaker).Select(device => new FaultSite(device.Id, new Fault.Open(device.Id)))),
        new("fuse-blown", part => FaultWords.FormatFuseBlown(part), rig => Own(rig).Select(own => new FaultSite(own.Part, new Fault.Open(own.Element)))),
        new("fuse-too-small", part => FaultWords.FormatFuseTooSmall(part), rig =>
            from device in rig.Protection
            let smaller = FuseTable.All.LastOrDefault(fuse => fuse.Family == device.Fuse.Family && fuse.RatingAmps <= device.Fuse.RatingAmps / 2)
            where smaller is not null
            select new FaultSite(device.Id) { Alter = With(device, smaller) }),
        new("fuse-too-large", part => FaultWords.FormatFuseTooLarge(part), rig =>
            from device in rig.Protection
            let larger = FuseTable.All.FirstOrDefault(fuse => fuse.Family == device.Fuse.Family && fuse.RatingAmps >= device.Fuse.RatingAmps * 2)
            where larger is not null
            select new FaultSite(device.Id) { Alter = With(device, larger) }),
        new("fuses-of-tap-swapped", part => FaultWords.FormatFusesOfTapSwapped(part), rig =>
            from slot in rig.Vehicle.FuseSlots
            from run in rig.Runs
            let far = run.From == $"{slot.Id}.tap" ? run.To : run.To == $"{slot.Id}.tap" ? run.From : ""
            let device = rig.Protection.FirstOrDefault(device => device.Id == TerminalIndex.Split(far).Part)
            where device is not null && device.Fuse.RatingAmps != slot.RatingAmps && FuseTable.All.Any(fuse => fuse == device.Fuse with { RatingAmps = slot.RatingAmps })
            select new FaultSite(slot.Id) { Alter = Swapped(slot, device) }),
        new("breaker-open", part => FaultWords.FormatBreakerOpen(part), rig => rig.InlineBreakers.Select(breaker => breaker.Id).Concat(rig.Protection.Where(device => device.Breaker).Select(device => device.Id)).Select(id => new FaultSite(id, new Fault.Open(id)))),
    ];

    private static IEnumerable<(string Part, string Element)> Own(Rig rig) =>
    [
        .. rig.Protection.Where(device => !device.Breaker).Select(device => (device.Id, device.Id)),
        .. rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => ($"{box.Id}.{output.Id}", $"{box.Id}.{output.Id}-fuse"))),
        .. rig.Vehicle.AuxOutputs.Select(output => (output.Id, $"{output.Id}.fuse")),
        .. VehicleSignal.All(rig.Vehicle).Select(signal => (signal.Name, $"{signal.Name}.fuse")),
    ];

    private static Func<Rig, Rig> With(ProtectiveDevice device, Fuse fuse) => rig => rig with { Protection = [.. rig.Protection.Select(other => other.Id == device.Id ? other with { Fuse = fuse } : other)] };

    private static Func<Rig, Rig> Swapped(FuseSlot slot, ProtectiveDevice device) => rig => With(device, device.Fuse with { RatingAmps = slot.RatingAmps })(rig with
    {
        Vehicle = rig.Vehicle with { FuseSlots = [.. rig.Vehicle.FuseSlots.Select(other => other.Id == slot.Id ? other with { RatingAmps = device.Fuse.RatingAmps } : other)] },
    });
}
