using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>On a negative-switched vehicle, is the earth of an illuminated switch left off?</summary>
internal static class SwitchLampEarthCheck
{
    internal static readonly CheckKind Kind = new("switch-lamp-earth", CheckWords.TheSwitchSOwnLamp,
        CheckWords.OnAVehicleWhoseBeam);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        if (!VehicleSignal.All(subject.Vehicle).Any(signal => signal.Lamp.ToEarth)) yield break;
        foreach (var part in subject.Rig.Switches.Where(part => part.Lamps.Count > 0))
        {
            var contacts = part.Positions.SelectMany(position => position.Joins).SelectMany(pair => new[] { $"{part.Id}.{pair.A}", $"{part.Id}.{pair.B}" }).ToHashSet(StringComparer.Ordinal);
            if (!contacts.Any(pin => subject.Study.Feeds.Of(pin).Grounded)) continue;
            var runs = part.Lamps.Select(lamp => $"{part.Id}.{lamp.Minus}").Where(pin => !contacts.Contains(pin))
                .SelectMany(subject.Study.Map.WiresAt).Select(link => link.Id).ToHashSet(StringComparer.Ordinal);
            yield return Kind.Result(runs.Count == 0 ? Verdict.Holds : Verdict.Stop, runs.Count, 0, "wires",
                runs.Count == 0 ? CheckWords.FormatTheLampInHasNo(subject.Names[part.Id])
                    : CheckWords.FormatTheLampInIsEarthed(subject.Names[part.Id]),
                part.Id, null, null, () => new Remedy(CheckWords.LeaveThePinOff) { Apply = rig => rig with { Runs = [.. rig.Runs.Where(run => !runs.Contains(run.Id))] } });
        }
    }
}
