using BurlyRidge.Core;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Pictures;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;

namespace BurlyRidge.Server.Walkaround;

/// <summary>A rig to be walked round.</summary>
public sealed record WalkaroundRequest(Rig Rig) : IAboutRig;

/// <summary>A rig and one run, or line planned in short, of it.</summary>
public sealed record RoutesRequest(Rig Rig, string Id) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems()
    {
        if (Rig.Runs.All(run => run.Id != Id) && Rig.Lines.All(line => line.Id != Id)) yield return new Problem("id", ServerWords.FormatThereIsNoRunOr(Id));
    }
}

/// <summary>Two places of one view of the vehicle of a rig.</summary>
public sealed record MeasureRequest(Rig Rig, ViewSide Side, Spot From, Spot To) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems()
    {
        if (Rig.Body is null) yield return new Problem("rig.body", ServerWords.NoVehicleChosen);
        foreach (var (name, spot) in new[] { ("from", From), ("to", To) })
            if (!double.IsFinite(spot.X) || !double.IsFinite(spot.Y)) yield return new Problem(name, ServerWords.GiveTwoNumbers);
    }
}

/// <summary>A rig and one mount of its body.</summary>
/// <param name="By">What those that go are put in order by.</param>
public sealed record CandidatesRequest(Rig Rig, string Mount, RankBy By = RankBy.Light) : IAboutRig
{
    internal Mount? Found => Rig.Body?.Mounts.FirstOrDefault(mount => mount.Id == Mount);

    IEnumerable<Problem> IAboutRig.Problems()
    {
        if (Found is null) yield return new Problem("mount", ServerWords.FormatThereIsNoMountCalled(Mount));
    }
}

/// <summary>Where it goes, whether it fits, how far the wire runs; nothing is stored.</summary>
internal static class WalkaroundEndpoints
{
    public static void MapWalkaround(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/jobs/{id}/picture", PictureAsync).WithName("jobPicture").WithTags("Walkaround").WithSummary("The vehicle of a job from its left side, with its lamps.").WithDescription("Paths as SVG has them, in metres.")
            .Produces<PictureView>().ProducesProblem(StatusCodes.Status404NotFound);
        var preview = routes.MapRigs("/api/preview", ServerWords.Walkaround);
        preview.MapPost("/walkaround", async (WalkaroundRequest request, CancellationToken client) =>
            {
                using var held = AssessmentCache.Hold(request.Rig);
                return TypedResults.Ok(WalkaroundView.Of(request.Rig, (await held.WholeAsync(client)).Routed));
            }).WithName("walkaround").Refuses()
            .WithSummary("The vehicle as drawn, what lies where, and the fit of what is placed.").WithDescription("Lengths in metres, sizes in millimetres.");
        preview.MapPost("/routes", (RoutesRequest request) => TypedResults.Ok(RouteChoice.Of(request.Rig, request.Id))).WithName("offerRoutes").Refuses()
            .WithSummary("The best way for a run or line, and others.").WithDescription("Each with length, heat, ties and what it passes.");
        preview.MapPost("/measure", (MeasureRequest request) => TypedResults.Ok(Measurement.Between(request.Rig, request.Side, request.From, request.To)!)).WithName("measure").Refuses()
            .WithSummary("From one place of a view to another.").WithDescription("Straight, and along the lanes where both ends are a mount or a station.");
        preview.MapPost("/candidates", async (CandidatesRequest request, LampCatalogue catalogue) =>
                TypedResults.Ok(Candidates.For(request.Found!, await catalogue.LampsAsync(), request.Rig.Vehicle, request.Rig.HouseRules.Units, request.By)))
            .WithName("offerCandidates").Refuses().WithSummary("What of the catalogue goes on a mount, and why the rest does not.").WithDescription("With the figure on every side.");
    }

    private static async Task<IResult> PictureAsync(string id, JobStore store, CancellationToken cancellation) =>
        await store.FindAsync(id, cancellation) is { Unreadable.Count: 0, TooLarge.Count: 0 } job && VehiclePicture.Of(job.Rig, ViewSide.Left) is { } picture
            ? TypedResults.Ok(picture)
            : TypedResults.Problem(statusCode: StatusCodes.Status404NotFound, title: ServerWords.ThereIsNoPictureOf, detail: ServerWords.NoVehicleIsChosenOr);
}
