using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Edits;

/// <summary>Turns the body the other way round: left becomes right.</summary>
public sealed record MirrorBody : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context) => context.Rig.Body is { } body
        ? EditOutcome.Of(context.Rig with { Body = Mirroring.Of(body), Beams = context.Rig.Beams.Mirrored() }, EditWords.LeftAndRightAreChanged)
        : new EditOutcome.NotPossible(EditWords.ThereIsNothingToMirror, EditWords.ChooseAVehicleFirst);
}

/// <summary>Adds the mount of the other side, as a pair with one that is there.</summary>
public sealed record MirrorMount(string Mount) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        if (context.Rig.Body is not { } body || body.Mounts.FirstOrDefault(mount => mount.Id == Mount) is not { } mount) return EditOutcome.No("mount", EditWords.ThereIsNoSuchMount);
        return Mirroring.Pair(body, mount) is var (made, id)
            ? new EditOutcome.Done(context.Rig with { Body = made }, [EditWords.FormatMakesAPairWith(made.Mounts[^1].Name, mount.Name)]) { PartId = id }
            : new EditOutcome.NotPossible(EditWords.TheMountWasNotMirrored, EditWords.FormatAMountStandsOnThe(mount.Name));
    }
}

/// <summary>Says on which side a battery stands; the station of the vehicle's own battery goes there with its lanes.</summary>
public sealed record MoveBattery(string Battery, Side Side) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        var at = rig.Vehicle.Batteries.ToList().FindIndex(battery => battery.Id == Battery);
        if (at < 0) return EditOutcome.No("battery", EditWords.ThereIsNoSuchBattery);
        var body = rig.Body;
        var kind = at == 0 ? StationKind.BatteryPost : StationKind.SecondBattery;
        var station = body?.StationOf(rig.Places.FirstOrDefault(place => place.Part == Battery)?.At ?? "") ?? body?.Stations.FirstOrDefault(other => other.Kind == kind);
        var moved = body is not null && station is not null ? Mirroring.Moved(body, station, Side) : body;
        var made = rig with
        {
            Body = moved,
            Vehicle = rig.Vehicle with { Batteries = [.. rig.Vehicle.Batteries.Select(battery => battery.Id == Battery ? battery with { Side = Side } : battery)] },
        };
        return ReferenceEquals(moved, body) ? EditOutcome.Of(made) : EditOutcome.Of(made, EditWords.FormatStandsOnTheNowAnd(station!.Name, Side == Side.Left ? "left" : "right"));
    }
}
