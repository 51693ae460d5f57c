using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Edits;

/// <summary>Another body; what was placed stands where the new one has a place of that name.</summary>
public sealed record ChangeBody(Body Body) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        if (BodyValidation.Validate(Body) is { Count: > 0 } problems) return new EditOutcome.Refused([.. problems.Select(problem => problem with { Path = $"body.{problem.Path}" })]);
        return EditOutcome.Of(BodyReferences.Kept(context.Rig with { Body = Body }));
    }
}

/// <summary>Takes a station out with its lanes; what stood there is placed nowhere.</summary>
public sealed record RemoveStation(string Station) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        if (context.Rig.Body is not { } body || body.Stations.All(station => station.Id != Station)) return EditOutcome.No("station", EditWords.FormatThereIsNoStationCalled(Station));
        string[] leaning = [.. body.Mounts.Where(mount => mount.Station == Station).Select(mount => mount.Name), .. body.Spaces.Where(space => space.Station == Station).Select(space => space.Name)];
        if (leaning.Length > 0) return new EditOutcome.NotPossible(EditWords.TheStationStays, EditWords.FormatWiresOfLeaveThereGive(string.Join(", ", leaning)));
        return EditOutcome.Of(BodyReferences.Kept(context.Rig with
        {
            Body = body with
            {
                Stations = [.. body.Stations.Where(station => station.Id != Station)],
                Lanes = [.. body.Lanes.Where(lane => lane.From != Station && lane.To != Station)],
            },
        }));
    }
}

/// <summary>Takes a lane out; nothing is asked to follow it any more.</summary>
public sealed record RemoveLane(string Lane) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context) => context.Rig.Body is { } body && body.Lanes.Any(lane => lane.Id == Lane)
        ? EditOutcome.Of(BodyReferences.Kept(context.Rig with { Body = body with { Lanes = [.. body.Lanes.Where(lane => lane.Id != Lane)] } }))
        : EditOutcome.No("lane", EditWords.FormatThereIsNoLaneCalled(Lane));
}

/// <summary>Takes a mount out; lamps on it are placed nowhere, lines that led there have their length by hand again.</summary>
public sealed record RemoveMount(string Mount) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context) => context.Rig.Body is { } body && body.Mounts.Any(mount => mount.Id == Mount)
        ? EditOutcome.Of(BodyReferences.Kept(context.Rig with
        {
            Body = body with { Mounts = [.. body.Mounts.Where(mount => mount.Id != Mount).Select(mount => mount.PairOf == Mount ? mount with { PairOf = null } : mount)] },
        }))
        : EditOutcome.No("mount", EditWords.FormatThereIsNoMountCalled(Mount));
}

/// <summary>Takes a space out; what sat there is placed nowhere.</summary>
public sealed record RemoveSpace(string Space) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context) => context.Rig.Body is { } body && body.Spaces.Any(space => space.Id == Space)
        ? EditOutcome.Of(BodyReferences.Kept(context.Rig with { Body = body with { Spaces = [.. body.Spaces.Where(space => space.Id != Space)] } }))
        : EditOutcome.No("space", EditWords.FormatThereIsNoPlaceCalled(Space));
}

/// <summary>What of a rig names places and lanes of its body.</summary>
internal static class BodyReferences
{
    /// <summary>The rig without what names a place or a lane that its body does not have.</summary>
    public static Rig Kept(Rig rig)
    {
        var places = rig.Body!.PlaceNames();
        var lanes = rig.Body.Lanes.Select(lane => lane.Id).ToHashSet(StringComparer.Ordinal);
        Lay Kept(Lay lay) => lay with { Through = [.. lay.Through.Where(lanes.Contains)] };
        return rig with
        {
            Places = [.. rig.Places.Where(place => places.Contains(place.At))],
            Runs = [.. rig.Runs.Select(run => run.Lay is { } lay ? run with { Lay = Kept(lay) } : run)],
            Lines = [.. rig.Lines.Select(line => line.Plan is { Lay: { } lay } plan
                ? line with { Plan = plan with { Lay = places.Contains(lay.To) ? lay with { Lay = Kept(lay.Lay) } : null } }
                : line)],
        };
    }
}
